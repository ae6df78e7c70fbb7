import { type Isolation, type Network, isolate } from '../../../physics/isolation/index.js';
import { untilMade } from '../draw.js';
import { type DrillGrade, type DrillMaker, type MadeDrill, RIGHT } from '../made-drill.js';
import { lineToClose } from './line-to-close.js';

export interface WhatToCloseQuestion {
  network: Network;
  fault: { link: string };
}

const CUT_OFF_SCORE = 0.6;
const PARTS_SCORE = 0.4;
const WHY_DEAD = {
  'stuck-open': 'it is seized open',
  'leaks-by': 'it leaks by',
  'do-not-touch': 'it is not to be touched',
} as const;
type Dead = keyof typeof WHY_DEAD;

/** A burst on a line as it is found: which valves are to be closed? */
export const whatToClose: DrillMaker<WhatToCloseQuestion, readonly string[]> = ({ draw, level }) => {
  const { network, fault } = untilMade(() => {
    const line = lineToClose(draw, level);
    const link = draw.of(line.links.filter(({ kind }) => kind === 'pipe')).id;
    const { impossible, close, notUsed } = isolate(line, { link });
    const isHard = level === 1 || notUsed.length > 0 || (level === 3 && close.length > 2);
    return impossible || close.length === 0 || !isHard ? undefined : { network: line, fault: { link } };
  });
  return closedOf(network, fault);
};

/** The drill of one line and its burst, for lines made from a seed and for real ones alike. */
export function closedOf(
  network: Network,
  fault: { link: string },
): MadeDrill<WhatToCloseQuestion, readonly string[]> {
  const truth = isolate(network, fault);
  return {
    question: { network, fault },
    answer: { form: 'valves' },
    trade: 'water',
    key: truth.close,
    grade: (closed) => gradeOf(network, fault, truth, closed),
  };
}

function gradeOf(
  network: Network,
  fault: { link: string },
  truth: Isolation,
  closed: readonly string[],
): DrillGrade {
  const dead = network.links.flatMap(({ id, state }) =>
    closed.includes(id) && state !== undefined && state in WHY_DEAD
      ? [{ id, why: WHY_DEAD[state as Dead] }]
      : [],
  );
  const done = isolate(withOnly(network, closed), fault);
  const isCutOff = !done.impossible;
  // While it still runs, who is without water is another question.
  const needless = isCutOff ? done.outOfService.filter((user) => !truth.outOfService.includes(user)) : [];
  const left = truth.close.filter((id) => !closed.includes(id));
  const shared = truth.close.length - left.length;
  const why = [
    ...(isCutOff ? [] : [{ text: `Water still reaches the burst: close ${truth.close.join(' and ')}.` }]),
    ...dead.map(({ id, why: reason }) => ({ text: `${id} cannot be relied on: ${reason}.` })),
    ...(needless.length > 0
      ? [{ text: `${needless.join(', ')} would be out of service without need.` }]
      : []),
    ...truth.notUsed.map(({ valveId }) => ({ text: `${valveId} lies nearer, but it does not hold.` })),
    ...(isCutOff && left.length > 0
      ? [{ text: `Closing ${left.join(' and ')} too keeps water from running back to the burst.` }]
      : []),
    { text: `${truth.outOfService.join(', ') || 'Nobody'} without water until it is mended.` },
  ];
  if (isCutOff && needless.length === 0 && dead.length === 0) return { ...RIGHT, why };
  return {
    right: false,
    score: isCutOff ? CUT_OFF_SCORE : (PARTS_SCORE * shared) / new Set([...truth.close, ...closed]).size,
    why,
  };
}

/** The line with what was closed as the only valves that shut. */
const withOnly = (network: Network, closed: readonly string[]): Network => ({
  ...network,
  links: network.links.map((link) => {
    if (link.kind !== 'valve' || link.state === 'closed' || link.state === 'stuck-closed') return link;
    const shuts = closed.includes(link.id) && (link.state ?? 'works') === 'works';
    return { ...link, state: shuts ? 'works' : 'stuck-open' };
  }),
});
