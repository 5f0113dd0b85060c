// Unpacks the static instances of our two faces for the PDF library, which reads TrueType:
//   npm i --no-save @fontsource/bricolage-grotesque @fontsource/atkinson-hyperlegible-next && node resources/fonts/make.mjs
// A WOFF file is a TrueType file whose tables are deflated one by one.
import { inflateSync } from 'node:zlib';
import { readFileSync, writeFileSync } from 'node:fs';

function unpacked(woff) {
    const tables = [];
    for (let i = 0; i < woff.readUInt16BE(12); i += 1) {
        const at = 44 + i * 20;
        const [offset, packed, length] = [4, 8, 12].map((add) => woff.readUInt32BE(at + add));
        const bytes = woff.subarray(offset, offset + packed);
        const data = packed < length ? inflateSync(bytes) : bytes;
        tables.push({ tag: woff.subarray(at, at + 4), sum: woff.readUInt32BE(at + 16), data });
    }
    const power = 2 ** Math.floor(Math.log2(tables.length));
    const head = Buffer.alloc(12 + tables.length * 16);
    woff.copy(head, 0, 4, 8);
    head.writeUInt16BE(tables.length, 4);
    head.writeUInt16BE(power * 16, 6);
    head.writeUInt16BE(Math.log2(power), 8);
    head.writeUInt16BE((tables.length - power) * 16, 10);
    const parts = [head];
    let end = head.length;
    tables.forEach(({ tag, sum, data }, i) => {
        const at = 12 + i * 16;
        tag.copy(head, at);
        head.writeUInt32BE(sum, at + 4);
        head.writeUInt32BE(end, at + 8);
        head.writeUInt32BE(data.length, at + 12);
        const padded = Buffer.alloc(Math.ceil(data.length / 4) * 4);
        data.copy(padded);
        parts.push(padded);
        end += padded.length;
    });

    return Buffer.concat(parts);
}

for (const [face, weight] of [
    ['atkinson-hyperlegible-next', 400], ['atkinson-hyperlegible-next', 700], ['bricolage-grotesque', 800],
]) {
    const woff = readFileSync(`node_modules/@fontsource/${face}/files/${face}-latin-${weight}-normal.woff`);
    writeFileSync(`resources/fonts/pdf/${face}-${weight}.ttf`, unpacked(woff));
}
