import { type CatalogueModel, InvalidInput, VALVE_TYPES } from '@grevik/core';
import { renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { createElement } from 'react';
import { Provider } from 'react-redux';
import { type Figures, useFigures } from '../../kit/useFigures';
import { makeStore } from '../../store/store';
import { unitsChosen } from '../../store/units-slice';
import { modelFrom, typedModel } from './model-form';
import { EMPTY_SIZE } from './size-form';

function figuresIn(units: 'us' | 'metric'): Figures {
  const store = makeStore();
  store.dispatch(unitsChosen(units));
  return renderHook(() => useFigures(), {
    wrapper: ({ children }) => createElement(Provider, { store } as never, children),
  }).result.current;
}
const US = figuresIn('us');

const MODEL: CatalogueModel = {
  maker: 'Ostrand',
  model: '21P',
  type: 'ball',
  port: 'full',
  pieces: 2,
  ends: ['press', 'fip'],
  approvals: [],
  points: [
    { temperatureC: 21, pressurePa: 4136854 },
    { temperatureC: 121, pressurePa: 2757903 },
  ],
  plasticStem: false,
  lifeYears: [20, 30],
  taperAngleDeg: 30,
  spares: [
    { name: 'Seat kit', price: 4.5, everyYears: 10 },
    { name: 'Handle', price: 3 },
  ],
  sizes: [
    { dn: 20, boreM: 0.0142875, kv: 41, price: 21.9, breaks: [{ from: 10, price: 19.71 }] },
    { dn: 25, price: 30, operator: 'gear', ends: ['fip', 'fip'], ratingId: 'body-brass-600cwp' },
  ],
};

const RELIEF: CatalogueModel = {
  maker: 'Ostrand',
  model: 'R4',
  type: 'relief',
  setPressurePa: 1034213.59,
  temperatureElement: true,
  sizes: [
    { dn: 20, price: 41, capacityKgH: 47.6 },
    { dn: 25, price: 55, points: MODEL.points },
  ],
};
const REDUCER: CatalogueModel = {
  maker: 'Ostrand',
  model: 'P7',
  type: 'pressure-reducing',
  rangePa: [172368.9, 517106.8],
  sizes: [{ dn: 20, price: 88 }],
};

describe('the form of a model', () => {
  it.each(['us', 'metric'] as const)(
    'gives an untouched model back to the last digit, in %s units',
    (units) => {
      const figures = figuresIn(units);
      for (const model of [MODEL, RELIEF, REDUCER])
        expect(modelFrom(typedModel(model, figures), model, figures)).toEqual(model);
    },
  );

  it('does so for any model that says little', () => {
    fc.assert(
      fc.property(
        fc.record({
          maker: fc.constant('A'),
          model: fc.constant('1'),
          type: fc.constantFrom(...VALVE_TYPES),
          sizes: fc.tuple(
            fc.record({ dn: fc.constantFrom(15, 20, 150), price: fc.integer({ min: 0, max: 9999 }) }),
          ),
        }),
        (model) => {
          expect(modelFrom(typedModel(model, US), model, US)).toEqual(model);
        },
      ),
    );
  });

  it('reads sizes and bores in any unit', () => {
    const typed = typedModel(MODEL, US);
    const [first] = typed.sizes;
    typed.sizes = [{ ...first!, dn: '1-1/2', bore: '1.25 in' }];
    expect(modelFrom(typed, MODEL, US).sizes[0]).toMatchObject({ dn: 40, boreM: 0.03175 });
  });

  it.each([
    ['maker', { maker: ' ' }],
    ['type', { type: '' }],
    ['points', { points: '70 °F 600 psi' }],
    ['points', { points: '70 °F: 600' }],
    ['closeTimeS', { closeTimeS: 'slow' }],
    ['ends[1]', { outlet: '' }],
    ['setPressurePa', { setPressurePa: 'high' }],
    ['rangePa', { rangeLow: '25 psi', rangeHigh: '75' }],
    ['sizes[0].points', { sizes: [{ ...EMPTY_SIZE, dn: '1', price: '1', points: '600 psi' }] }],
    ['sizes[0].ends[1]', { sizes: [{ ...EMPTY_SIZE, dn: '1', price: '1', inlet: 'fip' }] }],
    ['spares[0].price', { spares: 'Seat kit: cheap' }],
    ['sizes[0].dn', { sizes: [{ ...EMPTY_SIZE, dn: 'wide', price: '1' }] }],
    ['sizes[0].boreM', { sizes: [{ ...EMPTY_SIZE, dn: '1', bore: '3', price: '1' }] }],
    ['sizes[0].price', { sizes: [{ ...EMPTY_SIZE, dn: '1', price: '' }] }],
    ['sizes[0].breaks[0].from', { sizes: [{ ...EMPTY_SIZE, dn: '1', price: '2', breaks: '1: 2' }] }],
  ])('names %s where it can not be read', (field, change) => {
    let refused: unknown;
    try {
      modelFrom({ ...typedModel(MODEL, US), ...change }, MODEL, US);
    } catch (error) {
      refused = error;
    }
    expect(refused).toBeInstanceOf(InvalidInput);
    expect((refused as InvalidInput).field).toBe(field);
  });
});
