import { type Candidate, type Weights, houseRuleSettings, select } from './index.js';

describe('the weights', () => {
  const duty = {
    function: 'isolate',
    medium: 'potable-cold',
    dn: 20,
    pressurePa: 5e5,
    temperatureC: 10,
    endOfLine: true,
  } as const;
  const shared = { approvals: ['potable'], ratingId: 'body-brass-600cwp', lifeYears: [10, 30] } as const;
  const candidates = [
    { type: 'ball', port: 'full', seatMaterial: 'ptfe', pieces: 2, unitPrice: 30, ...shared },
    { type: 'ball', port: 'full', seatMaterial: 'ptfe', pieces: 3, unitPrice: 60, ...shared },
    { type: 'angle', discMaterial: 'ptfe', unitPrice: 10, ...shared },
  ] as unknown as Candidate[];
  const first = (weights: Weights): number | undefined =>
    select(duty, candidates, houseRuleSettings(), { weights }).ranked[0];
  const only = (part: keyof Weights): Weights => ({ judgement: 0, price: 0, loss: 0, service: 0, [part]: 1 });

  it('say what counts: the cheapest by price, the widest by loss, the one that opens by service', () => {
    expect(first(only('price'))).toBe(2);
    expect(first(only('loss'))).toBe(0);
    expect(first(only('service'))).toBe(1);
  });

  it('count by their proportions alone, and score within 0 to 100', () => {
    const score = (scale: number): (number | null)[] =>
      select(duty, candidates, houseRuleSettings(), {
        weights: { judgement: 3 * scale, price: scale, loss: scale, service: scale },
      }).results.map((result) => result.score);
    score(1).forEach((value, index) => expect(score(10)[index]).toBeCloseTo(value ?? -1, 9));
    expect(score(1).every((value) => value !== null && value >= 0 && value <= 100)).toBe(true);
  });

  it('leave out a part that is not known for every valve left, and can all be nought', () => {
    const unpriced = candidates.map(({ unitPrice: _price, ...rest }, index) =>
      index === 0 ? { ...rest, unitPrice: 1 } : rest,
    );
    const byPrice = select(duty, unpriced, houseRuleSettings(), { weights: only('price') });
    expect(byPrice.results.map(({ score }) => score)).toEqual([0, 0, 0]);
  });
});
