import { type End, END_WORDS } from '../../ground/valves/index.js';
import { withArticle } from '../../ground/wording/index.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Judgement,
  care,
  oncePerDuty,
  worstOf,
  ruledOut,
} from '../duty/index.js';
import type { ConnectionReason } from './connection-rules.js';
import { judgeConnections } from './judge-connection.js';
import { placeLimitsOf } from './place-limits.js';

/** Said of the end itself by rules of their own, where the pipe goes straight into it. */
const OF_THE_END: readonly string[] = [
  'gas-joint',
  'joint-rating',
  'strength',
  'push-fit',
  'unknown-listedJoint',
];
/** Of the seat beside the torch a rule of its own speaks. */
const OF_THE_SEAT = 'torch';

/** What a connection depends on of a duty: positions of a line share it. */
const SHARED_BY: readonly (keyof Duty)[] = [
  'medium',
  'dn',
  'pressurePa',
  'temperatureC',
  'place',
  'occupied',
  'threads',
];
const MOST_KNOWN = 2000;
const known = new Map<string, Map<string, Judgement | undefined>>();
const knownFor = oncePerDuty((duty) => {
  const shared = `${SHARED_BY.map((fact) => String(duty[fact])).join(' ')} ${duty.pipe?.material}`;
  let said = known.get(shared);
  if (!said) {
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(shared, (said = new Map<string, Judgement | undefined>()));
  }
  return said;
});

/**
 * What the plainest connection from the duty’s pipe to a valve’s ends says against the valve.
 *
 * @param duty  its pipe is known
 * @param valve with its ends
 * @param settings house rules in force
 * @returns nothing where both ends go on without objection
 *
 * @example
 * bestConnection({ ...duty, pipe: { material: 'steel' } }, { type: 'ball', ends: ['sweat', 'sweat'] }, settings).verdict // 'care'
 */
export function bestConnection(
  duty: Duty,
  valve: Candidate,
  settings: HouseRuleSettings,
): Judgement | undefined {
  const [inlet, outlet] = valve.ends ?? [];
  const first = inlet && ofEnd(duty, valve, settings, inlet, 'in');
  if (first && 'verdict' in first && first.verdict === 'out') return first;
  const second = outlet && ofEnd(duty, valve, settings, outlet, 'out');
  return second && 'verdict' in second && second.verdict === 'out' ? second : (first ?? second);
}

function ofEnd(
  duty: Duty,
  valve: Candidate,
  settings: HouseRuleSettings,
  end: End,
  side: 'in' | 'out',
): Judgement | undefined {
  const { type, bodyMaterial, listedJoint } = valve;
  const key = `${end} ${side} ${type} ${bodyMaterial} ${listedJoint} ${settings['push-fit']}`;
  const ofDuty = knownFor(duty);
  if (!ofDuty.has(key))
    ofDuty.set(key, judged(duty, { type, bodyMaterial, listedJoint, ends: [end, end] }, settings, end, side));
  return ofDuty.get(key);
}

function judged(
  duty: Duty,
  valve: Candidate,
  settings: HouseRuleSettings,
  end: End,
  side: 'in' | 'out',
): Judgement | undefined {
  if (!duty.pipe) return undefined;
  const pipe = { material: duty.pipe.material, dn: duty.dn };
  const limits = new Set(placeLimitsOf(duty));
  const connections = judgeConnections(end, side, { duty, valve, pipe, limits, settings }).map(
    (connection) => {
      const isStraight = connection.joints.length <= 1;
      const against = connection.reasons.filter(
        ({ rule }) => rule !== OF_THE_SEAT && !(isStraight && OF_THE_END.includes(rule)),
      );
      return { ...connection, isStraight, against, verdict: worstOf(against) };
    },
  );
  const best =
    connections.find(({ verdict }) => verdict === 'fits') ??
    connections.find(({ verdict }) => verdict === 'care') ??
    connections[0];
  if (!best) return undefined;
  const worst = (of: 'out' | 'care'): ConnectionReason | undefined =>
    best.against.find(({ verdict }) => verdict === of);
  const out = worst('out');
  if (best.verdict === 'out')
    return ruledOut(
      `Nothing joins ${withArticle(END_WORDS[end])} to this pipe here. ${out?.text ?? ''}`.trim(),
    );
  const wanting = worst('care');
  if (wanting) return care(wanting.text);
  return best.id.includes('-to-')
    ? care('Its ends do not belong to this pipe: an adapter and a short piece of other pipe go between.')
    : undefined;
}
