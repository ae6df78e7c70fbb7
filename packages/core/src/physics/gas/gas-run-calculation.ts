import { calculation } from '../../ground/calculation/index.js';
import { choice, list, number, optional, record } from '../../ground/input/index.js';
import { FUEL_GASES } from './fuel-gas.js';
import { GAS_FITTINGS, gasRun } from './gas-run.js';

export const gasRunCalculation = calculation({
  name: 'gas-run',
  summary: 'Capacity of a gas pipe at a pressure loss, and the loss at a flow.',
  input: record({
    gas: choice(FUEL_GASES),
    supply: choice(['low', 'elevated'], 'low below 1.5 psig'),
    insideDiameterM: number({ unit: 'm', above: 0 }),
    lengthM: number({ unit: 'm', min: 0, meaning: 'longest run plus fittings' }),
    dropPa: number({ unit: 'Pa', min: 0, meaning: 'that may be lost' }),
    inletPa: optional(number({ unit: 'Pa gauge', above: 0, meaning: 'elevated only' })),
    flowM3h: optional(number({ unit: 'm3/h at 15 degrees C and 1 atm', min: 0 })),
    fittings: optional(
      list(record({ type: choice(GAS_FITTINGS), count: number({ integer: true, min: 0, max: 10_000 }) }), {
        most: 100,
      }),
    ),
    heatingValueJm3: optional(number({ unit: 'J/m3', above: 0 })),
  }),
  gives: {
    capacityM3h: 'm3/h at 15 degrees C and 1 atm',
    capacityW: 'W',
    actualDropPa: 'Pa, for the flow given',
    velocityMs: 'm/s at the inlet, for the flow given',
    verdict: 'within or over, for the flow given',
  },
  notes: [
    'The sizing equations of the fuel-gas codes; the local code and the licensed fitter decide.',
    'A flow the inlet pressure cannot drive loses the whole inlet pressure.',
  ],
  basis: {
    method: 'The sizing equations of the fuel-gas codes, longest run with fittings as lengths.',
    source: 'NFPA 54 / IFGC; usual L/D of threaded fittings.',
    limits: 'Smooth-walled pipe of one size, gas at 15 degrees C.',
    ignores: 'Height, diversity of appliances, and meters and regulators on the way.',
  },
  example: {
    gas: 'natural-gas',
    supply: 'low',
    insideDiameterM: 0.02664,
    lengthM: 30,
    dropPa: 125,
    flowM3h: 4,
  },
  run: gasRun,
});
