import fc from 'fast-check';
import { type Duty, houseRuleSettings } from '../selection/index.js';
import {
  type CatalogueModel,
  atHandle,
  candidateOf,
  columnsByType,
  lineUp,
  lineUpEach,
  modelWords,
  openValve,
  pickReason,
  pickedNow,
  reasonAlone,
  ruledOutByReason,
} from './index.js';

const duty: Duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
  flowM3s: 5e-4,
  pipe: { material: 'copper', lengthUpstreamM: 0 },
};
const press: CatalogueModel = {
  maker: 'Ostrand',
  model: '21P',
  type: 'ball',
  port: 'full',
  pieces: 2,
  bodyMaterial: 'dzr-brass',
  seatMaterial: 'ptfe',
  operator: 'lever',
  ends: ['press', 'press'],
  ratingId: 'body-brass-600cwp',
  approvals: ['potable'],
  lifeYears: [25, 35],
  sizes: [{ dn: 20, kv: 41, price: 18 }],
};
const nylon: CatalogueModel = { ...press, model: '14N', seatMaterial: 'nylon' };
const reduced: CatalogueModel = {
  ...press,
  model: '12P',
  port: 'reduced',
  pieces: 1,
  sizes: [{ dn: 20, boreM: 0.014, price: 11 }],
};
const big: CatalogueModel = { ...press, model: '90', sizes: [{ dn: 100, price: 400 }] };

describe('the line-up', () => {
  it('ranks what could serve, trays what is out, and names what is not made in the size', () => {
    const { columns, tray, otherSizes } = lineUp({ ...duty, temperatureC: 90 }, [press, nylon, big]);
    expect(columns.map(({ model }) => model.model)).toEqual(['21P']);
    expect(tray).toMatchObject([{ model: { model: '14N' }, reasons: [{ rule: 'seat-temperature' }] }]);
    expect(otherSizes).toEqual([big]);
  });

  it('names the weakest part and what it carries', () => {
    expect(lineUp(duty, [press]).columns[0]?.rating).toMatchObject({
      governing: 'press joint',
      allowablePa: 1378951,
    });
  });

  it('takes the Kv of the sheet before the estimate, and estimates a reduced bore lower', () => {
    expect(openValve(duty, press, press.sizes[0]!)).toEqual({ kv: 41, source: 'sheet', boreRatio: 1 });
    const full = openValve(duty, press, { dn: 20, price: 1 })!;
    const small = openValve(duty, reduced, reduced.sizes[0]!)!;
    expect(full).toMatchObject({ source: 'estimate', kv: expect.closeTo(58.88, 2) as number });
    expect(small.kv).toBeLessThan(full.kv / 2);
    expect(openValve({ ...duty, pipe: undefined }, press, { dn: 20, price: 1 })).toBeUndefined();
    expect(openValve(duty, reduced, { dn: 20, price: 1 })).toBeUndefined();
  });
});

describe('a size made differently', () => {
  const plug: CatalogueModel = {
    maker: 'Ostrand',
    model: 'E2',
    type: 'plug-eccentric',
    port: 'full',
    ratingId: 'body-ductile-250psi',
    operator: 'lever',
    ends: ['flange-125', 'flange-125'],
    sizes: [
      { dn: 200, price: 900 },
      {
        dn: 300,
        price: 2100,
        port: 'reduced',
        operator: 'gear',
        points: [
          { temperatureC: 20, pressurePa: 1034214 },
          { temperatureC: 80, pressurePa: 1034214 },
        ],
      },
    ],
  };

  it('is judged, named and rated as that size is', () => {
    const [small, large] = plug.sizes;
    expect(candidateOf(plug, small!)).toMatchObject({ port: 'full', ratingId: 'body-ductile-250psi' });
    expect(candidateOf(plug, large!)).toMatchObject({ port: 'reduced', operator: 'gear' });
    expect(candidateOf(plug, large!)).not.toHaveProperty('ratingId');
    const duty: Duty = {
      medium: 'raw-sewage',
      function: 'isolate',
      dn: 300,
      pressurePa: 1.2e6,
      temperatureC: 15,
    };
    const { tray } = lineUp(duty, [plug]);
    expect(tray[0]!.model.port).toBe('reduced');
    expect(tray[0]!.reasons).toContainEqual(expect.objectContaining({ rule: 'rating', verdict: 'out' }));
  });
});

describe('what is picked', () => {
  const models = [{ ...press, id: 'a' }];
  const pick = { modelId: 'a', reason: 'No torch.' };

  it('is judged on the duty as it is now', () => {
    expect(pickedNow({ duty, pick }, duty, models, houseRuleSettings())).toMatchObject({
      verdict: 'fits',
      reason: 'No torch.',
      size: { price: 18 },
    });
    expect(pickedNow({ duty: { ...duty, dn: 25 }, pick }, duty, models, houseRuleSettings())).toMatchObject({
      verdict: 'out',
      reasons: [{ rule: 'size-made' }],
    });
  });

  it('is nothing where nothing was picked', () => {
    expect(pickedNow({ duty, pick: null }, duty, models, houseRuleSettings())).toBeUndefined();
  });
});

