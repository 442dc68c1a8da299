// Our fonts, for the screen and for paper. The screen gets the letters of the western languages and the weights that the
// theme uses, which is half of what the packages ship. The PDF printer reads TrueType and no web fonts, so a WOFF, a
// TrueType whose tables are compressed one by one, is unpacked for it.
import { mkdirSync, readFileSync, writeFileSync, copyFileSync } from "node:fs";
import { inflateSync } from "node:zlib";
import subsetFont from "subset-font";

const [screen, out] = process.argv.slice(2);
const HEADER = 44;
const ENTRY = 20;

function trueType(woff) {
    const count = woff.readUInt16BE(12);
    const tables = [];
    for (let i = 0; i < count; i++) {
        const at = HEADER + i * ENTRY;
        const [offset, packed, length] = [4, 8, 12].map((step) => woff.readUInt32BE(at + step));
        const bytes = woff.subarray(offset, offset + packed);
        tables.push({
            tag: woff.subarray(at, at + 4),
            sum: woff.readUInt32BE(at + 16),
            data: packed < length ? inflateSync(bytes) : bytes,
        });
    }
    const power = Math.floor(Math.log2(count));
    const head = Buffer.alloc(12 + count * 16);
    woff.copy(head, 0, 4, 8);
    head.writeUInt16BE(count, 4);
    head.writeUInt16BE(16 << power, 6);
    head.writeUInt16BE(power, 8);
    head.writeUInt16BE(count * 16 - (16 << power), 10);
    const parts = [head];
    let place = head.length;
    tables.forEach(({ tag, sum, data }, i) => {
        const at = 12 + i * 16;
        tag.copy(head, at);
        head.writeUInt32BE(sum, at + 4);
        head.writeUInt32BE(place, at + 8);
        head.writeUInt32BE(data.length, at + 12);
        const padded = Buffer.alloc(Math.ceil(data.length / 4) * 4);
        data.copy(padded);
        parts.push(padded);
        place += padded.length;
    });
    return Buffer.concat(parts);
}

const range = (first, last) => String.fromCodePoint(...Array.from({ length: last - first + 1 }, (_, i) => first + i));
// Basic Latin, Latin-1 and Latin Extended-A, and the marks that our pages draw.
const LETTERS = `${range(0x20, 0x7e)}${range(0xa0, 0x17f)}–—‘’“”„…•′″←↑→↓−×÷≤≥≈≠°µΩ€™⌫✓`;

/** Headings have one weight; a text has whichever stands between plain and bold. */
const SCREEN = [
    { family: "atkinson-hyperlegible-next", wght: { min: 400, max: 700 } },
    { family: "bitter", wght: 650 },
];

mkdirSync(screen, { recursive: true });
for (const { family, wght } of SCREEN) {
    const whole = readFileSync(`node_modules/@fontsource-variable/${family}/files/${family}-latin-wght-normal.woff2`);
    const cut = await subsetFont(whole, LETTERS, { targetFormat: "woff2", variationAxes: { wght } });
    writeFileSync(`${screen}/${family}.woff2`, cut);
}

mkdirSync(out, { recursive: true });
for (const subset of ["latin", "latin-ext"]) {
    for (const weight of [400, 700]) {
        const name = `atkinson-hyperlegible-next-${subset}-${weight}-normal`;
        const woff = readFileSync(`node_modules/@fontsource/atkinson-hyperlegible-next/files/${name}.woff`);
        writeFileSync(`${out}/${subset}-${weight}.ttf`, trueType(woff));
    }
}
// Whatever letter ours lacks.
copyFileSync("node_modules/dejavu-fonts-ttf/ttf/DejaVuSans.ttf", `${out}/others-400.ttf`);
copyFileSync("node_modules/dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf", `${out}/others-700.ttf`);
