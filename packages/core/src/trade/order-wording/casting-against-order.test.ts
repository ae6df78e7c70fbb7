import { type CatalogueModel } from '../../judgement/line-up/index.js';
import {
  castingAgainstOrder,
  candidateOfSpec,
  orderLine,
  readOrder,
  specOfModel,
  chooseEnd,
  chooseField,
  chooseTube,
  openFields,
  specFieldWords,
  valveSaid,
  type ValveSpec,
} from './index.js';

const gate: ValveSpec = {
  family: 'steel',
  type: 'gate-solid',
  dn: 80,
  rating: { kind: 'class', value: 300 },
  body: 'A216 WCB',
  trim: 8,
};

describe('what came, against what was ordered', () => {
  it('agrees where the casting says the same, and names what it does not show', () => {
    const check = castingAgainstOrder({ ...gate, standard: 'API 600' }, '3 300 WCB');
    expect(check).toEqual({
      differences: [],
      agree: ['dn', 'rating', 'body'],
      unseen: ['standard'],
      unread: [],
    });
  });

  it('names each difference with both in words', () => {
    expect(castingAgainstOrder(gate, '2 150 WCB')).toMatchObject({
      differences: [
        { field: 'dn', ordered: '3 in', found: '2 in' },
        { field: 'rating', ordered: 'class 300', found: 'class 150' },
      ],
    });
    expect(castingAgainstOrder(gate, '3 300 CF8M').differences).toEqual([
      { field: 'body', ordered: 'A216 WCB', found: 'CF8M' },
    ]);
    expect(
      castingAgainstOrder({ dn: 25, rating: { kind: 'cwp', value: 600 } }, '1 400 WOG', 'metric').differences,
    ).toEqual([{ field: 'rating', ordered: '600 CWP', found: '400 CWP' }]);
  });

  it('takes a steel by its designation for carbon steel, and asks again where nothing is shown', () => {
    expect(castingAgainstOrder({ ...gate, body: 'carbon-steel' }, '3 300 WCB').differences).toEqual([]);
    expect(castingAgainstOrder({ dn: 25, leadFree: true }, '').unseen).toEqual(['dn', 'leadFree']);
  });
});

