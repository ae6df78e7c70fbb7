import fc from 'fast-check';
import { VALVE_FUNCTIONS, VALVE_TYPES } from '../../../ground/valves/index.js';
import { MEDIA } from '../../../ground/media/index.js';
import {
  type Candidate,
  type Duty,
  HOUSE_RULES,
  type HouseRule,
  houseRuleSettings,
  judgeCandidate,
  select,
} from '../index.js';
import { JUDGEMENTS } from './judgements.js';

const DUTY: Duty = { function: 'isolate', medium: 'irrigation', dn: 20, pressurePa: 4e5, temperatureC: 10 };

describe('what a foreman would say', () => {
  it.each(JUDGEMENTS)('$said: $verdict', ({ duty, valve, verdict, rule }) => {
    const judged = judgeCandidate({ ...DUTY, ...duty }, valve, houseRuleSettings());
    expect({ verdict: judged.verdict, reasons: judged.reasons }).toMatchObject({ verdict });
    if (rule !== undefined) expect(judged.reasons.map((reason) => reason.rule)).toContain(rule);
  });
});

const duties: fc.Arbitrary<Duty> = fc.record({
  function: fc.constantFrom(...VALVE_FUNCTIONS),
  medium: fc.constantFrom(...MEDIA),
  dn: fc.constantFrom(15, 20, 50, 100, 200),
  pressurePa: fc.integer({ min: 0, max: 2e7 }),
  temperatureC: fc.integer({ min: -5, max: 250 }),
  flowM3s: fc.option(fc.double({ min: 0, max: 0.1, noNaN: true }), { nil: undefined }),
  pipe: fc.option(fc.constant({ material: 'steel' as const, lengthUpstreamM: 30 }), { nil: undefined }),
  orientation: fc.constantFrom(undefined, 'horizontal', 'vertical-up', 'vertical-down'),
  solids: fc.constantFrom(undefined, 'none', 'grit', 'stringy'),
  startsPerHour: fc.constantFrom(undefined, 2, 12),
  place: fc.constantFrom(undefined, 'indoors', 'buried', 'outdoors'),
});
const valves: fc.Arbitrary<Candidate> = fc.record({
  type: fc.constantFrom(...VALVE_TYPES),
  operator: fc.constantFrom(undefined, 'lever', 'gear', 'operating-nut', 'electric'),
  port: fc.constantFrom(undefined, 'full', 'reduced'),
  seatMaterial: fc.constantFrom(undefined, 'ptfe', 'epdm', 'metal'),
  approvals: fc.constantFrom(undefined, [], ['potable' as const], ['gas' as const]),
  ratingId: fc.constantFrom(undefined, 'body-brass-600cwp' as const),
});
const settings = fc
  .record(
    Object.fromEntries(
      (Object.keys(HOUSE_RULES) as HouseRule[]).map((rule) => [
        rule,
        fc.constantFrom(...Object.keys(HOUSE_RULES[rule].options)),
      ]),
    ),
  )
  .map((taken) => houseRuleSettings(taken));

describe('every judgement there can be', () => {
  it('is out where one rule rules out, care where one wants care, and fits otherwise', () => {
    fc.assert(
      fc.property(duties, valves, settings, (duty, valve, taken) => {
        const { verdict, reasons } = judgeCandidate(duty, valve, taken);
        const said = reasons.map((reason) => reason.verdict);
        expect(verdict).toBe(said.includes('out') ? 'out' : said.includes('care') ? 'care' : 'fits');
      }),
    );
  });

  it('speaks in whole sentences, measures in finite figures, and promises nothing', () => {
    fc.assert(
      fc.property(duties, valves, settings, (duty, valve, taken) => {
        for (const { text, measured } of judgeCandidate(duty, valve, taken).reasons) {
          expect(text).toMatch(/^[A-Z].*[.?]$/s);
          expect(text).not.toMatch(/undefined|NaN|\bsafe\b|complian/i);
          if (measured) expect(Number.isFinite(measured.value) && Number.isFinite(measured.limit)).toBe(true);
        }
      }),
    );
  });

  it('says each rule once', () => {
    fc.assert(
      fc.property(duties, valves, settings, (duty, valve, taken) => {
        const rules = judgeCandidate(duty, valve, taken).reasons.map(({ rule }) => rule);
        expect(new Set(rules).size).toBe(rules.length);
      }),
    );
  });

  it('scores what is not out between 0 and 100, best first, and nothing else', () => {
    fc.assert(
      fc.property(duties, fc.array(valves, { minLength: 1, maxLength: 12 }), settings, (duty, all, taken) => {
        const { results, ranked } = select(duty, all, taken);
        expect([...ranked].sort((a, b) => a - b)).toEqual(
          results.filter(({ verdict }) => verdict !== 'out').map(({ index }) => index),
        );
        const scores = ranked.map((index) => results[index]?.score ?? -1);
        for (const score of scores) expect(score >= 0 && score <= 100).toBe(true);
        expect([...scores].sort((a, b) => b - a)).toEqual(scores);
      }),
    );
  });

  it('does not change with the order of the candidates', () => {
    fc.assert(
      fc.property(duties, fc.array(valves, { minLength: 2, maxLength: 8 }), (duty, all) => {
        const forward = select(duty, all).results.map(({ verdict }) => verdict);
        const backward = select(duty, [...all].reverse()).results.map(({ verdict }) => verdict);
        expect(backward.reverse()).toEqual(forward);
      }),
    );
  });
});
