import { kvFromK, valveResistance } from '../loss/index.js';
import { type Duty, pipeBoreM } from '../selection/index.js';
import { valveTypeFacts } from '../valves/index.js';
import type { CatalogueModel, ModelSize } from './catalogue-model.js';

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
 * @returns undefined where neither a Kv nor the pipe's bore is known, or the type loses by its capacity
 *
 * @example
 * openValve(duty, { type: 'ball', port: 'full', ... }, { dn: 20, kv: 41, price: 18 }) // { kv: 41, source: 'sheet', boreRatio: 1 }
 */
export function openValve(duty: Duty, model: CatalogueModel, size: ModelSize): OpenValve | undefined {
  const pipeM = pipeBoreM(duty);
  const boreM = size.boreM ?? (model.port === 'full' ? pipeM : undefined);
  const ratio = boreM !== undefined && pipeM !== undefined ? { boreRatio: Math.min(1, boreM / pipeM) } : {};
  if (size.kv !== undefined) return { kv: size.kv, source: 'sheet', ...ratio };
  const facts = valveTypeFacts(model.type);
  if (pipeM === undefined || (facts.lossMultiple === undefined && facts.family !== 'butterfly'))
    return undefined;
  const taper =
    ratio.boreRatio !== undefined && model.taperAngleDeg !== undefined
      ? { taperAngleDeg: model.taperAngleDeg }
      : {};
  return {
    kv: kvFromK(valveResistance({ type: model.type, ...ratio, ...taper }, pipeM), pipeM),
    source: 'estimate',
    ...ratio,
  };
}
