import { InvalidInput } from '../../ground/input/index.js';

/**
 * Checks that the samples of a log follow one another.
 *
 * @param samples in the order they were read, s
 * @throws InvalidInput naming the first sample that does not come after the one before it
 *
 * @example
 * checkRisingTimes([{ timeS: 0 }, { timeS: 10 }]) // nothing
 */
export function checkRisingTimes(samples: readonly { timeS: number }[]): void {
  for (let at = 1; at < samples.length; at += 1) {
    const [before, now] = [samples[at - 1] as { timeS: number }, samples[at] as { timeS: number }];
    if (now.timeS <= before.timeS)
      throw new InvalidInput(
        `samples[${at}].timeS`,
        `samples[${at}].timeS is ${now.timeS}, and the sample before it is at ${before.timeS} s: times must rise.`,
      );
  }
}
