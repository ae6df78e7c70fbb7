import { calculation } from '../../ground/calculation/index.js';
import { list, number, optional, record } from '../../ground/input/index.js';
import { flush } from './flush.js';

export const flushCalculation = calculation({
  name: 'flush',
  summary: 'How long and with how much water a new line is flushed, and whether the supply is enough.',
  input: record({
    runs: list(
      record({
        diameterM: number({ unit: 'm', above: 0, meaning: 'bore' }),
        lengthM: number({ unit: 'm', above: 0 }),
      }),
      { least: 1, most: 10_000 },
    ),
    velocityMs: optional(number({ unit: 'm/s', above: 0, meaning: 'in the largest bore; default 0.91' })),
    turnovers: optional(number({ above: 0, meaning: 'changes of water; default 3' })),
    supplyM3s: optional(number({ unit: 'm3/s', above: 0, meaning: 'what the supply gives' })),
  }),
  gives: {
    volumeM3: 'm3 in the runs',
    flowM3s: 'm3/s wanted, whether or not the supply gives it',
    seconds: 's for the changes of water, at that flow or at what the supply gives',
    waterM3: 'm3 for the changes of water',
    reached: 'whether the supply gives the flow',
    velocityMs: 'm/s in the largest bore, where it does not',
  },
  notes: ['From the source outwards, one outlet at a time, before soft seats are operated.'],
  basis: {
    method: 'Volume of the runs, times the changes of water, over the flow that gives the velocity.',
    source: 'AWWA C651 for the velocity; three changes of water is usual practice.',
    limits: 'Runs one after the other; one outlet open.',
    ignores: 'What the fittings hold, and how the supply’s pressure falls with the flow.',
  },
  example: { runs: [{ diameterM: 0.0266, lengthM: 30 }] },
  run: flush,
});
