import * as fc from 'fast-check';
import { PIPE_MATERIALS } from '../../ground/pipes/index.js';
import { type Candidate, type Duty, houseRuleSettings } from '../duty/index.js';
import { ENDS, VALVE_TYPES } from '../../ground/valves/index.js';
import {
  type HookUpCase,
  type JoinedSide,
  PLACE_LIMIT_IDS,
  boltSet,
  facingOf,
  hookUp,
  hookUpCalculation,
  partWords,
  connectionWords,
} from './index.js';
import { calculate } from '../../registry/index.js';

const cold: Duty = {
  medium: 'potable-cold',
  function: 'isolate',
  dn: 20,
  pressurePa: 517107,
  temperatureC: 10,
  pipe: { material: 'copper' },
};
const ball: Candidate = {
  type: 'ball',
  ratingId: 'body-brass-600cwp',
  bodyMaterial: 'dzr-brass',
  seatMaterial: 'ptfe',
  ends: ['fip', 'fip'],
};
const inlet = (of: HookUpCase): JoinedSide => hookUp(of).sides[0]!;
const connection = (of: HookUpCase, id: string) => inlet(of).ways.find((one) => one.id === id)!;
const kit = (of: HookUpCase): string[] =>
  hookUp(of).kit.map((part) => `${part.count ?? '–'} ${partWords(part, 'us')}`);

