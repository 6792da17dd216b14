// Twenty people turn pages for a while: node bench/load/fire.mjs ADDRESS COOKIE SECONDS PEOPLE PAGES-A-SECOND PATH…
import autocannon from 'autocannon';

const [address, cookie, seconds, people, rate, ...paths] = process.argv.slice(2);
const result = await autocannon({
    url: address,
    connections: Number(people),
    duration: Number(seconds),
    overallRate: Number(rate),
    timeout: 30,
    headers: { Cookie: cookie },
    requests: paths.map((path) => ({ path })),
});
const { latency, errors, timeouts, non2xx, requests } = result;
console.log(JSON.stringify({ p50: latency.p50, p97: latency.p97_5, max: latency.max, errors, timeouts, non2xx, pages: requests.total }));
