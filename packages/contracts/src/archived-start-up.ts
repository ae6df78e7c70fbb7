import {
  type Field,
  InvalidInput,
  type RecordOf,
  START_UP_STEPS,
  type StepValues,
  choice,
  holdGivenInput,
  list,
  number,
  optional,
  record,
  reducerGivenInput,
  text,
} from '@grevik/core';
import { moment } from './moment.js';
import { MOST_READING_SAMPLES, READING_SOURCES } from './start-up.js';

const MOST_VALUES = 20;

/** What was typed for one thing of a step: which fields it has is looked at once the step is known. */
const stepValues: Field<StepValues> = {
  takes: 'an object of texts, numbers, true and false',
  schema: { type: 'object', additionalProperties: { type: ['string', 'number', 'boolean'] } },
  read(value, path) {
    const isPlain = typeof value === 'object' && value !== null && !Array.isArray(value);
    if (!isPlain || Object.keys(value).length > MOST_VALUES)
      throw new InvalidInput(path, `${path} must be an object of at most ${MOST_VALUES} values.`);
    for (const [name, one] of Object.entries(value))
      if (!['string', 'number', 'boolean'].includes(typeof one))
        throw new InvalidInput(`${path}.${name}`, `${path}.${name} must be a text, a number, true or false.`);
    return value as StepValues;
  },
};
/** Null where nobody read it. */
function orNull(figure: Field<number>): Field<number | null> {
  return {
    takes: `${figure.takes}, or null`,
    schema: { type: ['number', 'null'] },
    read: (value, path) => (value === null ? null : figure.read(value, path)),
  };
}
const celsiusOrNull = orNull(number({ unit: 'degrees C', above: -273.15 }));
const figureOrNull = (unit: string): Field<number | null> => orNull(number({ unit }));

const samplesFields = {
  timeS: list(number({ unit: 's' }), { most: MOST_READING_SAMPLES }),
  pressurePa: list(number({ unit: 'Pa gauge' }), { most: MOST_READING_SAMPLES }),
  temperatureC: list(celsiusOrNull, { most: MOST_READING_SAMPLES }),
  inletPa: optional(list(figureOrNull('Pa gauge'), { most: MOST_READING_SAMPLES })),
  flowM3s: optional(list(figureOrNull('m3/s'), { most: MOST_READING_SAMPLES })),
};
const readingFields = {
  /** Of a hold. */
  given: optional(holdGivenInput),
  /** Of a reducer: what it is set to, and its position by its tag; else the item. */
  reducer: optional(reducerGivenInput),
  tag: optional(text(20)),
  item: optional(text(60)),
  source: choice(READING_SOURCES),
  startedAt: moment,
  endedAt: moment,
  by: text(80),
  samples: record(samplesFields),
};
const entryFields = {
  step: choice(START_UP_STEPS),
  kind: choice(['item', 'skip', 'unskip', 'reading'] as const),
  /** The position it is of, by its tag; else the item. */
  tag: optional(text(20)),
  item: optional(text(60)),
  values: optional(stepValues),
  reason: optional(text(500)),
  reading: optional(number({ integer: true, min: 0, meaning: 'which of the readings, the first being 0' })),
  verdict: optional(
    choice(['holds', 'leaks', 'not-proved', 'creeping', 'hunting', 'off-set', 'holding'] as const),
  ),
  happenedAt: moment,
  by: text(80),
};
const startUpFields = {
  entries: list(record(entryFields), { most: 50_000 }),
  readings: list(record(readingFields), { most: 200 }),
  handedOver: optional(record({ handedBy: text(80), takenBy: text(80), at: moment })),
};

/** The start-up of a line as an archive has it. */
export const archivedStartUpInput = record(startUpFields);
export type ArchivedStartUp = RecordOf<typeof startUpFields>;
