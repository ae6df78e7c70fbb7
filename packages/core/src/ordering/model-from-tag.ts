import { type CatalogueModel, type ModelSize } from '../lineup/index.js';
import type { RatingId } from '../rating/index.js';
import { BODY_MATERIALS, type BodyMaterial } from '../valves/index.js';
import { readTag } from './read-tag.js';
import type { ValveSpec } from './valve-spec.js';

/** What a casting settles of a catalogue's model, and the size it was read in. */
export interface TaggedModel {
  model: Partial<Omit<CatalogueModel, 'sizes'>>;
  dn?: ModelSize['dn'];
  unread: string[];
}

/** Ratings as they are cast, and the built-in table that carries them. */
const RATED: Readonly<Record<string, RatingId>> = {
  'cwp 600': 'body-brass-600cwp',
  'cwp 1000': 'body-steel-ball-1000cwp',
  'wsp 125': 'body-bronze-125',
  'wsp 150': 'body-bronze-150',
  'psi 250': 'body-ductile-250psi',
};
const BY_CLASS: Readonly<Record<string, RatingId>> = {
  'bronze 125': 'body-bronze-125',
  'bronze 150': 'body-bronze-150',
  'grey-iron 125': 'body-iron-125',
  'carbon-steel 150': 'body-steel-150',
  'carbon-steel 300': 'body-steel-300',
  'carbon-steel 800': 'body-steel-800',
};

/**
 * Starts a catalogue's model from what a tag or casting says. What it does not settle is left open, to be filled in.
 *
 * @param text what is cast, stamped or printed
 *
 * @example
 * modelFromTag('3 300 WCB') // { model: { bodyMaterial: 'carbon-steel', ratingId: 'body-steel-300' }, dn: 80, unread: [] }
 */
export function modelFromTag(text: string): TaggedModel {
  const { known, unread } = readTag(text);
  const bodyMaterial = materialOf(known.body);
  const ratingId = ratingOf(known, bodyMaterial);
  const [first, second = first] = (known.ends ?? []).map(({ style }) => style);
  const settled: TaggedModel['model'] = {
    ...(known.type && { type: known.type }),
    ...(known.port && { port: known.port }),
    ...(known.pieces !== undefined && { pieces: known.pieces }),
    ...(bodyMaterial && { bodyMaterial }),
    ...(known.seat && { seatMaterial: known.seat }),
    ...(known.disc && { discMaterial: known.disc }),
    ...(known.stem && { stem: known.stem }),
    ...(known.operator && { operator: known.operator }),
    ...(first && second && { ends: [first, second] }),
    ...(known.approvals && { approvals: known.approvals }),
    ...(known.standard !== undefined && { standard: known.standard }),
    ...(ratingId && { ratingId }),
  };
  return { model: settled, ...(known.dn !== undefined && { dn: known.dn }), unread };
}

/** A steel by its designation is carbon steel or stainless to the rules. */
function materialOf(body: ValveSpec['body']): BodyMaterial | undefined {
  if (body === undefined) return undefined;
  const known = BODY_MATERIALS.find((material) => material === body);
  return known ?? (body === 'A216 WCB' || body === 'A105' ? 'carbon-steel' : 'stainless');
}

function ratingOf({ rating }: ValveSpec, body: BodyMaterial | undefined): RatingId | undefined {
  if (!rating) return undefined;
  return rating.kind === 'class'
    ? BY_CLASS[`${body ?? ''} ${rating.value}`]
    : RATED[`${rating.kind} ${rating.value}`];
}
