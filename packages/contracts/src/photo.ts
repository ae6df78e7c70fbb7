/** Largest photo taken in, bytes; the browser scales down before it sends. */
export const LARGEST_PHOTO = 8 * 1024 * 1024;
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

export interface PhotoView {
  id: string;
  positionId: string;
}
