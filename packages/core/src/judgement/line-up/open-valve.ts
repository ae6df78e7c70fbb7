import { type Duty, boreRatio, estimatedOpenKv } from '../selection/index.js';
import { type CatalogueModel, type ModelSize, candidateOf } from './catalogue-model.js';

/** What a valve passes fully open, and where the figure is from. */
export interface OpenValve {
  kv: number;
  source: 'sheet' | 'estimate';
  /** Bore of the valve over bore of the pipe, where both are known. */
  boreRatio?: number;
}

/**
 * Kv of a model fully open in the duty's pipe. The maker's figure wins over the handbook's estimate.
 *
 * @param duty  tells the pipe's bore
 * @param model type, port and taper
 * @param size  its Kv and bore, as far as the sheet gives them
 * @returns undefined where there is neither a figure nor an estimate
 *
 * @example
 * openValve(duty, { type: 'ball', port: 'full', ... }, { dn: 20, kv: 41, price: 18 }) // { kv: 41, source: 'sheet', boreRatio: 1 }
 */
export function openValve(duty: Duty, model: CatalogueModel, size: ModelSize): OpenValve | undefined {
  const candidate = candidateOf(model, size);
  const kv = size.kv ?? estimatedOpenKv(duty, candidate, model.taperAngleDeg);
  if (kv === undefined) return undefined;
  const ratio = boreRatio(duty, candidate);
  return {
    kv,
    source: size.kv === undefined ? 'estimate' : 'sheet',
    ...(ratio !== undefined && { boreRatio: ratio }),
  };
}
