import type { HoldSample } from './hold-test.js';
import type { ReducerSample } from './reducer-check.js';

/** Samples as they are kept: column by column, what nobody read being null. */
export interface SampleColumns {
  timeS: readonly number[];
  pressurePa: readonly number[];
  temperatureC: readonly (number | null)[];
}

/** Samples of a reducer: the pressure is that behind it. */
export interface ReducerColumns {
  timeS: readonly number[];
  pressurePa: readonly number[];
  inletPa: readonly (number | null)[];
  flowM3s: readonly (number | null)[];
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

/**
 * Samples of a reducer that are kept column by column.
 *
 * @param columns one pressure behind it a time; inlet and flow where they were read
 * @returns only samples whose flow was read: without it nobody knows whether it was at rest
 *
 * @example
 * reducerSamplesOfColumns({ timeS: [0], pressurePa: [345_000], inletPa: [null], flowM3s: [0] }) // [{ timeS: 0, outletPa: 345_000, flowM3s: 0 }]
 */
export const reducerSamplesOfColumns = ({
  timeS,
  pressurePa,
  inletPa,
  flowM3s,
}: ReducerColumns): ReducerSample[] =>
  timeS.flatMap((time, at) => {
    const [inlet, flow] = [inletPa[at] ?? undefined, flowM3s[at] ?? undefined];
    if (flow === undefined) return [];
    return [
      {
        timeS: time,
        outletPa: pressurePa[at] ?? 0,
        flowM3s: flow,
        ...(inlet !== undefined && { inletPa: inlet }),
      },
    ];
  });
