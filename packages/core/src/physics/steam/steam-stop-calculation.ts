import { calculation } from '../../ground/calculation/index.js';
import { choice, number, optional, record } from '../../ground/input/index.js';
import { CHARACTERISTICS } from '../../ground/valves/index.js';
import { steamStop } from './steam-stop.js';

export const steamStopCalculation = calculation({
  name: 'steam-stop',
  summary:
    'How far a radiator valve is opened on low-pressure or vapour steam, and where its internal stop is set.',
  input: record({
    radiatorAreaM2Edr: optional(number({ unit: 'm2 of equivalent direct radiation', above: 0 })),
    loadW: optional(number({ unit: 'W', above: 0 })),
    supplyPa: number({ unit: 'Pa gauge', min: -100_000, max: 103_421.4 }),
    returnPa: number({ unit: 'Pa gauge, below supplyPa', min: -101_000 }),
    openKv: number({ unit: 'm3/h at 1 bar', above: 0 }),
    characteristic: choice(CHARACTERISTICS),
    turns: optional(
      number({ above: 0, max: 100, meaning: 'from shut to open; 4 for metering-cone, else 2' }),
    ),
  }),
  gives: {
    steamKgH: 'kg/h',
    densityKgM3: 'kg/m3 at the supply',
    requiredKv: 'm3/h at 1 bar',
    opening: '0 to 1',
    stopSetting: 'turns from shut, to the next sixteenth',
    stepPerSixteenth:
      'change of Kv for a sixteenth of a turn, of the Kv there; left out where the valve is too small, or so coarse that only the first sixteenth is left',
    verdict: 'fine-enough, too-coarse or too-small',
  },
  notes: ['Steam burns: set it cold, vented and locked out. Local code and the maker’s sheet decide.'],
  basis: {
    method:
      'Steam the radiator condenses through a part-open valve as a gas; the opening from its characteristic.',
    source: 'IEC 60534-2-1; saturation by the Buck form; 240 Btu/h a square foot of radiation.',
    limits: 'Dry saturated steam at the supply pressure, up to about one bar.',
    ignores: 'Water in the steam, pipe losses up to the valve, and traps that hold back.',
  },
  example: { radiatorAreaM2Edr: 4, supplyPa: 3447, returnPa: 0, openKv: 3, characteristic: 'metering-cone' },
  run: steamStop,
});
