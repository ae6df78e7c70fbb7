import { type Duty, oncePerDuty } from '../duty/index.js';
import { easeOfService } from './ease-of-service.js';
import { judging } from './judge-candidate.js';
import { houseRuleSettings, judgeCandidate } from './index.js';

const duty: Duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
};

describe('what a duty alone decides', () => {
  it('is worked out once for it, and anew for another of the same content', () => {
    let worked = 0;
    const size = oncePerDuty(({ dn }) => {
      worked += 1;
      return dn;
    });
    expect([size(duty), size(duty), size({ ...duty }), size({ ...duty, dn: 25 })]).toEqual([20, 20, 20, 25]);
    expect(worked).toBe(3);
  });

  it('keeps an answer that is not known, too', () => {
    let worked = 0;
    const nothing = oncePerDuty(() => void (worked += 1));
    expect([nothing(duty), nothing(duty)]).toEqual([undefined, undefined]);
    expect(worked).toBe(1);
  });
});

describe('the table made ready for a duty', () => {
  const judge = judging(duty, houseRuleSettings());

  it('says of each valve what judging it alone says', () => {
    for (const type of ['ball', 'gate-solid', 'globe', 'check-swing'] as const)
      expect(judge({ type })).toEqual(judgeCandidate(duty, { type }, houseRuleSettings()));
  });

  it('says the same sentence with the same reason, however many valves it is said of', () => {
    const [one] = judge({ type: 'check-swing' }).reasons;
    const [other] = judge({ type: 'check-ball' }).reasons;
    expect(one).toMatchObject({ rule: 'non-return-only-checks', verdict: 'out' });
    expect(other).toBe(one);
  });

  it('leaves out what is only not known, for a type as such', () => {
    expect(judge({ type: 'ball' }).reasons.some(({ rule }) => rule.startsWith('unknown-'))).toBe(true);
    const plain = judging(duty, houseRuleSettings(), true)({ type: 'ball' });
    expect(plain.reasons.some(({ rule }) => rule.startsWith('unknown-'))).toBe(false);
    expect(plain.verdict).toBe('fits');
  });

  it('asks a type as such for facts of the duty all the same', () => {
    const back = judging(
      { ...duty, function: 'non-return', crossConnection: false },
      houseRuleSettings(),
      true,
    );
    expect(back({ type: 'check-swing' }).reasons[0]).toMatchObject({ rule: 'unknown-orientation' });
  });
});

describe('ease of service', () => {
  it.each([
    [{ type: 'ball', pieces: 3 }, 100],
    [{ type: 'ball', pieces: 1 }, 15],
    [{ type: 'quarter-turn-stop' }, 15],
  ] as const)('of %j is %d', (valve, ease) => {
    expect(easeOfService(valve)).toBe(ease);
  });

  it('is higher for what opens by its bonnet than for what is cut out', () => {
    expect(easeOfService({ type: 'globe' })).toBeGreaterThan(easeOfService({ type: 'butterfly-resilient' }));
  });
});