describe('a model as it is ordered', () => {
  const ball: CatalogueModel = {
    maker: 'Ostrand',
    model: '21T',
    type: 'ball',
    port: 'full',
    pieces: 2,
    bodyMaterial: 'dzr-brass',
    seatMaterial: 'ptfe',
    stem: 'non-blowout',
    operator: 'lever',
    ratingId: 'body-brass-600cwp',
    approvals: ['potable', 'gas'],
    ends: ['fip', 'fip'],
    sizes: [{ dn: 25, price: 24.1 }],
  };

  it('is said in full, complete, and read back as it was', () => {
    const spec = specOfModel(ball, { dn: 25 }, { medium: 'potable-cold' });
    const { text, complete } = orderLine(spec);
    expect(complete).toBe(true);
    expect(text).toBe(
      '1 in ball valve, FIP x FIP, full port, lead-free DZR brass, two-piece, PTFE seats, non-blowout stem, lever, 600 CWP, gas, potable',
    );
    expect(readOrder(text).spec).toEqual(spec);
  });

  it('of a check takes the way the water goes, of a stop its action, and of a buried gate its box', () => {
    const { port: _port, pieces: _pieces, ...plain } = ball;
    const check = specOfModel(
      { ...plain, type: 'check-swing' },
      { dn: 25 },
      { medium: 'potable-cold', orientation: 'vertical-up' },
    );
    expect(check).toMatchObject({ family: 'check', kind: 'swing', orientation: 'vertical-up' });
    const stop = specOfModel(
      { ...plain, type: 'quarter-turn-stop', ends: ['sweat', 'od-compression'] },
      { dn: 15 },
      { medium: 'potable-cold' },
    );
    expect(orderLine(stop).missing.map(({ field }) => field)).toEqual(['ends', 'form']);
    const asked = chooseField(chooseTube(stop, 1, 0.375), 'form', 'angle');
    expect(orderLine(asked).text).toContain('1/2 in sweat x 3/8 in OD compression angle stop, quarter turn');
    expect(chooseTube(asked, 1, undefined).ends?.[1]).toEqual({ side: 'fixture', style: 'od-compression' });
    const gate_ = specOfModel(
      {
        ...plain,
        type: 'gate-resilient',
        bodyMaterial: 'ductile-iron',
        standard: 'AWWA C515',
        ratingId: 'body-ductile-250psi',
        ends: ['mechanical-joint', 'mechanical-joint'],
        operator: 'operating-nut',
      },
      { dn: 150 },
      { medium: 'potable-cold', place: 'buried' },
    );
    expect(gate_).toMatchObject({
      family: 'waterworks',
      box: true,
      rating: { kind: 'psi', value: 250 },
    });
    expect(orderLine(gate_).missing.map(({ field }) => field)).toEqual(['coating', 'opening']);
  });

  it('says what a size, a relief, a solenoid and a reducer have of their own, and what goes along', () => {
    const water = { medium: 'potable-cold' } as const;
    const geared = specOfModel(ball, { dn: 25, operator: 'gear', ends: ['flange-150', 'flange-150'] }, water);
    expect(geared).toMatchObject({
      operator: 'gear',
      ends: [{ style: 'flange-150' }, { style: 'flange-150' }],
    });
    const plain = { maker: 'Ostrand', sizes: ball.sizes };
    const relief = { ...plain, model: 'R', type: 'relief' as const, setPressurePa: 1034214, capacityKgH: 90 };
    expect(specOfModel(relief, { dn: 20 }, water)).toMatchObject({ setPressurePa: 1034214, capacityKgH: 90 });
    const solenoid = {
      ...plain,
      model: 'S',
      type: 'solenoid' as const,
      normally: 'closed' as const,
      voltageV: 24,
    };
    expect(specOfModel(solenoid, { dn: 20 }, water)).toMatchObject({ normally: 'closed', voltageV: 24 });
    const reducer = { ...plain, model: 'P', type: 'pressure-reducing' as const, rangePa: [172369, 517107] };
    expect(specOfModel(reducer, { dn: 20 }, water)).toMatchObject({ rangePa: [172369, 517107] });
    expect(orderLine(specOfModel(ball, { dn: 25 }, water, ['panel-mount'])).text).toContain('panel mount');
  });

  it('is judged again as the candidate it was', () => {
    expect(candidateOfSpec(specOfModel(ball, { dn: 25 }, { medium: 'potable-cold' }))).toEqual({
      type: 'ball',
      port: 'full',
      pieces: 2,
      bodyMaterial: 'dzr-brass',
      seatMaterial: 'ptfe',
      stem: 'non-blowout',
      operator: 'lever',
      ratingId: 'body-brass-600cwp',
      approvals: ['gas', 'potable'],
      ends: ['fip', 'fip'],
    });
  });
});

describe('a field at a time', () => {
  const choices = openFields({ family: 'bronze', ends: [] });

  it('takes every choice that is offered, and says it', () => {
    for (const family of ['stop', 'bronze', 'steel', 'waterworks', 'check', 'prv'] as const)
      for (const { field, choices: offered } of openFields({
        family,
        ends: [
          { side: 'in', style: 'flange-150' },
          { side: 'out', style: 'flange-150' },
        ],
      }))
        for (const choice of offered) {
          const chosen = chooseField({ family }, field, choice);
          expect([field, choice, chosen[field] !== undefined]).toEqual([field, choice, true]);
          expect(specFieldWords(chosen, field)).not.toBe('');
        }
    expect(choices.length).toBeGreaterThan(4);
  });

  it('takes a choice back, and one end alone', () => {
    expect(chooseField({ type: 'ball', seat: 'ptfe' }, 'seat', '')).toEqual({ type: 'ball' });
    const ends = [
      { side: 'in' as const, style: 'fip' as const },
      { side: 'out' as const, style: 'fip' as const },
    ];
    expect(chooseEnd({ ends }, 1, 'press').ends?.map(({ style }) => style)).toEqual(['fip', 'press']);
    expect(specFieldWords({ setPressurePa: 413685.44 }, 'setPressurePa', 'metric')).toBe('4.14 bar');
  });
});

describe('whether words name a valve', () => {
  it.each([
    ['1 in ball valve, FIP x FIP', true],
    ['stop for basins', true],
    ['6 in gland, gasket and T-bolts ¾-inch, stainless or coated', false],
    ['thread sealant', false],
  ])('%s: %s', (text, isValve) => {
    expect(valveSaid(text) !== undefined).toBe(isValve);
  });
});
