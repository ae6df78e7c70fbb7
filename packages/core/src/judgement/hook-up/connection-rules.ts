import { isFuelGas, isGas, isSteam } from '../../ground/media/index.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Judgement,
  type Measured,
  type ReasonVerdict,
  NEAR_RATING,
  askedFact,
  judgeGasJoint,
  judgeJointRating,
  measuredAgainst,
  rateAssembly,
} from '../duty/index.js';
import { isPlasticPipe } from '../../ground/pipes/index.js';
import type { PressureRating } from '../../physics/rating/index.js';
import { type End, isPlastic, valveTypeFacts } from '../../ground/valves/index.js';
import { JOINTS, type JointFacts } from './joints.js';
import type { PlaceLimit } from './place-limits.js';
import type { Mistake, PipeSide, RawConnection } from './raw-connection.js';

export interface ConnectionReason {
  rule: string;
  verdict: ReasonVerdict;
  text: string;
  measured?: Measured;
}

export interface ConnectionContext {
  duty: Duty;
  valve: Candidate;
  pipe: PipeSide;
  limits: ReadonlySet<PlaceLimit>;
  settings: HouseRuleSettings;
}

interface ConnectionRule {
  id: string;
  judge(
    connection: RawConnection,
    context: ConnectionContext,
  ): (Omit<ConnectionReason, 'rule'> & { rule?: string }) | undefined;
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

const facts = (connection: RawConnection): JointFacts[] => connection.joints.map((id) => JOINTS[id]);
const some = (connection: RawConnection, is: (joint: JointFacts) => true | undefined): boolean =>
  facts(connection).some(is);
const madeWith = (connection: RawConnection, ...ends: End[]): boolean =>
  facts(connection).some(({ end }) => ends.includes(end));
const out = (text: string): Omit<ConnectionReason, 'rule'> => ({ verdict: 'out', text });
const care = (text: string): Omit<ConnectionReason, 'rule'> => ({ verdict: 'care', text });
const supports = (text: string): Omit<ConnectionReason, 'rule'> => ({ verdict: 'supports', text });
const SOFT: readonly string[] = ['metal', 'graphite'];

/** The ends a connection puts between pipe and valve, for the joint tables. */
const endsOf = (connection: RawConnection): End[] => {
  const flange = connection.parts.find(({ id }) => id === 'flange')?.drilling;
  return [...new Set([...connection.joints.map((id) => JOINTS[id].end), ...(flange ? [flange] : [])])];
};

/** What valve and joints carry together in this connection; undefined where no table covers any of it. */
export function ratingOf(
  connection: RawConnection,
  { duty, valve }: Pick<ConnectionContext, 'duty' | 'valve'>,
): PressureRating | undefined {
  const ends = endsOf(connection);
  return ends.length > 0 ? rateAssembly(duty, { ...valve, ends: ends.slice(0, 2) }).rating : undefined;
}

/** What a rule on joints says, as a reason; a question as the care it is. */
function asReason(
  judgement: Judgement | undefined,
): (Omit<ConnectionReason, 'rule'> & { rule?: string }) | undefined {
  if (!judgement) return undefined;
  if ('ask' in judgement || 'askDuty' in judgement)
    return { rule: `unknown-${askedFact(judgement)}`, ...care(judgement.text) };
  const { verdict, text, measured } = judgement;
  return { verdict, text, ...(measured && { measured }) };
}

/** What speaks for or against a connection at a place. A line here is a rule of the hook-up. */
export const CONNECTION_RULES: readonly ConnectionRule[] = [
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
    judge: (connection, { limits, valve, duty }) => {
      if (!some(connection, ({ torch }) => torch)) return undefined;
      if (limits.has('no-torch')) return out('It needs a torch, and torches are not allowed here.');
      const soft =
        valve.seatMaterial === undefined
          ? valveTypeFacts(valve.type).softSeated === true
          : !SOFT.includes(valve.seatMaterial);
      if (duty.occupied)
        return care('A torch in an occupied building can start a fire: press or threaded ends are better.');
      return soft && connection.joints.length === 1
        ? care('The torch is close to a soft seat: open the valve, wrap it with a wet rag and heat the pipe.')
        : undefined;
    },
  },
  {
    id: 'wet',
    judge: (connection, { limits }) =>
      limits.has('wet-line') && some(connection, ({ dry }) => dry)
        ? out('Water at the joint: the solder will not take.')
        : undefined,
  },
  {
    id: 'wrench-room',
    judge: (connection, { limits }) => {
      if (!limits.has('no-wrench-room')) return undefined;
      if (some(connection, ({ wrench }) => wrench)) return out('No room to swing a wrench.');
      return some(connection, ({ jaw }) => jaw)
        ? care('Try the jaw on the pipe before you cut it.')
        : undefined;
    },
  },
  {
    id: 'closed-up',
    judge: (connection, { limits, settings }) => {
      if (!limits.has('closed-wall')) return undefined;
      if (some(connection, ({ reachable }) => reachable))
        return out('This joint must stay accessible: it cannot be closed up.');
      return madeWith(connection, 'push-fit') && settings['push-fit'] === 'visible'
        ? care('House rule: push-fit only where it can be seen. Leave a panel.')
        : undefined;
    },
  },
  {
    id: 'push-fit',
    judge: (connection, { duty: { medium }, settings }) => {
      if (!madeWith(connection, 'push-fit')) return undefined;
      if (isFuelGas(medium) || isSteam(medium) || medium === 'fire-water')
        return out('Push-fit is not for gas, fire lines or steam.');
      return settings['push-fit'] === 'never' ? out('House rule: push-fit is not used.') : undefined;
    },
  },
  {
    id: 'gas-joint',
    judge: (connection, { duty, valve, pipe: { material } }) => {
      if (isGas(duty.medium) && isPlastic(material))
        return out('Solvent-cemented plastic is not for gas: it stores energy and shatters.');
      if (isFuelGas(duty.medium) && material === 'pex') return out('PEX tube is not for fuel gas.');
      return asReason(judgeGasJoint(duty, { ...valve, ends: endsOf(connection) }));
    },
  },
  {
    id: 'joint-rating',
    judge: (connection, { duty, valve, pipe: { material } }) => {
      if (isSteam(duty.medium) && isPlasticPipe(material)) return out('Plastic is not for steam.');
      return asReason(judgeJointRating(duty, { ...valve, ends: endsOf(connection) }));
    },
  },
  {
    id: 'fire-joint',
    judge: (connection, { duty: { medium } }) =>
      medium === 'fire-water' &&
      madeWith(connection, 'press', 'sweat', 'pex-barb', 'pex-expansion', 'solvent-socket')
        ? care('On a fire line use only fittings listed for fire protection, within their listing.')
        : undefined,
  },
  {
    id: 'strength',
    judge: (connection, { duty, valve }) => {
      const rating = ratingOf(connection, { duty, valve });
      if (!rating) return undefined;
      const { governing, utilisation = 0 } = rating;
      if (rating.verdict === 'not-rated') return out(`Not rated at this temperature: ${governing}.`);
      const measured = measuredAgainst(duty, rating);
      const figures = measured && { measured };
      if (rating.verdict === 'over')
        return { ...out(`The pressure exceeds the rating of the weakest part: ${governing}.`), ...figures };
      return utilisation > NEAR_RATING
        ? { ...care(`Close to the rating of the weakest part: ${governing}.`), ...figures }
        : undefined;
    },
  },
];
