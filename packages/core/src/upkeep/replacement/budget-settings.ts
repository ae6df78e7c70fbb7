import { type RecordOf, list, number, optional, record } from '../../ground/input/index.js';

/** What gets wet when a valve fails, asked once a position. */
export const WETS = ['floor-below', 'public-room', 'electrical', 'bare-room', 'outdoors'] as const;
export type Wets = (typeof WETS)[number];

export const WETS_WORDS: Readonly<Record<Wets, string>> = {
  'floor-below': 'a finished floor below',
  'public-room': 'a public room',
  electrical: 'an electrical room',
  'bare-room': 'a bare room with a drain',
  outdoors: 'outdoors or a pit',
};

const money = number({ min: 0, max: 1e9, meaning: 'in the company’s currency' });
const damage = record({ cost: money, chance: number({ min: 0, max: 1, meaning: 'that a failure floods' }) });
const damageFields = {
  'floor-below': damage,
  'public-room': damage,
  electrical: damage,
  'bare-room': damage,
  outdoors: damage,
};
const settingsFields = {
  years: number({ integer: true, min: 1, max: 15 }),
  /** One a year. */
  money: list(money, { least: 1, most: 15 }),
  discountRate: number({ min: 0, max: 0.2, meaning: 'a year, as a share' }),
  hourlyRate: money,
  emergencyCall: number({ min: 0, max: 1e9, meaning: 'what coming out at once costs on top' }),
  emergencyTimes: number({ min: 1, max: 5, meaning: 'working hours of an emergency against planned ones' }),
  seizedTimes: number({
    min: 1,
    max: 10,
    meaning: 'damage where the shut-off that should stop it does not turn',
  }),
  ageIfUnknown: optional(
    number({ min: 0, max: 100, unit: 'years', meaning: 'of valves nobody knows the age of' }),
  ),
  /** Of prices told to owners; left out where nobody set it. */
  taxRate: optional(number({ min: 0, max: 0.5, meaning: 'tax on prices for owners, as a share' })),
  damage: record(damageFields),
};

/** What a budget of replacements rests on; each figure is the company’s own to change. */
export const budgetSettingsInput = record(settingsFields);
export type BudgetSettings = RecordOf<typeof settingsFields>;

/** What stands until somebody changes it. Rules of thumb and made-up amounts, not prices. */
export const STANDARD_BUDGET: BudgetSettings = {
  years: 5,
  money: [4000, 4000, 4000, 4000, 4000],
  discountRate: 0.03,
  hourlyRate: 95,
  emergencyCall: 250,
  emergencyTimes: 1.5,
  seizedTimes: 2,
  damage: {
    'floor-below': { cost: 9000, chance: 0.3 },
    'public-room': { cost: 12_000, chance: 0.3 },
    electrical: { cost: 25_000, chance: 0.2 },
    'bare-room': { cost: 800, chance: 0.5 },
    outdoors: { cost: 300, chance: 0.5 },
  },
};

/** Working hours to change a valve by its size: up to that size, so many. A rule of thumb, draining and filling with it. */
export const HOURS_TO_CHANGE: readonly (readonly [upToDn: number, hours: number])[] = [
  [25, 1.5],
  [50, 2.5],
  [100, 5],
  [200, 10],
  [Infinity, 20],
];

/**
 * Working hours to change a valve in good time.
 *
 * @param dn nominal size
 * Source: rule of thumb.
 *
 * @example
 * hoursToChange(40) // 2.5
 */
export const hoursToChange = (dn: number): number => HOURS_TO_CHANGE.find(([upTo]) => dn <= upTo)?.[1] ?? 20;
