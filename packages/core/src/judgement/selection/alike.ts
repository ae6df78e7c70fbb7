import type { Candidate } from '../duty/index.js';

/** Every fact of a valve that a rule may look at; price and life are the ranking's. */
const JUDGED: {
  [Name in Exclude<keyof Candidate, 'unitPrice' | 'lifeYears'>]-?: (valve: Candidate) => Candidate[Name];
} = {
  boreM: ({ boreM }) => boreM,
  type: ({ type }) => type,
  ratingId: ({ ratingId }) => ratingId,
  ends: ({ ends }) => ends,
  port: ({ port }) => port,
  bodyMaterial: ({ bodyMaterial }) => bodyMaterial,
  seatMaterial: ({ seatMaterial }) => seatMaterial,
  discMaterial: ({ discMaterial }) => discMaterial,
  stem: ({ stem }) => stem,
  operator: ({ operator }) => operator,
  pieces: ({ pieces }) => pieces,
  points: ({ points }) => points,
  approvals: ({ approvals }) => approvals,
  plasticStem: ({ plasticStem }) => plasticStem,
  listedIndicating: ({ listedIndicating }) => listedIndicating,
  closeTimeS: ({ closeTimeS }) => closeTimeS,
  turns: ({ turns }) => turns,
  sealWeld: ({ sealWeld }) => sealWeld,
  setPressurePa: ({ setPressurePa }) => setPressurePa,
  capacityKgH: ({ capacityKgH }) => capacityKgH,
  temperatureElement: ({ temperatureElement }) => temperatureElement,
  fullLiftMs: ({ fullLiftMs }) => fullLiftMs,
  crackingPa: ({ crackingPa }) => crackingPa,
  listedJoint: ({ listedJoint }) => listedJoint,
};
const FACTS = Object.values(JUDGED) as ((valve: Candidate) => unknown)[];

/** How many kinds of one type are remembered: a catalogue repeats few, and one that repeats none must not pay for the search. */
const REMEMBERED = 8;

/**
 * Judges valves alike once: a catalogue holds many that differ in nothing but price and life, and the rules cannot tell those apart.
 *
 * @param judge what the rules say of one valve
 * @returns says the same; for a valve alike one judged lately, the very answer that was given then
 *
 * @example
 * const judge = onceForAlike(({ type }) => ({ type }));
 * judge({ type: 'ball', unitPrice: 20 }) === judge({ type: 'ball', unitPrice: 21 }) // true
 */
export function onceForAlike<T>(judge: (valve: Candidate) => T): (valve: Candidate) => T {
  const byType = new Map<string, { valve: Candidate; said: T }[]>();
  return (valve) => {
    let known = byType.get(valve.type);
    if (!known) byType.set(valve.type, (known = []));
    for (const before of known) if (alike(before.valve, valve)) return before.said;
    const said = judge(valve);
    if (known.length === REMEMBERED) known.pop();
    known.unshift({ valve, said });
    return said;
  };
}

function alike(one: Candidate, other: Candidate): boolean {
  for (const fact of FACTS) if (!same(fact(one), fact(other))) return false;
  return true;
}

/** Equal values, or lists of equal values. */
function same(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (!Array.isArray(one) || !Array.isArray(other) || one.length !== other.length) return false;
  for (let at = 0; at < one.length; at += 1) if (one[at] !== other[at]) return false;
  return true;
}
