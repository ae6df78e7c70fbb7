import { InvalidInput } from '../../ground/input/index.js';

/**
 * Checks that the times of a log follow one another.
 *
 * @param timesS s, in the order they were read
 * @param field  says what a time is called in a message, by its place
 * @param afterS the time they have to come after, s, where something was read before
 * @throws InvalidInput naming the first time that does not come after the one before it
 *
 * @example
 * checkRisingTimes([0, 10], (at) => `timeS[${at}]`) // nothing
 */
export function checkRisingTimes(
  timesS: readonly number[],
  field: (at: number) => string,
  afterS = -Infinity,
): void {
  let before = afterS;
  timesS.forEach((time, at) => {
    if (time <= before)
      throw new InvalidInput(
        field(at),
        `${field(at)} is ${time}, and the sample before it is at ${before} s: times must rise.`,
      );
    before = time;
  });
}
