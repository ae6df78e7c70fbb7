import { type Duty, type Verdict, houseRuleSettings, lineUp } from '@grevik/core';
import { DEMO_CATALOGUE } from './demo-data.js';
import { demoLines } from './demo-lines.js';

const places = new Map(
  demoLines().flatMap(({ medium, positions }) =>
    positions.map(({ tag, duty }): [string, Duty] => [tag, { ...duty, medium }]),
  ),
);

/** What the catalogue's model is judged at a place of the demo terminal; undefined where it is not made in the size. */
function judged(tag: string, model: string): { verdict: Verdict; rules: string[] } | undefined {
  const duty = places.get(tag);
  if (!duty) throw new Error(`no position ${tag}`);
  const { columns, tray } = lineUp(duty, DEMO_CATALOGUE, houseRuleSettings());
  const column = [...columns, ...tray].find(({ model: of }) => `${of.maker} ${of.model}` === model);
  return column && { verdict: column.verdict, rules: column.reasons.map(({ rule }) => rule) };
}

describe('the demo terminal, judged', () => {
  it.each([
    ['CW-104', 'Brindlow 8T', 'out', 'potable-approval'],
    ['CW-110', 'Kell & Vane 6S', 'out', 'gate-no-throttle'],
    ['GA-102', 'Dunmere C1', 'out', 'taper-plug-new'],
    ['GA-102', 'Ostrand 21P', 'out', 'gas-approval'],
    ['SP-103', 'Saltholm R16', 'out', 'fire-indicating'],
    ['SP-103', 'Saltholm R16F', 'fits', 'butterfly-clean-water'],
    ['SP-103', 'Dunmere E5F', 'out', 'fire-indicating'],
    ['LS-101', 'Saltholm K2', 'care', 'ball-sewage'],
    ['LS-101', 'Saltholm P2', 'out', 'dual-plate-solids'],
    ['LS-101', 'Ostrand 61F', 'out', 'inline-solids'],
    ['LS-102', 'Dunmere E5', undefined, 'plug-shaft'],
    ['LS-102', 'Saltholm R16', 'out', 'waste-butterfly'],
    ['BS-102', 'Saltholm W15M', undefined, 'mains-isolation'],
  ] as const)('at %s %s is %s by %s', (tag, model, verdict, rule) => {
    const said = judged(tag, model);
    expect(said?.rules).toContain(rule);
    if (verdict) expect(said?.verdict).toBe(verdict);
  });

  it('leaves something to pick at nearly every place, and says why at the others', () => {
    const empty = [...places].filter(([, duty]) => lineUp(duty, DEMO_CATALOGUE).columns.length === 0);
    expect(empty.length).toBeLessThan(places.size / 20);
    for (const [, duty] of empty)
      for (const { reasons } of lineUp(duty, DEMO_CATALOGUE).tray) expect(reasons.length).toBeGreaterThan(0);
  });

  it('asks as many facts as the catalogue leaves open, and no rule twice', () => {
    for (const [, duty] of places)
      for (const { reasons } of lineUp(duty, DEMO_CATALOGUE).columns) {
        const rules = reasons.map(({ rule }) => rule);
        expect(new Set(rules).size).toBe(rules.length);
      }
  });
});
