// Turns the public-domain outlines of Natural Earth into our own drawing of the world: all land for the page's ground
// (world.svg); each country's outline and the point at which its mark stands (world.json). Run by `npm run build`.
import { readFileSync, writeFileSync } from 'node:fs';
import { geoEqualEarth, geoPath } from 'd3-geo';
import { feature } from 'topojson-client';

const WIDTH = 1000;
const HEIGHT = 487;
// The frozen south has no children to give to; without it the rest is drawn larger.
const LEFT_OUT = ['AQ'];

const read = (detail) => {
    const world = JSON.parse(readFileSync(`node_modules/world-atlas/countries-${detail}.json`, 'utf8'));
    return feature(world, world.objects.countries).features;
};

// The outlines bear numbers; the system knows the letters that stand for the same country.
const letters = (number) => Intl.getCanonicalLocales(`und-${number}`)[0].slice(4);
const known = (one) => one.id !== undefined && /^[A-Z]{2}$/.test(letters(one.id)) && !LEFT_OUT.includes(letters(one.id));

const coarse = read('110m').filter((one) => !LEFT_OUT.includes(one.id === undefined ? '' : letters(one.id)));
const fine = read('50m').filter(known);
const projection = geoEqualEarth().fitSize([WIDTH, HEIGHT], { type: 'FeatureCollection', features: coarse });
const path = geoPath(projection).digits(1);

// Of a country in several parts the mark stands on the largest: not in the sea between them.
const largest = (one) => one.geometry.type !== 'MultiPolygon' ? one : one.geometry.coordinates
    .map((coordinates) => ({ type: 'Feature', geometry: { type: 'Polygon', coordinates } }))
    .reduce((most, part) => (path.area(part) > path.area(most) ? part : most));

const countries = {};
let others = '';
for (const one of coarse) {
    if (known(one)) countries[letters(one.id)] = { path: path(one) };
    else others += path(one);
}
for (const one of fine) {
    const [x, y] = path.centroid(largest(one));
    countries[letters(one.id)] = { ...countries[letters(one.id)], at: [Math.round(x), Math.round(y)] };
}

const land = others + Object.values(countries).map((one) => one.path ?? '').join('');
writeFileSync('public/build/world.svg', `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}"><path d="${land}"/></svg>`);
writeFileSync('public/build/world.json', JSON.stringify({ width: WIDTH, height: HEIGHT, countries }));
console.log(`The world in ${Object.keys(countries).length} countries: public/build/world.svg and world.json`);
