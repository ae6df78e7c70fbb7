import type { Network } from '../../physics/isolation/index.js';

/** A place on the ground, m east and north of the middle of what is known. */
export interface GroundPoint {
  eastM: number;
  northM: number;
}

/** Fewer known places say nothing of how a line lies. */
export const FEWEST_KNOWN = 3;
const EARTH_RADIUS_M = 6_371_008.8;
/** A pipe whose length nobody measured counts as this long. */
const USUAL_LENGTH_M = 10;
const ROUNDS = 400;
const RADIANS = Math.PI / 180;

/**
 * Where the places of a network lie on the ground. Those with coordinates lie where they were measured; each of the others lies between its
 * neighbours, the nearer the shorter the pipe (a spring between every two places). Places that hang on nothing known lie with their neighbour.
 *
 * @param network     nodes and pipes with their lengths
 * @param coordinates longitude and latitude by node, degrees (WGS 84)
 * @returns every node's place; undefined where fewer than three are known
 *
 * Source: equirectangular projection about the mean, good to 0.1 % over some kilometres; mean earth radius of IUGG.
 *
 * @example
 * groundPlan(network, new Map([['a', [10, 60]], ['b', [10.001, 60]], ['c', [10, 60.001]]]))?.get('a') // { eastM: -18.5, northM: -37.1 }
 */
export function groundPlan(
  { nodes, links }: Network,
  coordinates: ReadonlyMap<string, readonly [longitude: number, latitude: number]>,
): Map<string, GroundPoint> | undefined {
  const known = nodes.flatMap(({ id }) => {
    const at = coordinates.get(id);
    return at ? [[id, at] as const] : [];
  });
  if (known.length < FEWEST_KNOWN) return undefined;
  const mean = (index: 0 | 1): number => known.reduce((sum, [, at]) => sum + at[index], 0) / known.length;
  const [longitude, latitude] = [mean(0), mean(1)];
  const points = new Map<string, GroundPoint>(
    known.map(([id, [east, north]]) => [
      id,
      {
        eastM: (east - longitude) * RADIANS * EARTH_RADIUS_M * Math.cos(latitude * RADIANS),
        northM: (north - latitude) * RADIANS * EARTH_RADIUS_M,
      },
    ]),
  );
  const fixed = new Set(points.keys());
  const beside = neighbours(links);
  const free = nodes.map(({ id }) => id).filter((id) => !fixed.has(id));
  for (let round = 0; round < ROUNDS; round += 1)
    for (const id of free) {
      const point = between(beside.get(id) ?? [], points);
      if (point) points.set(id, point);
    }
  for (const { id } of nodes) if (!points.has(id)) points.set(id, { eastM: 0, northM: 0 });
  return points;
}

type Neighbour = readonly [id: string, weight: number];

function neighbours(links: Network['links']): Map<string, Neighbour[]> {
  const beside = new Map<string, Neighbour[]>();
  for (const { from, to, lengthM = USUAL_LENGTH_M } of links) {
    const weight = 1 / Math.max(lengthM, 0.1);
    beside.set(from, [...(beside.get(from) ?? []), [to, weight]]);
    beside.set(to, [...(beside.get(to) ?? []), [from, weight]]);
  }
  return beside;
}

/** The middle of the neighbours that lie somewhere already, by their weights. */
function between(
  beside: readonly Neighbour[],
  points: ReadonlyMap<string, GroundPoint>,
): GroundPoint | undefined {
  let [eastM, northM, sum] = [0, 0, 0];
  for (const [id, weight] of beside) {
    const point = points.get(id);
    if (!point) continue;
    eastM += weight * point.eastM;
    northM += weight * point.northM;
    sum += weight;
  }
  return sum === 0 ? undefined : { eastM: eastM / sum, northM: northM / sum };
}
