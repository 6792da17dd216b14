// Reads a picture of black (1) and white (0) dots, line by line, and prints each code found with its sort.
import { readFileSync } from 'node:fs';
import {
    BinaryBitmap, Code128Reader, DecodeHintType, HybridBinarizer, QRCodeReader, RGBLuminanceSource,
} from '@zxing/library';

const rows = readFileSync(process.argv[2], 'utf8').split('\n');
const [width, height] = [rows[0].length, rows.length];
const grey = new Uint8ClampedArray(width * height);
rows.forEach((row, y) => [...row].forEach((dot, x) => { grey[y * width + x] = dot === '1' ? 0 : 255; }));

const hints = new Map([[DecodeHintType.TRY_HARDER, true]]);
for (const [sort, reader] of [['CODE_128', new Code128Reader()], ['QR_CODE', new QRCodeReader()]]) {
    const picture = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(grey, width, height)));
    console.log(sort, reader.decode(picture, hints).getText());
}
