import { inflateSync } from 'node:zlib';

// WOFF 1.0 (W3C): a header, a directory of tables, each table deflated by itself. Opened as it lies, a reader inflates a table
// anew each time it looks into it: 350 ms a card, of 20 for all the rest. Unpacked once, it is a plain font.

const HEADER = 44;
const ENTRY = 20;
const SFNT_HEADER = 12;
const SFNT_ENTRY = 16;
const aligned = (bytes: number): number => (bytes + 3) & ~3;

/** The plain font that a WOFF file holds. Throws when it is none. */
export function unpackWoff(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('not a WOFF file');
  const flavour = woff.readUInt32BE(4);
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, index) => {
    const at = HEADER + index * ENTRY;
    const [offset, packed, size, checksum] = [4, 8, 12, 16].map((field) => woff.readUInt32BE(at + field)) as [
      number,
      number,
      number,
      number,
    ];
    const data = woff.subarray(offset, offset + packed);
    return { tag: woff.subarray(at, at + 4), checksum, data: packed < size ? inflateSync(data) : data };
  });
  const directory = SFNT_HEADER + count * SFNT_ENTRY;
  const font = Buffer.alloc(tables.reduce((end, { data }) => end + aligned(data.length), directory));
  const power = 2 ** Math.floor(Math.log2(count));
  font.writeUInt32BE(flavour, 0);
  [count, power * 16, Math.log2(power), (count - power) * 16].forEach((value, at) =>
    font.writeUInt16BE(value, 4 + 2 * at),
  );
  let offset = directory;
  tables.forEach(({ tag, checksum, data }, index) => {
    const at = SFNT_HEADER + index * SFNT_ENTRY;
    tag.copy(font, at);
    [checksum, offset, data.length].forEach((value, field) => font.writeUInt32BE(value, at + 4 + 4 * field));
    data.copy(font, offset);
    offset += aligned(data.length);
  });
  return font;
}
