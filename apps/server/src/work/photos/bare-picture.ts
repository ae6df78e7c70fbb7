import type { PHOTO_TYPES } from '@grevik/contracts';

const PNG_HEAD = 8;
const PNG_CHUNKS = new Set(['IHDR', 'PLTE', 'tRNS', 'IDAT', 'IEND', 'gAMA', 'pHYs', 'sRGB', 'cHRM']);
const WEBP_CHUNKS = new Set(['VP8 ', 'VP8L', 'VP8X', 'ALPH']);
const END_OF_IMAGE = 0xd9;
const START_OF_SCAN = 0xda;
/** Application segments and comments of a JPEG: place, camera, thumbnails. JFIF's own (0xe0) says only the shape of a pixel. */
const isExtra = (marker: number): boolean => (marker > 0xe0 && marker <= 0xef) || marker === 0xfe;

/**
 * Whether a picture's file holds its pixels and nothing else: no place, camera, comment or thumbnail, and nothing behind its end.
 *
 * @param file a file that begins like one of its type
 * Source: JPEG ITU-T T.81 annex B, PNG (ISO/IEC 15948) clause 5, WebP container RFC 9649.
 *
 * @example
 * isBarePicture(jpegFromAPhone, 'image/jpeg') // false: it says where it was taken
 */
export function isBarePicture(file: Buffer, type: (typeof PHOTO_TYPES)[number]): boolean {
  if (type === 'image/png') return isBarePng(file);
  if (type === 'image/webp') return isBareWebp(file);
  return isBareJpeg(file);
}

function isBarePng(file: Buffer): boolean {
  let at = PNG_HEAD;
  while (at + 12 <= file.length) {
    const name = file.toString('latin1', at + 4, at + 8);
    if (!PNG_CHUNKS.has(name)) return false;
    at += 12 + file.readUInt32BE(at);
    if (name === 'IEND') return at === file.length;
  }
  return false;
}

function isBareWebp(file: Buffer): boolean {
  if (file.length < 12 || file.readUInt32LE(4) + 8 !== file.length) return false;
  let at = 12;
  while (at + 8 <= file.length) {
    if (!WEBP_CHUNKS.has(file.toString('latin1', at, at + 4))) return false;
    const length = file.readUInt32LE(at + 4);
    at += 8 + length + (length % 2);
  }
  return at === file.length;
}

function isBareJpeg(file: Buffer): boolean {
  let at = 2;
  while (at + 4 <= file.length) {
    const marker = file[at + 1] as number;
    if (file[at] !== 0xff || isExtra(marker)) return false;
    if (marker === END_OF_IMAGE) return at + 2 === file.length;
    at += 2 + file.readUInt16BE(at + 2);
    if (marker === START_OF_SCAN) at = endOfScan(file, at);
  }
  return at + 2 === file.length && file[at] === 0xff && file[at + 1] === END_OF_IMAGE;
}

/** Where the next segment begins: within a scan 0xff stands before a zero or a restart. */
function endOfScan(file: Buffer, from: number): number {
  let at = file.indexOf(0xff, from);
  while (at >= 0) {
    const next = file[at + 1] ?? 0;
    if (next !== 0 && !(next >= 0xd0 && next <= 0xd7)) return at;
    at = file.indexOf(0xff, at + 2);
  }
  return file.length;
}
