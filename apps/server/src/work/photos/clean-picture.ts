import { LARGEST_PHOTO, PHOTO_TYPES } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import sharp from 'sharp';
import { isBarePicture } from './bare-picture.js';

export interface CleanPicture {
  type: (typeof PHOTO_TYPES)[number];
  content: Buffer;
}

/** Longest side that is kept, pixels: a casting can be read on it. */
const LONGEST_SIDE = 2560;
/** Most pixels that are decoded: a small file may unpack to gigabytes. */
const MOST_PIXELS = 60_000_000;

/**
 * A picture as it is kept: decoded, turned the right way up, at most 2560 pixels long, and written anew, so that nothing of the file but its
 * pixels is left (no place where it was taken, nothing behind its end). One that is nothing but pixels already stays byte for byte.
 *
 * @param sent  a file of whatever kind
 * @param field what a refusal names
 * @throws InvalidInput where it is too large, or no picture that can be decoded
 *
 * @example
 * (await cleanPicture(jpegWithPlace)).content // the same picture without the place
 */
export async function cleanPicture(sent: Buffer, field = 'photo'): Promise<CleanPicture> {
  if (sent.length > LARGEST_PHOTO)
    throw new InvalidInput(field, `The photo has ${sent.length} bytes: at most ${LARGEST_PHOTO} are stored.`);
  try {
    const picture = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error', sequentialRead: true });
    const { format, width, height } = await picture.metadata();
    const type = PHOTO_TYPES.find((known) => known === `image/${format}`);
    if (!type) throw new InvalidInput(field, `The file is ${format}: a photo is JPEG, PNG or WebP.`);
    if (Math.max(width, height) <= LONGEST_SIDE && isBarePicture(sent, type)) {
      // Decoded to its end: a file that only begins like a picture is none.
      await picture.stats();
      return { type, content: sent };
    }
    const content = await picture
      .autoOrient()
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .toFormat(type === 'image/jpeg' ? 'jpeg' : type === 'image/png' ? 'png' : 'webp', { quality: 86 })
      .toBuffer();
    return { type, content };
  } catch (error) {
    if (error instanceof InvalidInput) throw error;
    throw new InvalidInput(
      field,
      'The file cannot be decoded as a picture: a photo is JPEG, PNG or WebP, of at most 60 megapixels.',
    );
  }
}
