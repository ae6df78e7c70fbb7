import {
  type Candidate,
  type Duty,
  type HouseRule,
  type Reason,
  RULES,
  houseRuleSettings,
  judgeCandidate,
} from '../../index.js';
import { CHECK_CLAIMS } from './check-claims.js';
import { DUTY, BALL, throttle, moving, carries } from './claim.js';
import { VALVE_CLAIMS } from './valve-claims.js';
import { WATERWORKS_CLAIMS } from './waterworks-claims.js';

const CLAIMS = [...VALVE_CLAIMS, ...CHECK_CLAIMS, ...WATERWORKS_CLAIMS];

describe('the rule table', () => {
  it.each(CLAIMS)('%s with duty %j and valve %j says %s', (rule, duty, valve, verdict) => {
    const { reasons } = judgeCandidate({ ...DUTY, ...duty }, { ...BALL, ...valve }, houseRuleSettings());
    const said = reasons.find((reason) => reason.rule === rule);
    expect(said?.verdict).toBe(verdict);
  });

  /** Rules that say nothing on the defaults: claimed with another option below. */
  const BY_OPTION_ONLY = ['gas-cock-side', 'port-side'];

  it('is claimed rule by rule: each one speaks in some claim', () => {
    const spoken = new Set(CLAIMS.filter(([, , , verdict]) => verdict !== undefined).map(([rule]) => rule));
    expect(RULES.map((rule) => rule.id).filter((id) => !spoken.has(id))).toEqual(BY_OPTION_ONLY);
  });

  it('gives each rule an id of its own and says when it speaks', () => {
    expect(new Set(RULES.map((rule) => rule.id)).size).toBe(RULES.length);
    for (const rule of RULES) expect(rule.when.length).toBeGreaterThan(5);
  });

  it('puts no figure with a unit into a sentence, and never says safe or compliant', () => {
    for (const [, duty, valve] of CLAIMS) {
      for (const { text } of judgeCandidate({ ...DUTY, ...duty }, { ...BALL, ...valve }, houseRuleSettings())
        .reasons) {
        expect(text).not.toMatch(/\d ?(psi|bar|kPa|Pa|°|gpm|mm)\b/);
        expect(text).not.toMatch(/\bsafe\b|complian/i);
      }
    }
  });
});

describe('house rules', () => {
  it.each([
    ['ball-throttling', 'never', throttle, {}, 'out'],
    ['butterfly-shutoff', 'never', {}, { type: 'butterfly-resilient' }, 'out'],
    ['gate-life', 'on-sight', { place: 'indoors' }, { type: 'gate-solid' }, 'out'],
    ['gate-life', 'exercised', { place: 'indoors' }, { type: 'gate-solid' }, 'care'],
    ['push-fit', 'never', {}, { ends: ['push-fit', 'push-fit'] }, 'out'],
    [
      'push-fit',
      'visible',
      { place: 'buried' },
      { ends: ['push-fit', 'push-fit'], operator: 'operating-nut' },
      'care',
    ],
    ['old-gates', 'leave', { existing: true }, { type: 'gate-solid' }, 'care'],
    ['stops', 'multi-turn', { dn: 15 }, { type: 'compression-stop' }, 'supports'],
    ['gas-cock', 'butterfly', { medium: 'natural-gas' }, {}, 'care'],
    ['gas-cock', 'ball', { medium: 'natural-gas' }, { type: 'butterfly-gas-cock' }, 'care'],
    ['port', 'full', {}, { port: 'reduced' }, 'care'],
    [
      'sewage-check',
      'flapper',
      { function: 'non-return', medium: 'raw-sewage' },
      { type: 'check-ball' },
      'out',
    ],
    [
      'sewage-check',
      'ball',
      { function: 'non-return', medium: 'raw-sewage' },
      { type: 'check-swing' },
      'care',
    ],
    ['riser-purge', 'permanent', { function: 'purge', medium: 'natural-gas' }, {}, 'care'],
  ] satisfies [HouseRule, string, Partial<Duty>, Partial<Candidate>, Reason['verdict']][])(
    '%s on %s decides, and every option is quoted',
    (houseRule, side, duty, valve, verdict) => {
      const { reasons } = judgeCandidate(
        { ...DUTY, ...duty },
        { ...BALL, ...valve },
        houseRuleSettings({ [houseRule]: side }),
      );
      const said = reasons.find((reason) => reason.houseRule === houseRule);
      expect(said?.verdict).toBe(verdict);
      expect(said?.text).toContain('House rule:');
      expect(said?.text).toContain('Other practice:');
    },
  );

  it('lets an exercised gate be where the company holds that it is fine', () => {
    const duty = { ...DUTY, place: 'indoors', operatedPerYear: 1 } as const;
    expect(
      judgeCandidate(duty, { ...BALL, type: 'gate-solid' }, houseRuleSettings({ 'gate-life': 'exercised' }))
        .verdict,
    ).toBe('fits');
  });
});

describe('slam-shut', () => {
  it('names the least closing time and the peak against the limit', () => {
    const [reason] = judgeCandidate(
      { ...DUTY, ...moving },
      { ...BALL, ...carries(7e5) },
      houseRuleSettings(),
    ).reasons.filter((r) => r.rule === 'slam-shut');
    expect(reason?.measured).toMatchObject({ limit: 7e5, unit: 'Pa' });
    const { value, leastTimeS } = reason?.measured ?? {};
    expect(value).toBeGreaterThan(7e5);
    expect(leastTimeS).toBeGreaterThan(0.3);
  });
});
