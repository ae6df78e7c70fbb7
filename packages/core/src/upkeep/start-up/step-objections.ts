import { castingAgainstOrder } from '../../trade/order-wording/index.js';
import { mainTest } from '../../physics/pressure-test/index.js';
import type { StartedPosition } from './started-line.js';
import type { StepValues } from './step-values.js';

/** Turns counted may differ so much from what such a valve usually has. */
const TURNS_APART = 0.2;
const FLOW_APART = 0.1;
const SET_APART = 0.1;

/** Where what stands on a casting is not what was ordered. */
export function castingObjection({ spec }: StartedPosition, casting: string): string | undefined {
  if (!spec || casting.trim() === '') return undefined;
  const { differences } = castingAgainstOrder(spec, casting);
  if (differences.length === 0) return undefined;
  const said = differences.map(({ ordered, found }) => `ordered ${ordered}, found ${found}`);
  return `It is not what was ordered: ${said.join('; ')}. Send it back, or enter who accepts it.`;
}

/** Where more water was made up than the joints may take. */
export function makeUpObjection(values: StepValues): string | undefined {
  const [lengthM, diameterM, testPressurePa, holdS, madeUpL] = [
    'lengthM',
    'diameterM',
    'testPressurePa',
    'holdS',
    'madeUpL',
  ].map((name) => Number(values[name])) as [number, number, number, number, number];
  if (!(lengthM > 0 && diameterM > 0 && testPressurePa > 0 && holdS > 0))
    return 'Length, bore, pressure and time must be above 0.';
  const { verdict, ratio } = mainTest({
    lengthM,
    diameterM,
    testPressurePa,
    holdS,
    madeUpM3: madeUpL / 1000,
  });
  return verdict === 'over'
    ? `${ratio.toFixed(1)} times the water that the joints may take: find the leak, or the air in the main.`
    : undefined;
}

/** Where a flow is not what is asked; nothing is objected to where no flow is asked. */
export function flowObjection({ flowM3s }: StepValues, askedM3s: number | undefined): string | undefined {
  return askedM3s !== undefined && Math.abs(Number(flowM3s) / askedM3s - 1) > FLOW_APART
    ? 'The flow is more than 10 % off: set it again.'
    : undefined;
}

/** Ten minutes of creep at 1 % a minute. */
const MOST_CREEP = 0.1;

/** Where a reducer is off its setting, or creeps. */
export function reducerObjection(values: StepValues): string | undefined {
  const [set, rest, later] = ['setPa', 'restPa', 'laterPa'].map((name) => Number(values[name])) as [
    number,
    number,
    number,
  ];
  if (Math.abs(rest - set) > SET_APART * set)
    return 'At rest it is more than 10 % off its setting: set it again.';
  return later - rest > MOST_CREEP * set
    ? 'It creeps: grit or a nick in the seat. The building sees the full pressure by morning.'
    : undefined;
}

/** Where turns are not those of the size, or something leaks by. */
export function operateObjection(
  { turns, leaksBy }: StepValues,
  usual: number | undefined,
): string | undefined {
  if (leaksBy !== 'nothing')
    return 'It leaks by when closed: clean or replace it before the line goes in service.';
  if (usual === undefined) return undefined;
  if (typeof turns !== 'number') return 'Count the turns to close.';
  if (Math.abs(turns / usual - 1) <= TURNS_APART) return undefined;
  return turns < usual
    ? `${turns} turns, and such a valve usually has ${usual}: it does not open fully, or something stops it.`
    : `${turns} turns, and such a valve usually has ${usual}: check its size, and whether the stem still holds the wedge.`;
}
