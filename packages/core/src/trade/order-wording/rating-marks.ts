import type { RatingId } from '../../physics/rating/index.js';
import type { BodyMaterial } from '../../ground/valves/index.js';
import type { ValveSpec } from './valve-spec.js';

interface RatingMark {
  id: RatingId;
  rating: NonNullable<ValveSpec['rating']>;
  /** Of a class, which body it is said of. */
  body?: BodyMaterial;
}

/** Ratings as they are cast and ordered, beside the built-in table that carries them. */
const RATING_MARKS: readonly RatingMark[] = [
  { id: 'body-brass-600cwp', rating: { kind: 'cwp', value: 600 } },
  { id: 'body-steel-ball-1000cwp', rating: { kind: 'cwp', value: 1000 } },
  { id: 'body-bronze-125', rating: { kind: 'class', value: 125 }, body: 'bronze' },
  { id: 'body-bronze-150', rating: { kind: 'class', value: 150 }, body: 'bronze' },
  { id: 'body-iron-125', rating: { kind: 'class', value: 125 }, body: 'grey-iron' },
  { id: 'body-steel-150', rating: { kind: 'class', value: 150 }, body: 'carbon-steel' },
  { id: 'body-steel-300', rating: { kind: 'class', value: 300 }, body: 'carbon-steel' },
  { id: 'body-steel-800', rating: { kind: 'class', value: 800 }, body: 'carbon-steel' },
  { id: 'body-bronze-125', rating: { kind: 'wsp', value: 125 } },
  { id: 'body-bronze-150', rating: { kind: 'wsp', value: 150 } },
  { id: 'body-ductile-250psi', rating: { kind: 'psi', value: 250 } },
  { id: 'body-butterfly-150b', rating: { kind: 'psi', value: 150 } },
  { id: 'body-stop-125', rating: { kind: 'psi', value: 125 } },
  { id: 'body-plastic-235', rating: { kind: 'psi', value: 235 } },
  { id: 'body-plastic-150', rating: { kind: 'psi', value: 150 }, body: 'pvc' },
];

/**
 * The built-in table behind a rating as it is cast.
 *
 * @returns undefined where no table carries it
 *
 * @example
 * ratingTableOf({ kind: 'class', value: 300 }, 'carbon-steel') // 'body-steel-300'
 */
export function ratingTableOf(
  rating: ValveSpec['rating'],
  body: BodyMaterial | undefined,
): RatingId | undefined {
  if (!rating) return undefined;
  const said = RATING_MARKS.filter(
    ({ rating: { kind, value } }) => kind === rating.kind && value === rating.value,
  );
  return (
    said.find((mark) => mark.body !== undefined && mark.body === body) ??
    said.find((mark) => mark.body === undefined)
  )?.id;
}

/**
 * How a rating is said at the counter.
 *
 * @example
 * ratingMarkOf('body-brass-600cwp') // { kind: 'cwp', value: 600 }
 */
export const ratingMarkOf = (id: RatingId): ValveSpec['rating'] =>
  RATING_MARKS.find((mark) => mark.id === id)?.rating;
