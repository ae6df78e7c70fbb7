import { onceForAlike } from './alike.js';
import { type Candidate, candidateFields } from '../duty/index.js';

const BALL: Candidate = {
  type: 'ball',
  port: 'full',
  boreM: 0.02,
  bodyMaterial: 'brass',
  seatMaterial: 'ptfe',
  discMaterial: 'epdm',
  stem: 'nrs',
  operator: 'lever',
  pieces: 2,
  ends: ['press', 'press'],
  ratingId: 'body-brass-600cwp',
  points: [{ temperatureC: 20, pressurePa: 1e6 }],
  approvals: ['potable'],
  plasticStem: false,
  listedIndicating: false,
  closeTimeS: 1,
  turns: 5,
  sealWeld: true,
  setPressurePa: 1e6,
  capacityKgH: 60,
  temperatureElement: true,
  fullLiftMs: 1,
  crackingPa: 3000,
  listedJoint: true,
  unitPrice: 20,
  lifeYears: [25, 35],
};

/** Answers with the valve it was asked about, so that an answer given before shows. */
const echo = (): ((valve: Candidate) => Candidate) => onceForAlike((valve) => valve);

describe('valves alike', () => {
  it('are judged once, whatever they cost and however long they live', () => {
    const judge = echo();
    expect(judge(BALL)).toBe(BALL);
    expect(judge({ ...BALL, unitPrice: 21, lifeYears: [1, 2], ends: ['press', 'press'] })).toBe(BALL);
  });

  const judged = Object.keys(candidateFields).filter((name) => name !== 'unitPrice' && name !== 'lifeYears');
  it.each(judged)('are no longer alike without their %s', (name) => {
    const judge = echo();
    judge(BALL);
    const other = { ...BALL, [name]: name === 'type' ? 'globe' : undefined };
    expect(judge(other)).toBe(other);
  });

  it.each([
    { ends: ['press', 'fip'] },
    { ends: ['fip', 'press'] },
    { approvals: ['potable', 'gas'] },
    { approvals: [] },
  ] as const satisfies Partial<Candidate>[])('are no longer alike with %j', (change) => {
    const judge = echo();
    judge(BALL);
    const other: Candidate = { ...BALL, ...(change as Partial<Candidate>) };
    expect(judge(other)).toBe(other);
  });

  it('are found among several kinds of one type', () => {
    const judge = echo();
    const kinds = [1, 2, 3].map((pieces): Candidate => ({ type: 'ball', pieces }));
    for (const kind of kinds) judge(kind);
    for (const kind of kinds) expect(judge({ ...kind, unitPrice: 5 })).toBe(kind);
  });
});
