import type { PositionDuty } from './duty.js';
import type { DutyFact } from './rule.js';

/**
 * The facts of a duty that nobody measured or said: they are only assumed.
 *
 * @param duty with the origins of its facts
 *
 * @example
 * assumedFacts({ origins: { pressurePa: 'assumed', flowM3s: 'said' } }) // ['pressurePa']
 */
export const assumedFacts = ({ origins = {} }: Pick<PositionDuty, 'origins'>): DutyFact[] =>
  Object.entries(origins).flatMap(([fact, origin]) => (origin === 'assumed' ? [fact as DutyFact] : []));
