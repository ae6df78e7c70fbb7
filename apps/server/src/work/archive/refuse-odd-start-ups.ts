import type { JobArchive } from '@grevik/contracts';
import { InvalidInput, STEP_TABLE, checkRisingTimes, checkStepValues } from '@grevik/core';

/** What each field alone cannot tell of a start-up: values a step does not ask, readings that are not there or of two things, samples that do not follow one another. */
export function refuseOddStartUps({ lines }: JobArchive): void {
  lines.forEach(({ startUp, positions }, at) => {
    if (!startUp) return;
    const field = `lines[${at}].startUp`;
    const tags = new Set(positions.map(({ tag }) => tag));
    const refuseOddTag = (of: string, tag: string | undefined): void => {
      if (tag !== undefined && !tags.has(tag))
        throw new InvalidInput(`${of}.tag`, `${of}.tag is ${tag}, which this line does not have.`);
    };
    startUp.entries.forEach(({ step, kind, tag, values, reason, reading, verdict }, index) => {
      const entry = `${field}.entries[${index}]`;
      refuseOddTag(entry, tag);
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
    startUp.readings.forEach(({ given, reducer, tag, item, samples: columns }, index) => {
      const reading = `${field}.readings[${index}]`;
      const isHold = given && !reducer && tag === undefined && item === undefined;
      const isReducer = reducer && !given && (tag === undefined) !== (item === undefined);
      if (!isHold && !isReducer)
        throw new InvalidInput(
          reading,
          `${reading} must be of a hold, with given, or of a reducer, with reducer and the tag of its position.`,
        );
      refuseOddTag(reading, tag);
      const samples = `${reading}.samples`;
      const { timeS } = columns;
      if (
        timeS.length === 0 ||
        Object.values(columns).some((column) => column && column.length !== timeS.length)
      )
        throw new InvalidInput(
          samples,
          `${samples} needs one pressure and one temperature (or null) for each time, and so of inlet and flow where they are given.`,
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
