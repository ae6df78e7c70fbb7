import type { CatalogueModel } from '../line-up/index.js';
import { houseRuleSettings } from '../selection/index.js';
import { jobOutlook } from './index.js';

const ball = (model: string, ends: 'press' | 'sweat', price: number): CatalogueModel => ({
  maker: 'Ostrand',
  model,
  type: 'ball',
  port: 'full',
  bodyMaterial: 'brass',
  seatMaterial: 'ptfe',
  operator: 'lever',
  ratingId: 'body-brass-600cwp',
  ends: [ends, ends],
  approvals: ['potable'],
  sizes: [{ dn: 20, price }],
});
const MODELS = [ball('A', 'press', 20), ball('B', 'sweat', 18)];
const duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
} as const;
const settings = houseRuleSettings();

describe('what to ask first on a job', () => {
  it('puts the fact first that could move most picks', () => {
    const { questions } = jobOutlook(
      [
        { id: 'a', duty, edges: [] },
        { id: 'b', duty, edges: [] },
        { id: 'c', duty: { ...duty, pipe: { material: 'copper' } }, edges: [] },
      ],
      MODELS,
      settings,
    );
    const counts = questions.map(({ picks }) => picks.length);
    expect(counts).toEqual([...counts].sort((a, b) => b - a));
    expect(questions.find(({ fact }) => fact === 'pipe.material')?.picks).toEqual(['a', 'b']);
  });

  it('names the positions whose duty has crossed an edge of their pick', () => {
    const edge = {
      fact: 'pressurePa',
      direction: 'up',
      value: 4e5,
      verdict: 'out',
      rule: 'pressure',
    } as const;
    const { raised } = jobOutlook([{ id: 'a', duty, edges: [edge] }], MODELS, settings);
    expect(raised).toEqual([{ id: 'a', edges: [edge] }]);
  });

  it('says how many it did not look at', () => {
    const positions = Array.from({ length: 203 }, (_, at) => ({
      id: String(at),
      duty: { ...duty, pressurePa: 5e5 + at },
      edges: [],
    }));
    expect(jobOutlook(positions, MODELS, settings).leftOut).toBe(3);
  });
});
