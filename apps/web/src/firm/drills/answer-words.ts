import { type Candidate, type DrillAnswer, type HandlePoint, type MadeDrill } from '@grevik/core';
import { candidateWords } from './candidate-words';
import { translated } from '../../words';

/** An answer as it is read. */
export function answerWords({ answer: asked }: MadeDrill, answer: DrillAnswer): string {
  switch (asked.form) {
    case 'choice': {
      const chosen = asked.choices.find(({ id }) => id === answer);
      if (!chosen) return '';
      if (typeof chosen.text === 'string') return translated(chosen.text);
      const { name, details } = candidateWords(chosen as unknown as Candidate);
      return `${name}, ${details}`;
    }
    case 'order':
      return (answer as readonly string[])
        .map((id, at) => `${at + 1}. ${translated(asked.items.find((item) => item.id === id)?.text ?? '')}`)
        .join(' ');
    case 'valves':
      return (answer as readonly string[]).join(', ');
    case 'closing':
      return `${(answer as readonly HandlePoint[]).at(-1)?.timeS.toFixed(1)} s`;
    case 'text':
      return String(answer);
  }
}
