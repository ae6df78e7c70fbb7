import { kvFromK, valveResistance } from '../../physics/loss/index.js';
import { valveTypeFacts } from '../../ground/valves/index.js';
import { type Candidate, type Duty, pipeBoreM, valveBoreM } from '../duty/index.js';

/** Bore of a valve over bore of its pipe, at most 1; undefined where one is not known. */
export function boreRatio(duty: Duty, valve: Candidate): number | undefined {
  const pipeM = pipeBoreM(duty);
  const boreM = valveBoreM(duty, valve);
  return pipeM === undefined || boreM === undefined ? undefined : Math.min(1, boreM / pipeM);
}

/**
 * Kv of a valve fully open in the duty's pipe, by the handbook's estimate.
 *
 * @param duty  tells the pipe's bore
 * @param valve type, port and bore
 * @param taperAngleDeg full angle of the taper into a reduced bore; abrupt where not known
 * @returns undefined where the pipe's bore, or that of a ball or a narrowed port, is not known, and for types that lose by their capacity
 *
 * @example
 * estimatedOpenKv({ ...duty, dn: 20, pipe: { material: 'copper' } }, { type: 'ball', port: 'full' }) // 58.88
 */
export function estimatedOpenKv(duty: Duty, valve: Candidate, taperAngleDeg?: number): number | undefined {
  const pipeM = pipeBoreM(duty);
  const ratio = boreRatio(duty, valve);
  const { family, lossMultiple } = valveTypeFacts(valve.type);
  const boreDecides = family === 'ball' || (valve.port !== undefined && valve.port !== 'full');
  if (pipeM === undefined || (ratio === undefined && boreDecides)) return undefined;
  if (lossMultiple === undefined && family !== 'butterfly') return undefined;
  const narrowed =
    ratio === undefined ? {} : { boreRatio: ratio, ...(taperAngleDeg !== undefined && { taperAngleDeg }) };
  return kvFromK(valveResistance({ type: valve.type, ...narrowed }, pipeM), pipeM);
}
