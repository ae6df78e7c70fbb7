import { BODY_WORDS, END_WORDS, SEAT_WORDS, VALVE_TYPE_FACTS } from '../../ground/valves/index.js';
import { capitalized } from '../../ground/wording/index.js';
import type { CatalogueModel } from './catalogue-model.js';

const PIECES = ['', 'one-piece', 'two-piece', 'three-piece'];

/**
 * A model's name as a foreman says it, and its particulars behind.
 *
 * @example
 * modelWords({ type: 'ball', port: 'full', pieces: 2, ends: ['press', 'press'], maker: 'Ostrand', model: '21P', ... })
 * // { name: 'Ball, full port', details: 'two-piece, press x press', from: 'Ostrand 21P' }
 */
export function modelWords(model: CatalogueModel): { name: string; details: string; from: string } {
  const name = `${capitalized(VALVE_TYPE_FACTS[model.type].words)}${model.port ? `, ${model.port} port` : ''}`;
  const closing = model.seatMaterial ?? model.discMaterial;
  const details = [
    PIECES[model.pieces ?? 0],
    model.ends?.map((end) => END_WORDS[end]).join(' × '),
    model.bodyMaterial && BODY_WORDS[model.bodyMaterial],
    closing && `${SEAT_WORDS[closing]} ${model.seatMaterial ? 'seats' : 'disc'}`,
  ].filter(Boolean);
  return { name, details: details.join(', '), from: `${model.maker} ${model.model}` };
}
