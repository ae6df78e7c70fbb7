import type { OpenQuestions } from './open-questions.js';

/**
 * Which verdicts hold only so far: an open question could change them.
 *
 * @param asked what `openQuestions` gave for the candidates
 * @returns indexes of candidates
 *
 * @example
 * openVerdicts({ top: 0, topVerdict: 'fits', questions: [], idle: [] }).size // 0
 */
export function openVerdicts({ top, questions }: OpenQuestions): Set<number> {
  const open = new Set<number>();
  for (const { values, matters } of questions) {
    if (matters === 'pick' && top !== null) open.add(top);
    for (const { changed } of values) for (const index of changed) open.add(index);
  }
  return open;
}
