import type { DrillAnswer } from '@grevik/core';
import { useCallback } from 'react';
import { useOutbox } from '../../store/useOutbox';
import { useWords } from '../../words';
import type { DrillToTake } from './drill-to-take';

/** What became of an answer on its way to the record. */
export type Kept = { kind: 'stored' } | { kind: 'waits' } | { kind: 'refused'; reason: string };

interface Answered {
  /** Made with the question: pressed twice it is one answer. */
  id: string;
  answer: DrillAnswer;
  tookS: number;
}

/** Sends an answer to the record: at once, or when there is a network. */
export function useAnswer(): (drill: DrillToTake, answered: Answered) => Promise<Kept> {
  const outbox = useOutbox();
  const words = useWords();
  return useCallback(
    async ({ of, kind }, { id, answer, tookS }) => {
      const sent = await outbox({
        title: words(`drills.kinds.${kind}`),
        path: 'drills/results',
        body: { id, ...of, answer, tookS, takenAt: new Date().toISOString() },
      });
      if (sent.kind === 'refused') return { kind: 'refused', reason: sent.refusal };
      return { kind: sent.kind };
    },
    [outbox, words],
  );
}
