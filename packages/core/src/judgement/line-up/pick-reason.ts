import { claimAndOptions } from '../selection/index.js';
import type { Column } from './line-up.js';
import { modelWords } from './model-words.js';

const VERDICT_WORDS = { fits: 'fits', care: 'fits with care', out: 'ruled out' } as const;

/**
 * The reason for a pick, written for the person who picks: what it is, the verdict, what decided, the weakest part.
 * It carries no figures in units, so that it reads the same in both systems.
 *
 * @example
 * pickReason(column) // 'Ball, full port (Ostrand 21P) fits. Weakest part: press joint, used to 38 %.'
 */
export function pickReason({ model, verdict, reasons, rating }: Column): string {
  const { name, from } = modelWords(model);
  const claims = reasons.map(({ text }) => claimAndOptions(text).claim);
  const weakest =
    rating?.utilisation === undefined
      ? []
      : [`Weakest part: ${rating.governing}, at ${Math.round(rating.utilisation * 100)} % of its rating.`];
  return [`${name} (${from}) ${VERDICT_WORDS[verdict]}.`, ...claims, ...weakest].join(' ');
}
