import { isFuelGas, isGas, isSteam } from '../../ground/media/index.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Measured,
  type ReasonVerdict,
  rateAssembly,
} from '../selection/index.js';
import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { PressureRating } from '../../physics/rating/index.js';
import { type End, valveTypeFacts } from '../../ground/valves/index.js';
import { JOINTS, type JointFacts } from './joints.js';
import type { PlaceLimit } from './place-limits.js';
import type { Mistake, PipeSide, RawWay } from './raw-way.js';

export interface WayReason {
  rule: string;
  verdict: ReasonVerdict;
  text: string;
  measured?: Measured;
}

export interface WayContext {
  duty: Duty;
  valve: Candidate;
  pipe: PipeSide;
  limits: ReadonlySet<PlaceLimit>;
  sides: HouseRuleSettings;
}

interface WayRule {
  id: string;
  judge(way: RawWay, context: WayContext): Omit<WayReason, 'rule'> | undefined;
}

const MISTAKES: Readonly<Record<Mistake, string>> = {
  'npt-into-bsp':
    'NPT starts in BSP because some sizes share the pitch, then leaks: the thread angle differs.',
  'plain-plastic-female': 'A metal male thread splits a plain plastic female thread.',
  'other-makers-tail':
    'A nut on another maker’s tail seals metal to metal on faces that do not match: it leaks. Replace the pair.',
  'other-plastic':
    'PVC and CPVC need their own cement, and a joint between the two fails. Use a valve of the same plastic as the pipe, or threaded ends.',
  'nothing-joins': 'No fitting connects this pipe to this end. Use a valve with other ends.',
};
const REMEDIES: Partial<Record<Mistake, string>> = {
  'npt-into-bsp': 'The adapter is listed for both threads.',
  'plain-plastic-female': 'The metal ring takes the load of the thread.',
  'other-makers-tail': 'Nut and tail of one maker fit each other.',
};

const facts = (way: RawWay): JointFacts[] => way.joints.map((id) => JOINTS[id]);
const some = (way: RawWay, is: (joint: JointFacts) => true | undefined): boolean => facts(way).some(is);
const madeWith = (way: RawWay, ...ends: End[]): boolean => facts(way).some(({ end }) => ends.includes(end));
const out = (text: string): Omit<WayReason, 'rule'> => ({ verdict: 'out', text });
const care = (text: string): Omit<WayReason, 'rule'> => ({ verdict: 'care', text });
const supports = (text: string): Omit<WayReason, 'rule'> => ({ verdict: 'supports', text });
const SOFT: readonly string[] = ['metal', 'graphite'];
const PLASTICS: readonly PipeMaterial[] = ['pex', 'pvc', 'cpvc', 'hdpe'];

/** The ends a way puts between pipe and valve, for the joint tables. */
const endsOf = (way: RawWay): End[] => {
  const flange = way.parts.find(({ id }) => id === 'flange')?.drilling;
  return [...new Set([...way.joints.map((id) => JOINTS[id].end), ...(flange ? [flange] : [])])];
};

/** What valve and joints carry together, made this way; undefined where no table covers any of it. */
export function ratingOf(
  way: RawWay,
  { duty, valve }: Pick<WayContext, 'duty' | 'valve'>,
): PressureRating | undefined {
  const ends = endsOf(way);
  return ends.length > 0 ? rateAssembly(duty, { ...valve, ends: ends.slice(0, 2) }).rating : undefined;
}

