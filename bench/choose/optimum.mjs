// Solves integer programs, one a line of the input as JSON text in the “lp” format, and writes the best values.
import highs from 'highs';
import { createInterface } from 'node:readline';

const solver = await highs();
for await (const line of createInterface({ input: process.stdin })) {
    const found = solver.solve(JSON.parse(line), { time_limit: 60, mip_rel_gap: 0.00001 });
    console.log(JSON.stringify({ status: found.Status, value: found.ObjectiveValue }));
}
