import { isFuelGas } from '../../ground/media/index.js';
import type { BodyMaterial, Operator, ValveType } from '../../ground/valves/index.js';
import type { Duty } from '../../judgement/duty/index.js';
import { TURNING_TASKS } from '../../judgement/log/index.js';
import type { HouseRuleSettings } from '../../judgement/selection/index.js';
import {
  type CorrectedLife,
  type Learned,
  type LifeCostOption,
  correctedLife,
  ownLivesSaid,
  valveLife,
} from '../life/index.js';
import { type Interval, nextDue, stopMinutes } from '../rounds/index.js';
import { type BudgetSettings, type Wets, hoursToChange } from './budget-settings.js';
import { valveFailureCost } from './failure-cost.js';

/** A valve that could serve at a position. */
export interface CostedValve {
  name: string;
  type: ValveType;
  operator?: Operator | undefined;
  pieces?: number | undefined;
  bodyMaterial?: BodyMaterial | undefined;
  /** Of one, in the company’s currency. */
  price: number;
}

/** What is known of the place where it would stand, and what amounts rest on. */
export interface CandidatePlace {
  duty: Duty;
  settings: BudgetSettings;
  houseRules: HouseRuleSettings;
  learned: (type: ValveType, shape: number) => Learned;
  /** What gets wet where it fails; left out where nobody was asked. */
  wets?: Wets | undefined;
  /** The shut-off that would stop it does not turn. */
  isBehindSeized?: boolean | undefined;
}

/** A candidate as the years cost it. */
export interface CostedCandidate {
  option: LifeCostOption;
  life: CorrectedLife;
  /** Hours to put it in. */
  hours: number;
  /** Of visits, a year. */
  minutesAYear: number;
  /** What the figures rest on, in words. */
  because: string[];
}

const DAYS_A_YEAR = 365.25;
const MONTHS_A_YEAR = 12;

/**
 * What a candidate costs to put in, to keep and where it fails, and how long it lasts there: what `lifeCost` asks of an option.
 *
 * @param candidate with its price
 * @param place     duty, settings of the company’s budget, house rules, lives the company saw itself, what gets wet
 * @returns the option; visits are taken as done as often as the interval table asks, one by one
 * Source: interval table, minutes and hours of the rounds and the budget: rules of thumb, each the company’s to change.
 *
 * @example
 * candidateCost({ name: 'Ball', type: 'ball', price: 25 }, place).option.purchase // 25
 */
export function candidateCost(candidate: CostedValve, place: CandidatePlace): CostedCandidate {
  const { name, type, price, bodyMaterial } = candidate;
  const { duty, settings, learned } = place;
  const tasks = nextDue({
    ...candidate,
    medium: duty.medium,
    function: duty.function,
    dn: duty.dn,
    supervised: duty.lockout,
    houseRules: place.houseRules,
    asOf: '2000-01-01',
  }).tasks;
  const turned = tasks.find(({ task }) => TURNING_TASKS.includes(task));
  const minutesAYear = tasks.reduce(
    (sum, { task, every }) =>
      sum + stopMinutes({ type, dn: duty.dn, place: duty.place, tasks: [task] }) * timesAYear(every),
    0,
  );
  const { medium, hardWater, chloramine, aggressiveToBrass } = duty;
  const usual = valveLife({
    ...{ type, medium, hardWater, chloramine, aggressiveToBrass },
    yellowBrass: bodyMaterial === undefined ? undefined : bodyMaterial === 'brass',
    ...(turned && { yearsUnturned: 1 / timesAYear(turned.every) }),
  });
  const life = correctedLife(usual, learned(type, usual.shape));
  const hours = hoursToChange(duty.dn);
  const { failure, because } = valveFailureCost(
    { ...place, price, dn: duty.dn, place: duty.place, floods: !isFuelGas(medium) },
    settings,
  );
  return {
    option: {
      name,
      purchase: price,
      install: hours * settings.hourlyRate,
      maintenancePerYear: (minutesAYear / 60) * settings.hourlyRate,
      life: { shape: life.shape, scaleYears: life.scaleYears },
      failure,
    },
    life,
    hours,
    minutesAYear,
    because: [...usual.because, ...ownLivesSaid(life), ...because],
  };
}

const timesAYear = (every: Interval): number =>
  'months' in every ? MONTHS_A_YEAR / every.months : DAYS_A_YEAR / every.days;
