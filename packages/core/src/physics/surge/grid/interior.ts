import type { Grid } from './grid.js';

/** What a step goes by. */
export interface StepFigures {
  reaches: number;
  b: number;
  r: number;
  vapourHeadM: number;
}

/**
 * One time step between the ends of a pipe, laid over the one before: each node is overwritten once its neighbour ahead has been read, and what
 * travels on from a node is worked out once. Its loop is plain and allocates nothing; packages/core/assembly holds the same for two nodes at a time.
 *
 * @param nodes     heads m and flows m3/s as they are, highest and lowest heads so far
 * @param figures   B, R and the head at boiling, m
 * @param cavitated set to 1 where a head fell below boiling
 * @returns C+ of the last node before the valve, as it was
 * Source: C+ H_P = H_A + B Q_A - R Q_A|Q_A| - B Q_P; C- H_P = H_B - B Q_B + R Q_B|Q_B| + B Q_P.
 */
export function interior(
  { headM, flowM3s, highestM, lowestM }: Pick<Grid, 'headM' | 'flowM3s' | 'highestM' | 'lowestM'>,
  { reaches, b, r, vapourHeadM }: StepFigures,
  cavitated: Int32Array,
): number {
  const halfOfB = 0.5 / b;
  const sourceQ = flowM3s[0] as number;
  let fromBehind = (headM[0] as number) + b * sourceQ - r * sourceQ * Math.abs(sourceQ);
  const firstQ = flowM3s[1] as number;
  let onward = (headM[1] as number) + b * firstQ - r * firstQ * Math.abs(firstQ);
  for (let node = 1; node < reaches; node += 1) {
    const h = headM[node + 1] as number;
    const q = flowM3s[node + 1] as number;
    const rub = r * q * Math.abs(q);
    const carried = b * q;
    const fromAhead = h - carried + rub;
    let here = 0.5 * (fromBehind + fromAhead);
    flowM3s[node] = halfOfB * (fromBehind - fromAhead);
    fromBehind = onward;
    onward = h + carried - rub;
    if (here < vapourHeadM) {
      cavitated[0] = 1;
      here = vapourHeadM;
    }
    headM[node] = here;
    if (here > (highestM[node] as number)) highestM[node] = here;
    if (here < (lowestM[node] as number)) lowestM[node] = here;
  }
  return fromBehind;
}
