import compress from 'browser-image-compression';

/** A photo as it is sent: JPEG, at most 1600 points along its longer side and about half a megabyte, worked out beside the screen. */
export function scaledPhoto(file: File): Promise<Blob> {
  return compress(file, {
    maxSizeMB: 0.6,
    maxWidthOrHeight: 1600,
    fileType: 'image/jpeg',
    // Its own worker would be fetched from the network.
    useWebWorker: false,
  });
}
