import { InvalidInput } from '../ground/input/index.js';
import { calculate, findCalculation } from './index.js';

/** The refusal of an input that would take more work, or more to say, than one answer may. */
function refusalOf(name: string, input: unknown): InvalidInput {
  try {
    calculate(findCalculation(name)!, input);
  } catch (error) {
    if (error instanceof InvalidInput) return error;
    throw error;
  }
  throw new Error(`${name} was not refused`);
}

/** The example of surge, with as many reaches as it takes by itself, and its series. */
const PIPE = { ...(findCalculation('surge')!.example as object), reaches: undefined, series: undefined };
const WALL = { ...PIPE, waveSpeedMs: undefined };

describe('one answer has its bounds', () => {
  it.each<[string, object]>([
    ['a late start under a limit', { closure: { law: 'ball', peakLimitPa: 8e5, startS: 1e9 } }],
    [
      'a limit that only a very slow closing keeps',
      { reaches: 20_000, closure: { law: 'ball', peakLimitPa: 490_400 } },
    ],
    [
      'a wave made fast by a density of next to nothing',
      { ...WALL, pipeWall: { material: 'steel', wallM: 0.004 }, densityKgM3: 1e-40 },
    ],
    ['many reaches over a long time', { reaches: 100_000, durationS: 1e6 }],
    ['a series of millions of points', { durationS: 3e4 }],
  ])('surge refuses %s before it works it out', (_what, change) => {
    expect(refusalOf('surge', { ...PIPE, ...change }).message).toMatch(
      /Give fewer reaches|or give fewer reaches|higher one/,
    );
  });

  it.each([1e-320, 1e-310, 5e-324])(
    'surge takes or refuses a stiffness of %d, and never fails',
    (elasticModulusPa) => {
      expect(refusalOf('surge', { ...WALL, pipeWall: { elasticModulusPa, wallM: 1e-300 } }).field).toMatch(
        /^pipeWall/,
      );
    },
  );

  it('segments refuses a chain that would name each user once for every segment above it', () => {
    const count = 5_000;
    const nodes = Array.from({ length: count }, (_, at) => ({
      id: `n${at}`,
      kind: at === 0 ? 'source' : 'user',
    }));
    const links = nodes
      .slice(1)
      .map(({ id }, at) => ({ id: `v${at}`, kind: 'valve', from: `n${at}`, to: id }));
    const refusal = refusalOf('segments', { network: { nodes, links } });
    expect(refusal).toMatchObject({
      field: 'network',
      message: expect.stringContaining('in parts') as string,
    });
  });

  it('takeoff refuses a template of a million kinds, in a sentence', () => {
    const template = Object.fromEntries(Array.from({ length: 100_000 }, (_, at) => [`kind ${at}`, 1]));
    const { message } = refusalOf('takeoff', { fixtures: [], template, options: [], currency: 'USD' });
    expect(message).toContain('at most 1000');
  });

  it('never says more than 500 characters, whatever was sent', () => {
    const long = 'x'.repeat(100_000);
    const refusals = [
      refusalOf('pipe-loss', { [long]: 1 }),
      refusalOf('takeoff', { fixtures: [], template: { [long]: -1 }, options: [], currency: 'USD' }),
      refusalOf('select', { duty: { medium: long }, candidates: [] }),
      refusalOf('isolate', { network: { nodes: [], links: [] }, fault: { node: long } }),
    ];
    for (const { message, field } of refusals) {
      expect(message.length).toBeLessThanOrEqual(500);
      expect(field.length).toBeLessThanOrEqual(200);
    }
  });
});
