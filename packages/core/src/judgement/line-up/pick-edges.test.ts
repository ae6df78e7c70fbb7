import { houseRuleSettings } from '../selection/index.js';
import { type CatalogueModel, crossedEdges, judgePick, pickEdges, pickedNow } from './index.js';

const BALL: CatalogueModel & { id: string } = {
  id: 'ball',
  maker: 'Ostrand',
  model: '21P',
  type: 'ball',
  port: 'full',
  bodyMaterial: 'dzr-brass',
  seatMaterial: 'ptfe',
  operator: 'lever',
  ratingId: 'body-brass-600cwp',
  ends: ['press', 'press'],
  approvals: ['potable'],
  sizes: [{ dn: 20, price: 20 }],
};
const duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 500_000,
  temperatureC: 10,
  pipe: { material: 'copper' },
} as const;
const settings = houseRuleSettings();

describe('the edges of a pick', () => {
  const edges = pickEdges(duty, BALL, settings);
  const pressure = edges.find(({ fact, direction }) => fact === 'pressurePa' && direction === 'up');

  it('are where its verdict gets worse', () => {
    expect(pressure).toMatchObject({
      fact: 'pressurePa',
      direction: 'up',
      rule: expect.stringMatching(/./) as string,
    });
    const at = pressure?.value ?? 0;
    const verdictAt = (pressurePa: number) => judgePick({ ...duty, pressurePa }, BALL, settings).verdict;
    expect(verdictAt(at * 0.998)).toBe(verdictAt(duty.pressurePa));
    expect(verdictAt(at * 1.002)).toBe(pressure?.verdict);
  });

  it('are none where the model is not made in the size', () => {
    expect(pickEdges({ ...duty, dn: 300 }, BALL, settings)).toEqual([]);
  });

  it('are crossed by a duty beyond them only', () => {
    const beyond = { ...duty, pressurePa: (pressure?.value ?? 0) * 1.01 };
    expect(crossedEdges(edges, duty)).toEqual([]);
    expect(crossedEdges(edges, beyond)).toEqual([pressure]);
    const pick = { modelId: 'ball', reason: 'No torch.', edges };
    expect(pickedNow({ duty: beyond, pick }, duty, [BALL], settings)?.crossed).toEqual([pressure]);
  });

  it('say nothing of a figure that is not known any more', () => {
    const { pressurePa: _, ...rest } = duty;
    expect(crossedEdges(edges, rest)).toEqual([]);
  });
});
