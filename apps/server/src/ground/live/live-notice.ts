import type { LiveNoticeView } from '@grevik/contracts';

/** The channel of PostgreSQL that every server listens to. */
export const CHANNEL = 'grevik_live';

/** Something changed, as it goes from the server that did it to all of them. */
export interface LiveNotice extends LiveNoticeView {
  companyId: string;
  /** Its number in the log; null for what is not in it. */
  number: number | null;
  /** The page that did it. */
  tab: string | null;
}

/** Whoever has a position open came or went there. */
export interface PlaceNotice {
  companyId: string;
  tab: string;
  /** The position left, and the one opened. */
  from: string | null;
  at: string | null;
}

export type Told = LiveNotice | PlaceNotice;
export const isPlace = (told: Told): told is PlaceNotice => 'at' in told;
