import { MEDIUM_FACTS, isFuelGas } from '../../ground/media/index.js';
import type { Duty } from '../../judgement/selection/index.js';
import type { DrillTrade } from './made-drill.js';

/**
 * What a drill about a real duty is about.
 *
 * @param duty its medium decides
 *
 * @example
 * tradeOf({ medium: 'natural-gas' }) // 'gas'
 */
export function tradeOf({ medium }: Pick<Duty, 'medium'>): DrillTrade {
  const { family } = MEDIUM_FACTS[medium];
  if (isFuelGas(medium)) return 'gas';
  if (medium === 'fire-water') return 'fire';
  return family === 'steam' ? 'steam' : family === 'waste' ? 'sewage' : 'water';
}
