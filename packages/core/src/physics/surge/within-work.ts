import { InvalidInput } from '../../ground/input/index.js';
import {
  type Closing,
  type Transient,
  type TransientOptions,
  type TransientPipe,
  transient,
} from './transient.js';

/** Steps times reaches of all closings that one answer follows: some seconds of work. */
const MOST_WORK = 1e9;
/** Steps of one closing: two figures are kept of each. */
const MOST_STEPS = 1e7;

/**
 * Follows closings in one pipe until their work comes to more than one answer may take, however it came about: many reaches, a long time, a
 * late start, a fast wave, or a limit that only a very slow closing keeps.
 *
 * @param pipe as `transient` takes it
 * @returns `transient` for that pipe; throws InvalidInput before the work would be over the limit
 *
 * @example
 * withinWork(pipe, {})((timeS) => (timeS > 0 ? 0 : 1), 1).valveHeadM[1]
 */
export function withinWork(
  pipe: TransientPipe,
  options: TransientOptions,
): (closing: Closing, lastS: number) => Transient {
  let done = 0;
  return (closing, lastS) => {
    const steps = (lastS * pipe.waveSpeedMs * pipe.reaches) / pipe.lengthM;
    done += steps * pipe.reaches;
    // Asked this way round, so that what is no number is refused too.
    if (!(done <= MOST_WORK && steps <= MOST_STEPS))
      throw new InvalidInput(
        'durationS',
        `reaches is ${pipe.reaches}: followed for ${shownS(lastS)} that is more than ${MOST_WORK} reaches times steps, or ${MOST_STEPS} steps. Give fewer reaches, a shorter time or a longer pipe.`,
      );
    return transient(pipe, closing, lastS, options);
  };
}

const shownS = (timeS: number): string => `${Number(timeS.toPrecision(4))} s`;
