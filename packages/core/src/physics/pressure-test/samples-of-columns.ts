import type { HoldSample } from './hold-test.js';

/** Samples as they are kept: column by column, a temperature nobody read being null. */
export interface SampleColumns {
  timeS: readonly number[];
  pressurePa: readonly number[];
  temperatureC: readonly (number | null)[];
}

/**
 * Samples that are kept column by column, one after the other.
 *
 * @param columns one pressure and one temperature, or null, a time
 *
 * @example
 * samplesOfColumns({ timeS: [0], pressurePa: [345_000], temperatureC: [null] }) // [{ timeS: 0, pressurePa: 345_000 }]
 */
export const samplesOfColumns = ({ timeS, pressurePa, temperatureC }: SampleColumns): HoldSample[] =>
  timeS.map((time, at) => {
    const read = temperatureC[at] ?? undefined;
    return {
      timeS: time,
      pressurePa: pressurePa[at] ?? 0,
      ...(read !== undefined && { temperatureC: read }),
    };
  });
