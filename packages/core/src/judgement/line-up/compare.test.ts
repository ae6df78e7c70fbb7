import { type Duty, houseRuleSettings } from '../selection/index.js';
import { type CatalogueModel, compare, lineUp, openDropPa, ratingCurve, whatIf } from './index.js';

type Held = CatalogueModel & { id: string };

const DUTY: Duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
  flowM3s: 5e-4,
  pipe: { material: 'copper' },
};
const BALL: Held = {
  id: 'ball',
  maker: 'Ostrand',
  model: '21',
  type: 'ball',
  port: 'full',
  operator: 'lever',
  seatMaterial: 'ptfe',
  bodyMaterial: 'dzr-brass',
  ratingId: 'body-brass-600cwp',
  ends: ['press', 'press'],
  approvals: ['potable'],
  lifeYears: [20, 30],
  sizes: [{ dn: 20, price: 22, kv: 40 }],
};
const GLOBE: Held = {
  ...BALL,
  id: 'globe',
  type: 'globe',
  model: '9',
  operator: 'handwheel',
  discMaterial: 'nbr',
  lifeYears: [10, 20],
  sizes: [{ dn: 20, price: 20, kv: 5 }],
};
const MODELS = [BALL, GLOBE];

describe('candidates side by side', () => {
  const { columns } = lineUp(DUTY, MODELS);
  const said = compare(columns, DUTY, 4);

  it('measures each against the first, in money, pressure and years', () => {
    expect(said.map(({ column }) => column.model.id)).toEqual(['ball', 'globe']);
    expect(said[0]).toMatchObject({ costsMore: 0, losesMorePa: 0, lastsLonger: 0 });
    expect(said[1]).toMatchObject({ costsMore: -8, lastsLonger: -10 });
    expect(said[1]?.losesMorePa).toBeGreaterThan(10_000);
    expect(said[1]?.firstToGo).toContain('disc');
  });

  it('loses nothing that can be told where the flow is not known, or the medium is a gas', () => {
    const { flowM3s: _flow, ...still } = DUTY;
    expect(openDropPa(columns[0]!, still)).toBeUndefined();
    expect(openDropPa(columns[0]!, { ...DUTY, medium: 'natural-gas' })).toBeUndefined();
    expect(compare(columns, still, 1)[1]).not.toHaveProperty('losesMorePa');
  });

  it('is nothing where nothing was chosen', () => {
    expect(compare([], DUTY, 1)).toEqual([]);
  });
});

describe('what a model carries by temperature', () => {
  const curve = ratingCurve(DUTY, BALL, BALL.sizes[0]!);

  it('never rises with heat and ends where the weakest part is no longer rated', () => {
    expect(curve.length).toBeGreaterThan(5);
    curve.forEach(({ allowablePa }, at) => {
      if (at > 0) expect(allowablePa).toBeLessThanOrEqual(curve[at - 1]!.allowablePa);
    });
    expect(curve.at(-1)!.temperatureC).toBeLessThan(250);
  });

  it('is what the line-up rates it by at its temperature', () => {
    const { rating } = lineUp(DUTY, [BALL]).columns[0]!;
    expect(curve.find(({ temperatureC }) => temperatureC === 10)?.allowablePa).toBe(rating?.allowablePa);
  });

  it('is empty where no rating is known', () => {
    const { ratingId: _rating, ends: _ends, ...unknown } = BALL;
    expect(ratingCurve(DUTY, unknown, BALL.sizes[0]!)).toEqual([]);
  });
});

describe('what another side would change', () => {
  const throttling: Duty = { ...DUTY, function: 'throttle' };
  const positions = [
    { id: 'a', duty: throttling, pickedId: 'ball' },
    { id: 'b', duty: DUTY, pickedId: 'ball' },
    { id: 'c', duty: throttling },
  ];

  it('lists only where a pick or the first choice moves', () => {
    const moved = whatIf(
      positions,
      MODELS,
      houseRuleSettings(),
      houseRuleSettings({ 'ball-throttling': 'never' }),
    );
    expect(moved).toEqual([{ id: 'a', pick: { modelId: 'ball', before: 'care', after: 'out' } }]);
  });

  it('names the first choice before and after', () => {
    const moved = whatIf(
      [{ id: 'c', duty: throttling }],
      [BALL],
      houseRuleSettings(),
      houseRuleSettings({ 'ball-throttling': 'never' }),
    );
    expect(moved).toEqual([{ id: 'c', first: { before: 'ball', after: undefined } }]);
  });

  it('is nothing where the settings are the same', () => {
    expect(whatIf(positions, MODELS, houseRuleSettings(), houseRuleSettings())).toEqual([]);
  });
});
