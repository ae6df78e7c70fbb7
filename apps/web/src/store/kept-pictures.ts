import { device } from './device-database';

/** The longer side of a picture that is kept, points. */
const SMALL_PX = 320;
const QUALITY = 0.7;

/** Which of these pictures are not on the device yet. */
export async function missingPictures(paths: readonly string[]): Promise<string[]> {
  const kept = new Set(
    await device.pictures
      .where('path')
      .anyOf([...paths])
      .primaryKeys(),
  );
  return paths.filter((path) => !kept.has(path));
}

/** Fetches a picture and keeps it small on the device; one that cannot be fetched or read is left out. */
export async function keepPicture(path: string, ownerId: string): Promise<void> {
  const answer = await fetch(`${window.location.origin}/api/${path}`);
  if (!answer.ok) return;
  const small = await scaledDown(await answer.blob());
  await device.pictures.put({ path, ownerId, picture: small });
}

/** A picture that is kept; undefined where it is not. */
export const keptPicture = async (path: string): Promise<Blob | undefined> =>
  (await device.pictures.get(path))?.picture;

async function scaledDown(picture: Blob): Promise<Blob> {
  const whole = await createImageBitmap(picture);
  const scale = Math.min(1, SMALL_PX / Math.max(whole.width, whole.height));
  const canvas = new OffscreenCanvas(Math.round(whole.width * scale), Math.round(whole.height * scale));
  canvas.getContext('2d')?.drawImage(whole, 0, 0, canvas.width, canvas.height);
  whole.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}