/** What speaks for or against a way to make a joint at a place. A line here is a rule of the hook-up. */
export const WAY_RULES: readonly WayRule[] = [
  {
    id: 'mistake',
    judge: ({ mistake, remedy }) => {
      if (mistake) return out(MISTAKES[mistake]);
      const why = remedy && REMEDIES[remedy];
      return why ? supports(why) : undefined;
    },
  },
  {
    id: 'torch',
    judge: (way, { limits, valve }) => {
      if (!some(way, ({ torch }) => torch)) return undefined;
      if (limits.has('no-torch')) return out('It needs a torch, and torches are not allowed here.');
      const soft =
        valve.seatMaterial === undefined
          ? valveTypeFacts(valve.type).softSeated === true
          : !SOFT.includes(valve.seatMaterial);
      return soft && way.joints.length === 1
        ? care('The torch is close to a soft seat: open the valve, wrap it with a wet rag and heat the pipe.')
        : undefined;
    },
  },
  {
    id: 'wet',
    judge: (way, { limits }) =>
      limits.has('wet-line') && some(way, ({ dry }) => dry)
        ? out('Water at the joint: the solder will not take.')
        : undefined,
  },
  {
    id: 'wrench-room',
    judge: (way, { limits }) => {
      if (!limits.has('no-wrench-room')) return undefined;
      if (some(way, ({ wrench }) => wrench)) return out('No room to swing a wrench.');
      return some(way, ({ jaw }) => jaw) ? care('Try the jaw on the pipe before you cut it.') : undefined;
    },
  },
  {
    id: 'closed-up',
    judge: (way, { limits, sides }) => {
      if (!limits.has('closed-wall')) return undefined;
      if (some(way, ({ reachable }) => reachable))
        return out('This joint must stay accessible: it cannot be closed up.');
      return madeWith(way, 'push-fit') && sides['push-fit'] === 'visible'
        ? care('House rule: push-fit only where it can be seen. Leave a panel.')
        : undefined;
    },
  },
  {
    id: 'push-fit',
    judge: (way, { duty: { medium }, sides }) => {
      if (!madeWith(way, 'push-fit')) return undefined;
      if (isFuelGas(medium) || isSteam(medium) || medium === 'fire-water')
        return out('Push-fit is not for gas, fire lines or steam.');
      return sides['push-fit'] === 'never' ? out('House rule: push-fit is not used.') : undefined;
    },
  },
  {
    id: 'gas-joint',
    judge: (way, { duty: { medium }, pipe: { material } }) => {
      if (isGas(medium) && (material === 'pvc' || material === 'cpvc'))
        return out('Solvent-cemented plastic is not for gas: it stores energy and shatters.');
      if (!isFuelGas(medium)) return undefined;
      if (madeWith(way, 'sweat'))
        return out('Soft solder melts in a fire: gas needs threads, flares, brazing or a listed joint.');
      if (material === 'pex' || madeWith(way, 'od-compression'))
        return out('This joint is not listed for gas in a building.');
      return madeWith(way, 'press')
        ? care('Only press fittings and seals listed for gas, where the code allows them.')
        : undefined;
    },
  },
  {
    id: 'steam-joint',
    judge: (way, { duty: { medium }, pipe: { material } }) => {
      if (!isSteam(medium)) return undefined;
      if (PLASTICS.includes(material)) return out('Plastic is not for steam.');
      return madeWith(way, 'press', 'grooved')
        ? care('Its rubber seal hardens in steam: use only a seal listed for steam.')
        : undefined;
    },
  },
  {
    id: 'fire-joint',
    judge: (way, { duty: { medium } }) =>
      medium === 'fire-water' &&
      madeWith(way, 'press', 'sweat', 'pex-barb', 'pex-expansion', 'solvent-socket')
        ? care('On a fire line use only fittings listed for fire protection, within their listing.')
        : undefined,
  },
  {
    id: 'strength',
    judge: (way, { duty, valve }) => {
      const rating = ratingOf(way, { duty, valve });
      if (!rating) return undefined;
      if (rating.verdict === 'within') {
        const isClose = (rating.utilisation ?? 0) > 0.8;
        return isClose
          ? {
              verdict: 'care',
              text: `Close to the rating of the weakest part: ${rating.governing}.`,
              measured: { value: duty.pressurePa, limit: rating.allowablePa, unit: 'Pa' },
            }
          : undefined;
      }
      if (rating.verdict === 'not-rated') return out(`Not rated at this temperature: ${rating.governing}.`);
      return {
        verdict: 'out',
        text: `The pressure exceeds the rating of the weakest part: ${rating.governing}.`,
        measured: { value: duty.pressurePa, limit: rating.allowablePa, unit: 'Pa' },
      };
    },
  },
];
