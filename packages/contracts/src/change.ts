import type { HookUpChoices, PositionDuty } from '@grevik/core';
import type { PickView } from './line.js';

export const CHANGE_KINDS = ['duty', 'pick', 'name', 'hook-up', 'walk', 'walk-list'] as const;
export type ChangeKind = (typeof CHANGE_KINDS)[number];

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

/** One change of a position, as its history shows it. */
export type PositionChangeView = ChangeBase &
  (
    | { kind: 'duty'; before: PositionDuty; after: PositionDuty }
    | { kind: 'pick'; before: PickKept | null; after: PickKept | null }
    | { kind: 'name'; before: NameKept; after: NameKept }
    | { kind: 'hook-up'; before: HookUpChoices; after: HookUpChoices }
  );

/** One of a person's own last changes, anywhere. */
export interface OwnChangeView {
  id: string;
  kind: ChangeKind;
  at: string;
  jobId: string;
  /** What it was done to: a position's tag, or the lines that were brought. */
  what: string;
  /** Where to look at it, while it is there. */
  lineId: string | null;
  undoes: string | null;
  isUndone: boolean;
}

/** How far back a person may take back what they did. */
export const UNDO_DEPTH = 20;
