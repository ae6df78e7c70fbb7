import fc from 'fast-check';
import type { InvalidInput } from '../../ground/input/index.js';
import { calculate, findCalculation } from '../../registry/index.js';
import {
  RATING_IDS,
  RATING_TABLES,
  allowablePressurePa,
  deratedPressurePa,
  pressureRating,
  ratingTable,
} from './index.js';

const rate = (input: unknown): unknown => calculate(findCalculation('pressure-rating')!, input);
const body = { name: 'body', rating: { id: 'body-brass-600cwp' } };
const joint = { name: 'press joint', rating: { id: 'joint-press-copper' } };

describe('what a part carries', () => {
  const points = [
    { temperatureC: 38, pressurePa: 4e6 },
    { temperatureC: 93, pressurePa: 3e6 },
  ];

  it('is linear between points, flat below the first and nothing above the last', () => {
    expect(allowablePressurePa(points, 65.5)).toBeCloseTo(3.5e6, 3);
    expect(allowablePressurePa(points, -10)).toBe(4e6);
    expect(allowablePressurePa(points, 93)).toBe(3e6);
    expect(allowablePressurePa(points, 93.1)).toBeUndefined();
  });

  it('falls with heat for plastics', () => {
    expect(deratedPressurePa(1620268, 'pvc', 38)).toBeCloseTo(1004566, 0);
    expect(deratedPressurePa(1e6, 'cpvc', 25)).toBe(1e6);
    expect(deratedPressurePa(1e6, 'pvc', 61)).toBeUndefined();
    expect(deratedPressurePa(1e6, 'cpvc', 93)).toBeCloseTo(2e5, 6);
  });

  it('never rises with temperature in any built-in table', () => {
    for (const id of RATING_IDS) {
      const { points: rows, fromDn, toDn } = ratingTable(id);
      expect(toDn).toBeGreaterThan(fromDn);
      rows.forEach((row, index) => {
        const before = rows[index - 1];
        if (before) {
          expect(row.temperatureC).toBeGreaterThan(before.temperatureC);
          expect(row.pressurePa).toBeLessThanOrEqual(before.pressurePa);
        }
      });
    }
    expect(RATING_TABLES['joint-solder-sn95sb5-15'].points[1]).toEqual({
      temperatureC: 66,
      pressurePa: 4309223,
    });
  });
});

describe('the weakest part governs', () => {
  it('names it, with margin and use', () => {
    expect(rate({ temperatureC: 10, pressurePa: 689475.5, components: [body, joint] })).toEqual({
      allowablePa: 1378951,
      governing: 'press joint',
      marginPa: 689475.5,
      utilisation: 0.5,
      verdict: 'within',
      components: [
        { name: 'body', allowablePa: 4136854 },
        { name: 'press joint', allowablePa: 1378951 },
      ],
    });
  });

  it('adds the surge', () => {
    expect(rate({ temperatureC: 10, pressurePa: 1e6, surgePa: 1e6, components: [joint] })).toMatchObject({
      verdict: 'over',
      marginPa: 1378951 - 2e6,
    });
  });

  it('is not rated where one part is not, and gives no use', () => {
    const result = rate({ temperatureC: 150, pressurePa: 1e5, components: [body, joint] });
    expect(result).toMatchObject({ verdict: 'not-rated', allowablePa: 0, governing: 'press joint' });
    expect(result).not.toHaveProperty('utilisation');
  });

  it('derates a plastic from a table or a figure alike', () => {
    const from = (rating: object): unknown =>
      rate({ temperatureC: 38, pressurePa: 0, components: [{ name: 'b', rating }] });
    expect(from({ baseId: 'body-plastic-235', derate: 'pvc' })).toEqual(
      from({ basePa: 1620268, derate: 'pvc' }),
    );
  });

  it('is never more than any of its parts', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 1e7, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (allowed) => {
          const parts = allowed.map((allowablePa, index) => ({ name: `part ${index}`, allowablePa }));
          const [first, ...rest] = parts;
          expect(pressureRating([first!, ...rest], 0).allowablePa).toBe(Math.min(...allowed));
        },
      ),
    );
  });

  it.each([
    [{ temperatureC: 10, pressurePa: 1, components: [] }, 'components'],
    [{ temperatureC: 10, pressurePa: -1, components: [body] }, 'pressurePa'],
    [
      { temperatureC: 10, pressurePa: 1, components: [{ name: 'b', rating: { id: 'body-cheese' } }] },
      'components[0].rating.id',
    ],
    [{ temperatureC: 10, pressurePa: 1, components: [{ name: 'b', rating: {} }] }, 'components[0].rating'],
    [
      { temperatureC: 10, pressurePa: 1, components: [{ name: 'b', rating: { derate: 'pvc' } }] },
      'components[0].rating.baseId',
    ],
    [
      { temperatureC: 10, pressurePa: 1, components: [{ name: 'b', rating: { derate: 'abs', basePa: 1 } }] },
      'components[0].rating.derate',
    ],
    [
      {
        temperatureC: 10,
        pressurePa: 1,
        components: [{ name: 'b', rating: { points: [{ temperatureC: 1, pressurePa: 1 }] } }],
      },
      'components[0].rating.points',
    ],
    [
      {
        temperatureC: 10,
        pressurePa: 1,
        components: [
          {
            name: 'b',
            rating: {
              points: [
                { temperatureC: 2, pressurePa: 1 },
                { temperatureC: 1, pressurePa: 1 },
              ],
            },
          },
        ],
      },
      'components[0].rating.points[1].temperatureC',
    ],
  ])('refuses %j at %s', (input, field) => {
    expect(() => rate(input)).toThrow(expect.objectContaining({ field }) as InvalidInput);
  });
});
