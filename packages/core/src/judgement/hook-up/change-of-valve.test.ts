import { ENDS } from '../../ground/valves/index.js';
import type { Candidate, Duty } from '../duty/index.js';
import {
  type HookUpCase,
  LINE_STOP_IDS,
  type LineStop,
  accessoryReasons,
  hookUp,
  partWords,
} from './index.js';

const cold: Duty = {
  medium: 'potable-cold',
  function: 'isolate',
  dn: 20,
  pressurePa: 517107,
  temperatureC: 10,
  pipe: { material: 'copper' },
  existing: true,
};
const ball: Candidate = {
  type: 'ball',
  ratingId: 'body-brass-600cwp',
  bodyMaterial: 'dzr-brass',
  seatMaterial: 'ptfe',
  ends: ['press', 'press'],
};
const changed = (of: Partial<HookUpCase>) => hookUp({ duty: cold, valve: ball, ...of }).change!;
const parts = (of: Partial<HookUpCase>): string[] => changed(of).parts.map(({ id }) => id);

describe('changing a valve that is already in the pipe', () => {
  it('is asked of an existing valve alone, and changes no verdict', () => {
    const { existing: _existing, ...fresh } = cold;
    expect(hookUp({ duty: fresh, valve: ball }).change).toBeUndefined();
    for (const stop of LINE_STOP_IDS)
      expect(hookUp({ duty: cold, valve: ball, stop }).verdict).toBe(
        hookUp({ duty: fresh, valve: ball }).verdict,
      );
  });

  it.each<[string, LineStop, Partial<Duty>, string[]]>([
    ['locks a valve that holds', 'holds', {}, ['lock-and-tag', 'drain-hose']],
    ['freezes small metal pipe', 'none', {}, ['freeze-kit', 'drain-hose']],
    ['locks and freezes where it leaks by', 'weeps', {}, ['lock-and-tag', 'freeze-kit', 'drain-hose']],
    ['freezes no plastic', 'none', { pipe: { material: 'pvc' } }, ['lock-and-tag', 'drain-hose']],
    [
      'books a line stop on a large main',
      'none',
      { dn: 150, pipe: { material: 'ductile-iron' } },
      ['line-stop', 'drain-hose'],
    ],
    ['leaves gas to the utility', 'none', { medium: 'natural-gas' }, ['lock-and-tag']],
    ['leaves steam to the boiler', 'weeps', { medium: 'steam-low', temperatureC: 110 }, ['lock-and-tag']],
  ])('%s', (_what, stop, more, expected) => {
    expect(parts({ duty: { ...cold, ...more }, stop }).slice(0, expected.length)).toEqual(expected);
  });

  it('lets nothing be soldered where the valve upstream leaks by', () => {
    const soldered = { ...ball, ends: ['sweat', 'sweat'] as Candidate['ends'] };
    expect(hookUp({ duty: cold, valve: soldered, stop: 'weeps' }).verdict).toBe('out');
    expect(hookUp({ duty: cold, valve: soldered, stop: 'holds' }).verdict).not.toBe('out');
  });

  it.each([
    ['copper', 'press', ['slip-coupling', 'pipe-piece']],
    ['pex', 'pex-barb', ['slip-coupling', 'pipe-piece']],
    ['steel', 'fip', ['nipple']],
    ['steel', 'flange-150', ['spool']],
    ['steel', 'grooved', ['grooved-coupling', 'pipe-piece']],
    ['ductile-iron', 'mechanical-joint', ['solid-sleeve', 'gland-set', 'pipe-piece']],
    ['steel', 'butt-weld', ['pipe-piece']],
  ] as const)('closes the gap in %s with %s ends', (material, end, expected) => {
    const duty = { ...cold, dn: 80, pipe: { material } };
    const closing = parts({ duty, valve: { ...ball, ends: [end, end] }, stop: 'holds' });
    expect(closing.slice(closing.indexOf('cutter') + 1)).toEqual(expected);
  });

  it('says how much longer the new body is, once both are measured, and until then to measure', () => {
    expect(changed({ oldLengthM: 0.06, newLengthM: 0.09 }).takeUpM).toBeCloseTo(0.03, 9);
    expect(changed({ oldLengthM: 0.06 }).takeUpM).toBeUndefined();
    expect(changed({}).steps.at(-1)).toContain('end to end');
    expect(changed({ oldLengthM: 0.06, newLengthM: 0.09 }).steps.join()).not.toContain('end to end');
  });

  it('has a step for every end, pipe and stop, and never a gas line frozen', () => {
    for (const end of ENDS)
      for (const stop of LINE_STOP_IDS) {
        const { steps, parts: bring } = changed({
          duty: { ...cold, medium: 'natural-gas', pipe: { material: 'steel' } },
          valve: { ...ball, ends: [end, end] },
          stop,
        });
        expect(steps.length).toBeGreaterThanOrEqual(2);
        expect(bring.map(({ id }) => id)).not.toContain('freeze-kit');
      }
  });
});

describe('metric tube', () => {
  it('is bought by its outside, and asks for ends made for it', () => {
    const { kit, reasons } = hookUp({ duty: cold, valve: ball, metricTube: true });
    expect(kit.map((part) => partWords(part, 'metric'))).toContain('22 mm press tool with its jaw');
    expect(reasons).toMatchObject([{ rule: 'metric-tube', verdict: 'advice' }]);
  });

  it('leaves pipe and flanges as they are', () => {
    const of = {
      duty: { ...cold, pipe: { material: 'steel' as const } },
      valve: { ...ball, ends: ['fip', 'fip'] },
    };
    expect(hookUp({ ...of, metricTube: true } as HookUpCase).kit).toEqual(hookUp(of as HookUpCase).kit);
  });
});

describe('accessories', () => {
  it.each([
    [{ place: 'concealed' }, {}, 'panel-mount'],
    [{ medium: 'wash-water-high-pressure' }, {}, 'wall-mount'],
    [{ publicAccess: true }, { operator: 'lever' }, 'safety-handle'],
    [{ temperatureC: 65 }, {}, 'extension'],
    [{ dn: 80 }, { operator: 'lever' }, 'long-handle'],
    [{ place: 'outdoors' }, {}, 'drain'],
  ] as const)('%j suggests one', (duty, valve, accessory) => {
    expect(accessoryReasons({ ...cold, ...duty }, { ...ball, ...valve })).toMatchObject([{ accessory }]);
    expect(accessoryReasons(cold, ball)).toEqual([]);
  });
});
