import type { Candidate } from '../../judgement/selection/index.js';
import { BODY_MATERIALS, type BodyMaterial } from '../../ground/valves/index.js';
import { ratingTableOf } from './rating-marks.js';
import type { ValveSpec } from './valve-spec.js';

/** A steel by its designation is carbon steel or stainless to the rules. */
function materialOf(body: ValveSpec['body']): BodyMaterial | undefined {
  if (body === undefined) return undefined;
  const known = BODY_MATERIALS.find((material) => material === body);
  return known ?? (body === 'A216 WCB' || body === 'A105' ? 'carbon-steel' : 'stainless');
}

/**
 * A valve as it is ordered, as the rules judge it: a supplier's substitute is judged like any other candidate.
 *
 * @param spec what is known of it
 * @returns its details as a candidate of `select`; without a type where the spec has none
 *
 * @example
 * candidateOfSpec({ type: 'ball', body: 'CF8M', seat: 'ptfe' }) // { type: 'ball', bodyMaterial: 'stainless', seatMaterial: 'ptfe' }
 */
export function candidateOfSpec(spec: ValveSpec): Partial<Candidate> {
  const bodyMaterial = materialOf(spec.body);
  const ratingId = ratingTableOf(spec.rating, bodyMaterial);
  const [first, second = first] = (spec.ends ?? []).map(({ style }) => style);
  return {
    ...(spec.type && { type: spec.type }),
    ...(spec.port && { port: spec.port }),
    ...(spec.pieces !== undefined && { pieces: spec.pieces }),
    ...(bodyMaterial && { bodyMaterial }),
    ...(spec.seat && { seatMaterial: spec.seat }),
    ...(spec.disc && { discMaterial: spec.disc }),
    ...(spec.stem && { stem: spec.stem }),
    ...(spec.operator && { operator: spec.operator }),
    ...(first && second && { ends: [first, second] }),
    ...(spec.approvals && { approvals: spec.approvals }),
    ...(ratingId && { ratingId }),
    ...(spec.setPressurePa !== undefined && { setPressurePa: spec.setPressurePa }),
    ...(spec.capacityKgH !== undefined && { capacityKgH: spec.capacityKgH }),
    ...(spec.sealWeld !== undefined && { sealWeld: spec.sealWeld }),
  };
}