describe('at the handle', () => {
  it('passes nothing shut and nearly all open', () => {
    expect(atHandle(duty, 'ball', 41, 0)).toEqual({ flowM3s: 0, dropPa: 5e5, kv: 0, velocityMs: 0 });
    const open = atHandle(duty, 'ball', 41, 1)!;
    expect(open.flowM3s).toBeGreaterThan(4.99e-4);
    expect(open.dropPa).toBeLessThan(200);
  });

  it('shares the whole pressure between valve and line at every opening', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 50, noNaN: true }),
        (opening, kv) => {
          const { flowM3s, dropPa } = atHandle(duty, 'globe', kv, opening)!;
          expect(dropPa + 5e5 * (flowM3s / 5e-4) ** 2).toBeCloseTo(5e5, 3);
        },
      ),
    );
  });

  it('says nothing where the flow is not known, or the medium is a gas', () => {
    expect(atHandle({ ...duty, flowM3s: undefined }, 'ball', 41, 1)).toBeUndefined();
    expect(atHandle({ ...duty, medium: 'natural-gas' }, 'ball', 41, 1)).toBeUndefined();
  });
});

describe('the reason for a pick', () => {
  const { columns } = lineUp(duty, [press, { ...press, model: '88', sizes: [{ dn: 20, price: 90 }] }]);
  const [first, second] = columns;

  it('names what it beat and why, what it rests on, and until when it holds', () => {
    const reason = pickReason(first!, {
      beaten: second,
      assumed: ['temperature'],
      until: [
        { fact: 'pressure', share: 0.32 },
        { fact: 'flow', share: -0.5 },
      ],
    });
    expect(reason).toContain('Before Ostrand 88, which costs more per year.');
    expect(reason).toContain('Rests on what is only assumed: temperature.');
    expect(reason).toContain('Holds until pressure is 32 % higher, or flow is 50 % lower.');
  });

  it('says of what needs care why, and stands alone beside the model', () => {
    const reasons = [{ rule: 'x', verdict: 'care' as const, text: 'It seizes.' }];
    expect(
      pickReason({ ...first!, verdict: 'fits' }, { beaten: { ...second!, verdict: 'care', reasons } }),
    ).toContain('which needs care (It seizes).');
    expect(reasonAlone(pickReason(first!), press)).not.toContain('Ostrand');
    expect(reasonAlone('Because I say so.', press)).toBe('Because I say so.');
  });
});

describe('by types', () => {
  const globe: CatalogueModel = { ...press, model: 'G', type: 'globe', sizes: [{ dn: 20, price: 33 }] };
  const check: CatalogueModel = { ...press, model: 'C', type: 'check-swing' };

  it('one column a type stands for all its models and their prices', () => {
    const types = columnsByType(lineUp(duty, [press, reduced, globe]).columns);
    expect(types.find(({ type }) => type === 'ball')).toMatchObject({ prices: [11, 18], models: [{}, {}] });
    expect(types.map(({ best }) => best.model.type)).toEqual([...new Set(types.map(({ type }) => type))]);
  });

  it('what is out stands by its reason, the commonest first', () => {
    const models = [check, { ...press, model: 'N', approvals: [] }, { ...check, model: 'D' }];
    const groups = ruledOutByReason(lineUp(duty, models).tray);
    expect(groups[0]?.columns.map(({ model }) => model.model)).toEqual(['C', 'D']);
  });
});

describe('words', () => {
  it('names a model as a foreman does', () => {
    expect(modelWords(press)).toEqual({
      name: 'Ball, full port',
      details: 'two-piece, press × press, DZR brass, PTFE seats',
      from: 'Ostrand 21P',
    });
  });

  it('writes the reason for a pick without figures in units', () => {
    const reason = pickReason(lineUp(duty, [press]).columns[0]!);
    expect(reason).toBe(
      'Ball, full port (Ostrand 21P) fits. Weakest part: press joint, at 36 % of its rating.',
    );
    expect(pickReason(lineUp({ ...duty, function: 'throttle' }, [press]).columns[0]!)).not.toContain(
      'House rule',
    );
  });
});

describe('the line-ups of a job', () => {
  it('are those of each position, and one for positions that ask the same', () => {
    const settings = houseRuleSettings();
    const duties = [duty, { ...duty, pressurePa: 3e6 }, { ...duty }];
    const [first, hard, alike] = lineUpEach(duties, [press], settings);
    expect(alike).toBe(first);
    expect(first).toEqual(lineUp(duty, [press], settings));
    expect(hard).toEqual(lineUp(duties[1]!, [press], settings));
  });
});