describe('the hook-up', () => {
  it('takes copper straight into a press end, and says what that makes of the weakest part', () => {
    const side = inlet({ duty: cold, valve: { ...ball, ends: ['press', 'press'] } });
    expect(side.taken).toMatchObject({ id: 'press', verdict: 'fits', weakest: { name: 'press joint' } });
    expect(side.taken?.weakest?.allowablePa).toBeCloseTo(1378951, -1);
  });

  it('brings copper into a threaded valve through adapters, lead-free where it is drunk, counted for both sides', () => {
    expect(inlet({ duty: cold, valve: ball }).ways.map(({ id, verdict }) => `${id} ${verdict}`)).toEqual([
      'press-adapter fits',
      'solder-adapter fits',
      'push-adapter fits',
      'compression-adapter fits',
    ]);
    expect(kit({ duty: cold, valve: ball })).toEqual([
      '– ¾ in press tool with its jaw',
      '2 ¾ in adapter, press × male thread, lead-free',
      '– sealant listed for the medium',
    ]);
    expect(kit({ duty: { ...cold, medium: 'heating-water' }, valve: ball })[1]).not.toContain('lead-free');
  });

  it.each([
    ['no-torch', 'sweat', 'solder', 'out', 'torch'],
    ['wet-line', 'sweat', 'solder', 'out', 'wet'],
    ['no-wrench-room', 'press', 'press', 'care', 'wrench-room'],
    ['no-wrench-room', 'od-compression', 'compression', 'out', 'wrench-room'],
    ['closed-wall', 'od-compression', 'compression', 'out', 'closed-up'],
    ['closed-wall', 'push-fit', 'push', 'care', 'closed-up'],
  ] as const)('with %s a %s end is %s: %s', (limit, end, id, verdict, rule) => {
    const one = connection({ duty: cold, valve: { ...ball, ends: [end, end] }, limits: [limit] }, id);
    expect(one.verdict).toBe(verdict);
    expect(one.reasons.map((reason) => reason.rule)).toContain(rule);
  });

  it('knows from the duty that people are in the house and the wall is closed', () => {
    const duty: Duty = { ...cold, occupied: true, place: 'concealed' };
    expect(connection({ duty, valve: { ...ball, ends: ['sweat', 'sweat'] } }, 'solder').verdict).toBe('care');
    expect(connection({ duty, valve: ball }, 'press-adapter').verdict).toBe('fits');
    expect(connection({ duty, valve: ball }, 'compression-adapter').verdict).toBe('out');
  });

  it('falls to the next connection when the first is forbidden, and takes the one asked for', () => {
    expect(inlet({ duty: cold, valve: ball, ways: { in: 'solder-adapter' } }).taken?.id).toBe(
      'solder-adapter',
    );
    expect(
      inlet({ duty: cold, valve: ball, ways: { in: 'solder-adapter' }, limits: ['no-torch'] }).taken?.id,
    ).toBe('press-adapter');
    const { pipe: _pipe, ...unknown } = cold;
    expect(hookUp({ duty: unknown, valve: ball })).toMatchObject({
      verdict: 'care',
      reasons: [{ rule: 'unknown-pipe' }],
    });
    const taken = hookUp({ duty: cold, valve: ball, limits: ['no-wrench-room'] });
    expect(taken.verdict).toBe('out');
    expect(taken.sides[0]?.taken).toBeUndefined();
  });

  it('refuses NPT into BSP and offers the listed adapter', () => {
    const of: HookUpCase = {
      duty: { ...cold, pipe: { material: 'steel' } },
      valve: { ...ball, bodyMaterial: 'stainless', ends: ['bspp', 'bspp'] },
    };
    expect(connection(of, 'straight-on')).toMatchObject({ verdict: 'out' });
    expect(connection(of, 'straight-on').reasons[0]?.text).toContain('leaks');
    expect(inlet(of).taken).toMatchObject({ id: 'thread-listed', verdict: 'fits' });
    expect(kit(of)).toContain(
      '2 ¾ in listed thread adapter, BSP parallel thread × female thread NPT, lead-free',
    );
  });

  it('refuses a metal thread in a plain plastic female, another maker’s tail, and PVC glued to CPVC', () => {
    const steel: Duty = { ...cold, medium: 'irrigation', pipe: { material: 'galvanised' } };
    const plastic: Candidate = { type: 'ball', bodyMaterial: 'pvc', ends: ['fip', 'fip'] };
    expect(connection({ duty: steel, valve: plastic }, 'thread').verdict).toBe('out');
    expect(inlet({ duty: steel, valve: plastic }).taken?.id).toBe('thread-reinforced');
    const radiator: Candidate = { type: 'radiator-metering', ends: ['fip', 'union-tail'] };
    const hot: Duty = { ...cold, medium: 'steam-low', temperatureC: 110, pipe: { material: 'steel' } };
    const out = hookUp({ duty: hot, valve: radiator }).sides[1]!;
    expect(out.taken?.id).toBe('own-tail');
    expect(out.ways.at(-1)).toMatchObject({ id: 'old-tail', verdict: 'out' });
    const glued = {
      duty: { ...cold, pipe: { material: 'pvc' } } as Duty,
      valve: { ...plastic, bodyMaterial: 'cpvc', ends: ['solvent-socket', 'solvent-socket'] } as Candidate,
    };
    expect(connection(glued, 'solvent').verdict).toBe('out');
  });

  it('lets a plastic male into a plastic female, and no metal adapter without its ring', () => {
    const plastic: Candidate = { type: 'ball', bodyMaterial: 'pvc', ends: ['fip', 'fip'] };
    const connectionsOf = (material: 'pvc' | 'copper') =>
      inlet({ duty: { ...cold, pipe: { material } }, valve: plastic }).ways.map(
        ({ id, verdict }) => `${id} ${verdict}`,
      );
    expect(connectionsOf('pvc')).toContain('solvent-adapter fits');
    expect(connectionsOf('copper')).toEqual(
      expect.arrayContaining(['press-adapter out', 'press-adapter-reinforced fits']),
    );
  });

  it('wants a union in reach, listed fittings on a fire line, and no glued plastic with air', () => {
    const closed = hookUp({
      duty: { ...cold, medium: 'heating-water', pipe: { material: 'steel' } },
      valve: ball,
      limits: ['closed-wall'],
    });
    expect(closed.reasons.map(({ rule }) => rule)).toEqual(['union-closed-up']);
    expect(
      connection({ duty: { ...cold, medium: 'fire-water' }, valve: ball }, 'press-adapter').reasons[0]?.rule,
    ).toBe('fire-joint');
    const air = connection(
      { duty: { ...cold, medium: 'compressed-air', pipe: { material: 'pvc' } }, valve: ball },
      'solvent-adapter',
    );
    expect(air).toMatchObject({ verdict: 'out', reasons: [{ rule: 'gas-joint' }] });
  });

  it('keeps soft solder and unlisted joints off gas, and plastic off steam', () => {
    const gas: Duty = { ...cold, medium: 'natural-gas', pressurePa: 1700 };
    expect(connection({ duty: gas, valve: ball }, 'solder-adapter').verdict).toBe('out');
    expect(connection({ duty: gas, valve: ball }, 'compression-adapter').verdict).toBe('out');
    expect(connection({ duty: gas, valve: ball }, 'press-adapter').verdict).toBe('care');
    const steam: Duty = { ...cold, medium: 'steam-low', temperatureC: 110, pipe: { material: 'pex' } };
    expect(hookUp({ duty: steam, valve: ball }).verdict).toBe('out');
  });

  it('follows the house rule on push-fit', () => {
    const of = { duty: cold, valve: { ...ball, ends: ['push-fit', 'push-fit'] } as Candidate };
    expect(connection(of, 'push').verdict).toBe('fits');
    expect(connection({ ...of, settings: houseRuleSettings({ 'push-fit': 'never' }) }, 'push').verdict).toBe(
      'out',
    );
  });

  it('rules out a joint the pressure is too high for', () => {
    const of = {
      duty: { ...cold, pressurePa: 3e6 },
      valve: { ...ball, ends: ['press', 'press'] } as Candidate,
    };
    expect(connection(of, 'press')).toMatchObject({
      verdict: 'out',
      reasons: [{ rule: 'strength', measured: { value: 3e6, unit: 'Pa' } }],
    });
  });

  it('puts no gasket with a rubber-seated wafer, and its through bolts once', () => {
    const duty: Duty = { ...cold, dn: 100, pipe: { material: 'steel' } };
    const wafer: Candidate = {
      type: 'butterfly-resilient',
      bodyMaterial: 'ductile-iron',
      ends: ['wafer', 'wafer'],
    };
    const said = kit({ duty, valve: wafer });
    expect(said.join()).not.toMatch(/gasket|union/);
    expect(said).toContain('8 4 in through bolts with two nuts, ⅝-inch × 5¾ in');
    expect(hookUp({ duty: { ...duty, endOfLine: true }, valve: wafer })).toMatchObject({
      verdict: 'out',
      reasons: [{ rule: 'wafer-end' }],
    });
    expect(facingOf(duty, wafer).find(({ about }) => about === 'ends')?.text).toContain('No gasket');
  });

  it('gives a lug two sets of cap screws, and any other flange its gasket', () => {
    const duty: Duty = { ...cold, dn: 150, pipe: { material: 'steel' } };
    const lug: Candidate = {
      type: 'butterfly-resilient',
      bodyMaterial: 'ductile-iron',
      ends: ['lug', 'lug'],
    };
    expect(kit({ duty, valve: lug })).toContain('16 6 in cap screws, ¾-inch × 1¾ in');
    const gate: Candidate = {
      type: 'gate-solid',
      bodyMaterial: 'grey-iron',
      ends: ['flange-125', 'flange-125'],
    };
    expect(kit({ duty, valve: gate })).toEqual(
      expect.arrayContaining([
        '2 6 in full-face gasket, class 125, flat face',
        '16 6 in bolts with nuts, ¾-inch × 3¼ in',
      ]),
    );
  });

  it('brings a buried valve its glands, restraint, box, key and coated bolts', () => {
    const duty: Duty = { ...cold, dn: 150, place: 'buried', pipe: { material: 'ductile-iron' } };
    const valve: Candidate = {
      type: 'gate-resilient',
      bodyMaterial: 'ductile-iron',
      operator: 'operating-nut',
      ends: ['mechanical-joint', 'mechanical-joint'],
    };
    const said = kit({ duty, valve, coverM: 1.2 });
    expect(said).toEqual(
      expect.arrayContaining([
        '2 6 in gland, gasket and T-bolts ¾-inch, stainless or coated',
        '1 valve box with cover',
        '1 extension stem for 3.94 ft of cover',
        '1 valve key',
        '1 polyethylene wrap',
      ]),
    );
    expect(hookUp({ duty, valve }).reasons.map(({ rule }) => rule)).toContain('restraint');
    expect(kit({ duty, valve })).toContain('1 extension stem: measure the cover');
  });

  it('puts a dielectric union between brass and steel, an insulating kit at a flange, and a union where it would not come out', () => {
    const duty: Duty = { ...cold, medium: 'heating-water', pipe: { material: 'steel' } };
    expect(kit({ duty, valve: ball })).toContain('2 ¾ in dielectric union');
    expect(kit({ duty, valve: { ...ball, bodyMaterial: 'stainless' } })).toContain('1 ¾ in union, threaded');
    expect(kit({ duty: { ...duty, medium: 'compressed-air' }, valve: ball }).join()).not.toContain(
      'dielectric',
    );
    const iron: Candidate = {
      type: 'gate-solid',
      bodyMaterial: 'grey-iron',
      ends: ['flange-125', 'flange-125'],
    };
    expect(kit({ duty: { ...duty, dn: 80, pipe: { material: 'copper' } }, valve: iron }).join()).toContain(
      'insulating kit',
    );
  });

  it('reduces where the pipe is of another size', () => {
    const of: HookUpCase = { duty: cold, valve: ball, pipes: { in: { material: 'copper', dn: 25 } } };
    expect(inlet(of).taken?.parts).toContainEqual(
      expect.objectContaining({ id: 'reducer', dn: 25, toDn: 20 }),
    );
    expect(hookUp(of).sides[1]?.taken?.parts.some(({ id }) => id === 'reducer')).toBe(false);
  });

  it('says what must face where', () => {
    const about = (type: Candidate['type'], more: Partial<Duty> = {}) =>
      facingOf({ ...cold, ...more }, { type }).map((one) => one.about);
    expect(about('check-swing')).toEqual(['arrow', 'hinge-pin']);
    expect(about('ball')).toEqual(['handle']);
    expect(about('globe')).toContain('arrow');
    expect(
      facingOf({ ...cold, dn: 100, medium: 'raw-sewage' }, { type: 'plug-eccentric' })[0]?.text,
    ).toContain('seat end upstream');
    expect(facingOf({ ...cold, dn: 100 }, { type: 'gate-solid', stem: 'os-y' }).at(-1)).toMatchObject({
      about: 'headroom',
      roomM: 0.5,
    });
  });

  it('has bolts of the usual lengths', () => {
    expect(boltSet('flange-150', 100, { as: 'flanges' })).toEqual({
      count: 8,
      thread: '5/8',
      lengthM: 0.0762,
    });
    expect(boltSet('flange-150', 200, { as: 'flanges' })?.lengthM).toBeCloseTo(0.0889, 6);
    expect(boltSet('flange-pn16', 150, { as: 'flanges' })).toMatchObject({ count: 8, thread: 'M20' });
    expect(boltSet('flange-150', 90, { as: 'flanges' })).toBeUndefined();
    expect(boltSet('flange-150', 100, { as: 'lug', kind: 'butterfly', gasket: false })?.lengthM).toBeLessThan(
      0.0239 + 0.026,
    );
  });

  it('answers every pipe, end, type and place with connections and never takes one that is ruled out', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PIPE_MATERIALS),
        fc.constantFrom(...ENDS),
        fc.constantFrom(...VALVE_TYPES),
        fc.subarray(PLACE_LIMIT_IDS),
        fc.constantFrom(15, 50, 100, 900),
        (material, end, type, limits, dn) => {
          const joined = hookUp({
            duty: { ...cold, dn, pipe: { material } },
            valve: { type, ends: [end, end] },
            limits,
          });
          for (const side of joined.sides) {
            expect(side.ways.length).toBeGreaterThan(0);
            expect(new Set(side.ways.map(({ id }) => id)).size).toBe(side.ways.length);
            for (const one of side.ways)
              if (one.verdict !== 'fits') expect(one.reasons.length).toBeGreaterThan(0);
            expect(side.taken?.verdict).not.toBe('out');
            if (!side.taken) expect(joined.verdict).toBe('out');
          }
          for (const part of joined.kit) {
            expect(partWords(part, 'us')).not.toMatch(/undefined|NaN/);
            expect(partWords(part, 'metric')).not.toMatch(/undefined|NaN|\d (in|ft)\b/);
          }
        },
      ),
    );
  });

  it('brings a stop the tube to its fixture, whatever the pipe before it is', () => {
    const stop: Candidate = {
      type: 'quarter-turn-stop',
      bodyMaterial: 'plated-brass',
      ends: ['press', 'od-compression'],
    };
    const joined = hookUp({ duty: { ...cold, dn: 15 }, valve: stop });
    expect(joined.sides.map(({ taken }) => taken?.id)).toEqual(['press', 'supply-tube']);
    expect(joined.kit.map(({ id }) => id)).toContain('supply-tube');
  });

  it('stiffens a soft tube under a ferrule', () => {
    const of: HookUpCase = {
      duty: { ...cold, pipe: { material: 'pex' } },
      valve: { ...ball, ends: ['od-compression', 'od-compression'] },
    };
    expect(kit(of)).toEqual(['2 ¾ in nut and ferrule', '2 ¾ in stiffener in the tube']);
  });

  it('says a connection as one says it', () => {
    const said = (of: HookUpCase) => inlet(of).ways.map(connectionWords);
    expect(said({ duty: cold, valve: ball })[0]).toBe('pressed, adapter screwed in');
    expect(
      said({
        duty: { ...cold, dn: 80, pipe: { material: 'steel' } },
        valve: { type: 'globe', ends: ['flange-150', 'lug'] },
      })[0],
    ).toBe('flange, screwed in');
    const bsp: HookUpCase = {
      duty: { ...cold, pipe: { material: 'steel' } },
      valve: { ...ball, ends: ['bspt', 'bspt'] },
    };
    expect(said(bsp)).toEqual(['screwed in, with a listed adapter', 'threaded directly']);
  });

  it('is called by name, and refuses what it does not know', () => {
    expect(calculate(hookUpCalculation as never, hookUpCalculation.example)).toMatchObject({
      verdict: 'fits',
    });
    expect(() =>
      calculate(hookUpCalculation as never, { duty: cold, valve: ball, choices: { limits: ['mood'] } }),
    ).toThrow(/limits/);
  });
});
