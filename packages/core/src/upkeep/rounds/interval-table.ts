import { type Medium, isFuelGas, isSteam } from '../../ground/media/index.js';
import {
  type Operator,
  type ValveFunction,
  type ValveType,
  isCheck,
  valveTypeFacts,
} from '../../ground/valves/index.js';
import type { HouseRule, HouseRuleSettings } from '../../judgement/selection/index.js';
import type { Task } from '../../judgement/log/index.js';
import type { Interval } from './calendar-day.js';

/** A valve in service, as far as it decides what is to be done at it. */
export interface KeptValve {
  type: ValveType;
  medium: Medium;
  function: ValveFunction;
  dn: number;
  operator?: Operator | undefined;
  /** Locked, or its position is supervised. */
  supervised?: boolean | undefined;
  pieces?: number | undefined;
}

interface IntervalRow {
  task: Task;
  is: (valve: KeptValve, rules: HouseRuleSettings) => boolean;
  /** Left out: nothing is done. */
  every?: Interval;
  why: string;
  /** The house rule that decides here. */
  houseRule?: HouseRule;
}

const months = (count: number): Interval => ({ months: count });

const BALLS: readonly ValveType[] = ['ball', 'quarter-turn-stop'];
const GATES_AND_GLOBES: readonly ValveType[] = ['globe', 'globe-y', 'angle', 'gate-solid', 'gate-resilient'];
const SWING: readonly ValveType[] = ['check-swing', 'check-swing-spring', 'check-swing-weighted'];
const LOOKED_INTO_DN = 50;

const closes = ({ function: asked }: KeptValve): boolean =>
  asked === 'isolate' || asked === 'emergency-shutoff';
const isFire = (valve: KeptValve): boolean => valve.medium === 'fire-water' && closes(valve);
const isShutOff = (valve: KeptValve): boolean => closes(valve) && valve.medium !== 'fire-water';
const isManyTurn = ({ type }: KeptValve): boolean => {
  const { family, strokes } = valveTypeFacts(type);
  return (strokes === 'many' || strokes === 'several') && family !== 'radiator';
};
const isQuarter = ({ type }: KeptValve): boolean => valveTypeFacts(type).strokes === 'quarter';
const isEffluent = ({ medium }: KeptValve): boolean => medium === 'screened-effluent';
const isWaste = (valve: KeptValve): boolean => valve.medium === 'raw-sewage' || isEffluent(valve);

/**
 * How often what is done, row by row: a task takes the first row that fits. Source: usual practice of waterworks and fire inspection (AWWA M44,
 * NFPA 25 for fire valves); the maker's sheet and the authority go before it.
 */
export const INTERVAL_TABLE: readonly IntervalRow[] = [
  {
    task: 'fire-look',
    is: (valve) => isFire(valve) && (valve.operator === 'locking-lever' || valve.supervised === true),
    every: months(1),
    why: 'A closed fire valve is found by looking. Locked or supervised: once a month.',
  },
  {
    task: 'fire-look',
    is: isFire,
    every: { days: 7 },
    why: 'A closed fire valve is found by looking. Only sealed: once a week.',
  },
  {
    task: 'fire-exercise',
    is: isFire,
    every: months(12),
    why: 'Through its whole travel and back, then a drain test.',
  },
  {
    task: 'exercise',
    is: (valve, rules) => isShutOff(valve) && valve.type === 'gate-solid' && rules['old-gates'] === 'leave',
    houseRule: 'old-gates',
    why: 'House rule: an old gate is left alone.',
  },
  {
    task: 'exercise',
    is: (valve) => isShutOff(valve) && isManyTurn(valve),
    every: months(12),
    why: 'Scale and packing set hard where nobody turns it.',
  },
  {
    task: 'exercise',
    is: (valve, rules) =>
      isShutOff(valve) && BALLS.includes(valve.type) && rules['ball-maintenance'] === 'none',
    houseRule: 'ball-maintenance',
    why: 'House rule: a ball valve needs no maintenance.',
  },
  {
    task: 'exercise',
    is: (valve) => isShutOff(valve) && isQuarter(valve),
    every: months(12),
    why: 'Seats that are never moved take a set.',
  },
  {
    task: 'gas-leak',
    is: (valve) => isFuelGas(valve.medium) && closes(valve),
    every: months(12),
    why: 'Soap at key, stem and joints, and at every service visit.',
  },
  {
    task: 'lubricate',
    is: ({ type }) => type === 'plug-lubricated',
    every: months(12),
    why: 'The sealant is the seal.',
  },
  { task: 'packing', is: ({ type }) => type === 'knife-gate', every: months(6), why: 'It weeps.' },
  {
    task: 'packing',
    is: ({ type, medium }) =>
      valveTypeFacts(type).family === 'radiator' || (isSteam(medium) && GATES_AND_GLOBES.includes(type)),
    every: months(12),
    why: 'Before the heating season.',
  },
  {
    task: 'look-inside',
    is: (valve) => valve.type === 'check-ball' && isWaste(valve),
    every: months(12),
    why: 'Balls wear egg-shaped.',
  },
  {
    task: 'look-inside',
    is: (valve) => SWING.includes(valve.type) && isWaste(valve),
    every: months(6),
    why: 'Flappers tear.',
  },
  {
    task: 'look-inside',
    is: (valve) => valve.type === 'check-spring-inline' && isEffluent(valve),
    every: months(12),
    why: 'Springs tire, and grit settles.',
  },
  {
    task: 'look-inside',
    is: ({ type, dn }) => isCheck(type) && dn >= LOOKED_INTO_DN,
    every: months(24),
    why: 'Hinge and seat wear.',
  },
  {
    task: 'count-starts',
    is: (valve) => isCheck(valve.type) && isWaste(valve),
    every: months(1),
    why: 'A check that fails silently shows in the starts of the pump.',
  },
  {
    task: 'reducer-check',
    is: ({ type }) => type === 'pressure-reducing',
    every: months(12),
    why: 'It creeps, or falls off with flow.',
  },
  {
    task: 'strainer',
    is: ({ type }) => type === 'pressure-reducing',
    every: months(12),
    why: 'Its strainer fills.',
  },
  {
    task: 'lift',
    is: ({ type, medium }) =>
      type === 'relief' &&
      (medium === 'potable-cold' || medium === 'potable-hot' || medium === 'heating-water'),
    every: months(12),
    why: 'Lift it and let it wash; replace it after five years.',
  },
  {
    task: 'cycle',
    is: ({ type }) => type === 'solenoid',
    every: months(6),
    why: 'It sticks where it is never switched.',
  },
  {
    task: 'seat-adjust',
    is: ({ type, pieces, medium }) =>
      type === 'ball' &&
      pieces === 3 &&
      (medium === 'slurry' || medium === 'raw-sewage' || medium === 'wash-water-high-pressure'),
    every: months(12),
    why: 'Tighten the carrier: its seats wear.',
  },
];
