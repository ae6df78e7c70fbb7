import { VALVE_STORIES, familyOf, isManyTurn, valveTypeFacts } from '../../ground/valves/index.js';
import type { Candidate, Duty } from '../duty/index.js';
import { closingMaterials, limitC } from './rules/pressure-rules.js';

const RUBBERS = ['rubber', 'nbr', 'epdm', 'neoprene'];
const NEAR_LIMIT_C = 20;
const OFTEN_A_YEAR = 500;

/** What shortens a valve's life here, and by how much of it is left. */
export interface LifeReason {
  id: string;
  text: string;
  factor: number;
}

interface LifeRule extends LifeReason {
  applies: (duty: Duty, valve: Candidate) => boolean;
}

/** Factors: our own estimates for planning, each a plain fraction, so that a foreman can put his own in its place. */
const LIFE_RULES: readonly LifeRule[] = [
  {
    id: 'treated-water',
    text: 'chloramine ages the rubber',
    factor: 0.5,
    applies: ({ chloramine }, valve) =>
      chloramine === true && closingMaterials(valve).some((material) => RUBBERS.includes(material)),
  },
  {
    id: 'scale',
    text: 'hard water seizes valves that are seldom operated',
    factor: 0.6,
    applies: ({ hardWater, operatedPerYear = 0 }, { type }) =>
      hardWater === true && operatedPerYear < 2 && isManyTurn(type),
  },
  {
    id: 'unexercised',
    text: 'it is never operated',
    factor: 0.7,
    applies: ({ operatedPerYear }, { type }) =>
      operatedPerYear !== undefined && operatedPerYear < 1 && (isManyTurn(type) || familyOf(type) === 'plug'),
  },
  {
    id: 'worked-hard',
    text: 'it operates many times a day',
    factor: 0.6,
    applies: ({ operatedPerYear = 0 }) => operatedPerYear > OFTEN_A_YEAR,
  },
  {
    id: 'grit',
    text: 'grit wears the seats',
    factor: 0.6,
    applies: ({ solids }, { type }) => solids === 'grit' && valveTypeFacts(type).softSeated === true,
  },
  {
    id: 'part-open',
    text: 'part open, the flow wears the seats',
    factor: 0.5,
    applies: ({ function: asked }, { type }) => asked === 'throttle' && familyOf(type) === 'ball',
  },
  {
    id: 'heat',
    text: 'it works near the temperature limit of its seat',
    factor: 0.7,
    applies: ({ temperatureC }, valve) =>
      closingMaterials(valve).some(
        (material) =>
          material !== 'metal' &&
          temperatureC !== undefined &&
          temperatureC >= limitC(material) - NEAR_LIMIT_C,
      ),
  },
];

/** How long a valve may be expected to serve at a position, and why not longer. */
export interface ExpectedLife {
  years: [low: number, high: number];
  because: LifeReason[];
}

/**
 * The years a valve may be expected to serve here: a range, not a promise.
 *
 * @param duty  water quality, solids, heat, how often it is moved
 * @param valve its own range where its maker gives one, else its type's
 * @returns whole years, and what shortened them
 * Source: VALVE_STORIES and LIFE_RULES, planning figures of our own.
 *
 * @example
 * expectedLife({ ...duty, chloramine: true }, { type: 'compression-stop', discMaterial: 'nbr' }).years // [4, 8]
 */
export function expectedLife(duty: Duty, valve: Candidate): ExpectedLife {
  const { lifeYears: usual } = VALVE_STORIES[valve.type];
  const [low = usual[0], high = usual[1]] = valve.lifeYears ?? [];
  const because = LIFE_RULES.filter(({ applies }) => applies(duty, valve)).map(
    ({ id, text, factor }): LifeReason => ({ id, text, factor }),
  );
  const left = because.reduce((share, { factor }) => share * factor, 1);
  const years = (of: number): number => Math.max(1, Math.round(of * left));
  return { years: [years(low), years(high)], because };
}
