import type { EntryRequest } from '@grevik/contracts';
import type { Visit } from '@grevik/core';
import { useEffect, useState } from 'react';
import { newId } from '../../store/new-id';

/** What somebody writes at a valve, until it is saved. Its id is made when it begins. */
export interface VisitDraft {
  id: string;
  visit: Visit;
  text: string;
}

const keyOf = (roundId: string, positionId: string): string => `grevik.visit.${roundId}.${positionId}`;

function read(key: string): VisitDraft | undefined {
  try {
    return JSON.parse(sessionStorage.getItem(key) ?? 'null') as VisitDraft | undefined;
  } catch {
    return undefined;
  }
}

export interface VisitDraftHere {
  draft: VisitDraft;
  change: (visit: Partial<Visit>) => void;
  write: (text: string) => void;
  /** The entry to be sent. */
  entry: (more?: Partial<Visit>) => EntryRequest;
  /** It was saved: what is written from now on is another entry. */
  saved: () => void;
}

/** The draft of a visit, kept in this tab past a reload. */
export function useVisitDraft(
  roundId: string,
  positionId: string,
  from?: Pick<VisitDraft, 'visit' | 'text'>,
): VisitDraftHere {
  const key = keyOf(roundId, positionId);
  const [draft, setDraft] = useState<VisitDraft>(
    () => read(key) ?? { id: newId(), visit: from?.visit ?? { roundId, done: [] }, text: from?.text ?? '' },
  );
  useEffect(() => sessionStorage.setItem(key, JSON.stringify(draft)), [key, draft]);
  return {
    draft,
    change: (visit) => setDraft((before) => ({ ...before, visit: without({ ...before.visit, ...visit }) })),
    write: (text) => setDraft((before) => ({ ...before, text })),
    entry: (more = {}) => ({
      id: draft.id,
      kind: 'visit',
      text: draft.text.trim(),
      visit: without({ ...draft.visit, ...more }),
      happenedAt: new Date().toISOString(),
    }),
    saved: () => sessionStorage.removeItem(key),
  };
}

/** What was unset again is left out. */
const without = (visit: Visit): Visit =>
  Object.fromEntries(Object.entries(visit).filter(([, value]) => value !== undefined)) as Visit;
