import { type Accessory, isQuarterTurn } from '../../ground/valves/index.js';
import { isLiquid } from '../../ground/media/index.js';
import type { Candidate, Duty } from '../duty/index.js';

interface AccessoryRule {
  accessory: Accessory;
  says(duty: Duty, valve: Candidate): string | undefined;
}

const INSULATED_FROM_C = 50;
/** From here on a lever of a ball valve is hard to turn by its usual length. */
const HEAVY_DN = 50;

const RULES: readonly AccessoryRule[] = [
  {
    accessory: 'panel-mount',
    says: ({ place }) =>
      place === 'concealed'
        ? 'Behind a panel the body has to be held, so that the handle does not turn the pipe.'
        : undefined,
  },
  {
    accessory: 'wall-mount',
    says: ({ medium }) =>
      medium === 'wash-water-high-pressure' || medium === 'compressed-air'
        ? 'A hose pulls at it: fix the body to the wall.'
        : undefined,
  },
  {
    accessory: 'safety-handle',
    says: ({ publicAccess, lockout }, { operator }) =>
      (publicAccess || lockout) && operator === 'lever'
        ? 'Anybody can turn a plain lever: take a handle that locks or comes off.'
        : undefined,
  },
  {
    accessory: 'extension',
    says: ({ temperatureC }, { type }) =>
      temperatureC !== undefined && temperatureC >= INSULATED_FROM_C && isQuarterTurn(type)
        ? 'The pipe gets insulated: bring the handle out of it.'
        : undefined,
  },
  {
    accessory: 'long-handle',
    says: ({ dn }, { operator, type }) =>
      dn >= HEAVY_DN && operator === 'lever' && type === 'ball'
        ? 'A lever of this size is hard to turn by hand where it is seldom operated.'
        : undefined,
  },
  {
    accessory: 'drain',
    says: ({ place, medium }) =>
      place === 'outdoors' && isLiquid(medium)
        ? 'Outdoors a drain beside the seat empties the branch before frost.'
        : undefined,
  },
];

/**
 * The accessories a place suggests, each with its reason. Nobody has to take them.
 *
 * @param duty  place, medium, size, temperature, who can reach it
 * @param valve type and operator
 * Source: usual practice of the trade.
 *
 * @example
 * accessoryReasons({ ...duty, place: 'concealed' }, { type: 'ball' }) // [{ accessory: 'panel-mount', text: 'Behind a panel …' }]
 */
export function accessoryReasons(duty: Duty, valve: Candidate): { accessory: Accessory; text: string }[] {
  return RULES.flatMap(({ accessory, says }) => {
    const text = says(duty, valve);
    return text === undefined ? [] : [{ accessory, text }];
  });
}
