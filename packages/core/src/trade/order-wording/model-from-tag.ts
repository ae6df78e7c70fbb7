import { type CatalogueModel, type ModelSize } from '../../judgement/line-up/index.js';
import { candidateOfSpec } from './candidate-of-spec.js';
import { readTag } from './read-tag.js';

/** What a casting settles of a catalogue's model, and the size it was read in. */
export interface TaggedModel {
  model: Partial<Omit<CatalogueModel, 'sizes'>>;
  dn?: ModelSize['dn'];
  unread: string[];
}

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
  return {
    model: {
      ...candidateOfSpec(known),
      ...(known.standard !== undefined && { standard: known.standard }),
    },
    ...(known.dn !== undefined && { dn: known.dn }),
    unread,
  };
}
