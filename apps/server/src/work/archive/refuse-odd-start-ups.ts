import type { JobArchive } from '@grevik/contracts';
import { InvalidInput, STEP_TABLE, checkRisingTimes, checkStepValues } from '@grevik/core';

/** What each field alone cannot tell of a start-up: values a step does not ask, readings that are not there, samples that do not follow one another. */
export function refuseOddStartUps({ lines }: JobArchive): void {
  lines.forEach(({ startUp, positions }, at) => {
    if (!startUp) return;
    const field = `lines[${at}].startUp`;
    const tags = new Set(positions.map(({ tag }) => tag));
    startUp.entries.forEach(({ step, kind, tag, values, reason, reading, verdict }, index) => {
      const entry = `${field}.entries[${index}]`;
      if (tag !== undefined && !tags.has(tag))
        throw new InvalidInput(`${entry}.tag`, `${entry}.tag is ${tag}, which this line does not have.`);
      const has = { item: values !== undefined, skip: reason !== undefined, reading: verdict !== undefined };
      if (kind !== 'unskip' && !has[kind])
        throw new InvalidInput(entry, `${entry} is of the kind ${kind} and lacks what it says.`);
      if (values) atField(entry, () => checkStepValues(STEP_TABLE[step].fields, values));
      if (reading !== undefined && reading >= startUp.readings.length)
        throw new InvalidInput(
          `${entry}.reading`,
          `${entry}.reading is ${reading}, and there are ${startUp.readings.length} readings.`,
        );
    });
    startUp.readings.forEach(({ samples: { timeS, pressurePa, temperatureC } }, index) => {
      const samples = `${field}.readings[${index}].samples`;
      if (timeS.length === 0 || pressurePa.length !== timeS.length || temperatureC.length !== timeS.length)
        throw new InvalidInput(
          samples,
          `${samples} needs one pressure and one temperature (or null) for each time.`,
        );
      checkRisingTimes(timeS, (place) => `${samples}.timeS[${place}]`);
    });
  });
}

/** Names a field within the archive. */
function atField(field: string, check: () => void): void {
  try {
    check();
  } catch (error) {
    if (!(error instanceof InvalidInput)) throw error;
    throw new InvalidInput(`${field}.${error.field}`, `${field}.${error.message}`);
  }
}
