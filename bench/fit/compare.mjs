// Reads problems, one JSON array of {width, height, depth, items: [[w, h, d], …]} (tenths of a millimetre), and writes what volume of each
// binpackingjs leaves out: the best of the six ways to name the box's axes. It knows no support, so that this is the most it could do.
import { readFileSync } from 'node:fs';
import { pack3D } from 'binpackingjs/3d';

const orders = [[0, 1, 2], [0, 2, 1], [1, 0, 2], [1, 2, 0], [2, 0, 1], [2, 1, 0]];
const leftOut = (box, items) => Math.min(...orders.map((order) => {
    const [width, height, depth] = order.map((axis) => box[axis]);
    const result = pack3D({
        bins: [{ name: 'box', width, height, depth, maxWeight: items.length }],
        items: items.map((sides, number) => {
            const [w, h, d] = order.map((axis) => sides[axis]);

            return { name: String(number), width: w, height: h, depth: d, weight: 0.5 };
        }),
    });

    return result.unfitItems.reduce((sum, item) => sum + items[Number(item.name)].reduce((volume, side) => volume * side), 0);
}));

const problems = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(problems.map(({ box, items }) => leftOut(box, items))));
