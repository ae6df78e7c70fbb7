import { IsIn, IsISO8601, IsOptional, MaxLength } from 'class-validator';

/** Largest photo taken in, bytes; the browser scales down before it sends. */
export const LARGEST_PHOTO = 8 * 1024 * 1024;
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
/** What a photo shows: how it looked before the work, or after it. */
export const PHOTO_SHOWS = ['before', 'after'] as const;
export type PhotoShows = (typeof PHOTO_SHOWS)[number];

/** What the device says of a photo it sends. */
export class PhotoQuery {
  @IsOptional()
  @IsIn(PHOTO_SHOWS, { message: `shows must be one of ${PHOTO_SHOWS.join(', ')}` })
  shows?: PhotoShows;

  /** When it was taken, by the clock of the device; else the moment it comes in. */
  @IsOptional()
  @IsISO8601({ strict: true })
  @MaxLength(30, { message: 'takenAt must be a moment, like 2026-11-20T08:30:00Z' })
  takenAt?: string;
}

export interface PhotoView {
  id: string;
  positionId: string;
}

/** A photo of a position, without its picture. */
export interface PhotoTaken {
  id: string;
  takenAt: string;
  by: string;
  shows: PhotoShows | null;
}
