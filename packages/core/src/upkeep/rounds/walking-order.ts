/** A position as far as it decides when one comes by. */
export interface PlacedPosition {
  id: string;
  /** Where its line stands in its job, and the job among the others. */
  line: number;
  /** Where it stands on its line, from the source. */
  place: number;
  /** Longitude and latitude, degrees. */
  coordinates?: readonly [number, number] | null | undefined;
}

type Spot = readonly [number, number];
const EARTH_M = 6_371_000;
const RADIANS = Math.PI / 180;
/** Passes of the improvement at most. */
const PASSES = 30;

/**
 * Meters between two coordinates, longitude first, degrees.
 *
 * @example
 * metersBetween([8, 53], [8, 53.001]) // about 111
 */
export function metersBetween(from: Spot, to: Spot): number {
  const x = (to[0] - from[0]) * RADIANS * Math.cos(((from[1] + to[1]) / 2) * RADIANS);
  return EARTH_M * Math.hypot(x, (to[1] - from[1]) * RADIANS);
}

/**
 * The order in which a person walks to positions: along each line from its source; those with coordinates as one short tour, after the others.
 *
 * @param positions of one or more jobs
 * @returns their ids
 *
 * @example
 * walkingOrder([{ id: 'b', line: 0, place: 2 }, { id: 'a', line: 0, place: 1 }]) // ['a', 'b']
 */
export function walkingOrder(positions: readonly PlacedPosition[]): string[] {
  const along = [...positions].sort((a, b) => a.line - b.line || a.place - b.place);
  const spots = along.flatMap(({ id, coordinates }) => (coordinates ? [{ id, at: coordinates }] : []));
  const indoors = along.filter(({ coordinates }) => !coordinates).map(({ id }) => id);
  return [...indoors, ...shortTour(spots.map(({ at }) => at)).map((at) => spots[at]?.id ?? '')];
}

/**
 * A short way past every spot, from the first: always the nearest next, then stretches turned round as long as that shortens it.
 *
 * @returns indexes of the spots
 *
 * @example
 * shortTour([[0, 0], [0, 2], [0, 1]]) // [0, 2, 1]
 */
export function shortTour(spots: readonly Spot[]): number[] {
  const tour = nearestNext(spots);
  const gap = (a: number, b: number): number => {
    const [from, to] = [spots[tour[a] ?? -1], spots[tour[b] ?? -1]];
    return from && to ? metersBetween(from, to) : 0;
  };
  for (let pass = 0, better = true; better && pass < PASSES; pass += 1) {
    better = false;
    for (let from = 1; from < tour.length - 1; from += 1)
      for (let to = from + 1; to < tour.length; to += 1)
        if (gap(from - 1, to) + gap(from, to + 1) + 0.01 < gap(from - 1, from) + gap(to, to + 1)) {
          tour.splice(from, to - from + 1, ...tour.slice(from, to + 1).reverse());
          better = true;
        }
  }
  return tour;
}

function nearestNext(spots: readonly Spot[]): number[] {
  const left = new Set(spots.keys());
  const tour: number[] = [];
  let here = spots[0];
  while (here) {
    let [best, least] = [-1, Infinity];
    for (const at of left) {
      const far = metersBetween(here, spots[at] ?? here);
      if (far < least) [best, least] = [at, far];
    }
    if (best < 0) break;
    left.delete(best);
    tour.push(best);
    here = spots[best];
  }
  return tour;
}
