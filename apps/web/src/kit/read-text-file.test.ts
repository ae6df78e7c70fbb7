import { readTextFile } from './read-text-file';

/** A file of bytes; jsdom's own can not be read. */
const file = (...bytes: number[]): Blob =>
  ({ arrayBuffer: () => Promise.resolve(new Uint8Array(bytes).buffer) }) as Blob;

describe('the text of a file', () => {
  it.each([
    ['UTF-8', file(0xc2, 0xbe, 0x20, 0x69, 0x6e), '¾ in'],
    ['UTF-8 with its mark', file(0xef, 0xbb, 0xbf, 0x41), 'A'],
    ['the Windows code page', file(0xbe, 0x20, 0x69, 0x6e, 0x2c, 0x31, 0x30, 0x20, 0xb0, 0x43), '¾ in,10 °C'],
    ['UTF-16, little end first', file(0xff, 0xfe, 0xbe, 0x00), '¾'],
    ['UTF-16, big end first', file(0xfe, 0xff, 0x00, 0xbe), '¾'],
    ['nothing', file(), ''],
  ])('is read from %s', async (_encoding, bytes, text) => {
    expect(await readTextFile(bytes)).toBe(text);
  });
});
