import { pipeVelocityMs } from '../loss/index.js';

/**
 * The fewest reaches whose friction the method can follow: with fewer, friction over one reach is more than the wave itself carries, and heads and
 * flows grow without end.
 *
 * @param pipe bore and length m, Darcy friction factor, wave speed m/s, velocity m/s
 * @returns reaches, 1 or more
 * Source: friction is taken at the start of a step, which is stable while 2 R Q <= B, that is f dx v / (D a) <= 1.
 *
 * @example
 * fewestReaches({ lengthM: 77, diameterM: 0.01, frictionFactor: 0.04, waveSpeedMs: 200, velocityMs: 4 }) // 7
 */
export function fewestReaches({
  lengthM,
  diameterM,
  frictionFactor,
  waveSpeedMs,
  velocityMs,
}: Record<'lengthM' | 'diameterM' | 'frictionFactor' | 'waveSpeedMs' | 'velocityMs', number>): number {
  return Math.max(1, Math.ceil((frictionFactor * lengthM * velocityMs) / (diameterM * waveSpeedMs)));
}

/**
 * How many reaches a simulation takes: as many as wished, or the fewest its friction allows where those are more.
 *
 * @param line  as `surge` takes it, its wave speed known
 * @param wished 1 or more
 *
 * @example
 * reachesFor({ ...line, lengthM: 19 }, 50) // 50
 */
export const reachesFor = (
  {
    initialFlowM3s,
    ...pipe
  }: Record<'lengthM' | 'diameterM' | 'frictionFactor' | 'waveSpeedMs' | 'initialFlowM3s', number>,
  wished: number,
): number =>
  Math.max(wished, fewestReaches({ ...pipe, velocityMs: pipeVelocityMs(initialFlowM3s, pipe.diameterM) }));
