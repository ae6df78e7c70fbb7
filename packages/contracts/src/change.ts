import type { ChangeKind, HookUpChoices, PositionDuty, Wets } from '@grevik/core';
import type { PickView } from './line.js';

interface ChangeBase {
  id: string;
  by: string;
  at: string;
  /** The change this one took back. */
  undoes: string | null;
}

/** What a pick was before or after: enough to bring it back. */
export type PickKept = Omit<PickView, 'pickedAt' | 'pickedBy'>;

export interface NameKept {
  tag: string;
  remarks: string;
}

/** Where a position is on the earth, degrees. */
export interface PlaceKept {
  longitude: number;
  latitude: number;
}

/** One change of a position, as its history shows it. */
export type PositionChangeView = ChangeBase &
  (
    | { kind: 'duty'; before: PositionDuty; after: PositionDuty }
    | { kind: 'pick'; before: PickKept | null; after: PickKept | null }
    | { kind: 'name'; before: NameKept; after: NameKept }
    | { kind: 'hook-up'; before: HookUpChoices; after: HookUpChoices }
    | { kind: 'place'; before: PlaceKept | null; after: PlaceKept | null }
    | { kind: 'photo'; before: null; after: { photoId: string } }
    | { kind: 'wets'; before: { wets: Wets | null }; after: { wets: Wets | null } }
    | { kind: 'station'; before: object | null; after: { deviceId: string | null } }
    | { kind: 'owner-page'; before: null; after: { page: 'made' | 'withdrawn' } }
  );

/** One of a person's own last changes, anywhere. */
export interface OwnChangeView {
  id: string;
  kind: ChangeKind;
  at: string;
  /** Null for what was done to the company as a whole. */
  jobId: string | null;
  /** What it was done to: a tag or a name. */
  what: string;
  /** Where to look at it, while it is there. */
  lineId: string | null;
  undoes: string | null;
  isUndone: boolean;
}

/** How far back a person may take back what they did. */
export const UNDO_DEPTH = 20;
