import { InvalidInput, choice, flag, list, number, oneOf, optional, record, text } from './index.js';

const pipe = record({
  diameterM: number({ unit: 'm', above: 0 }),
  lengthM: optional(number({ unit: 'm', min: 0 })),
  lined: optional(flag()),
  tags: optional(list(text(5), { most: 2 })),
  material: optional(choice(['copper', 'steel'])),
});

function refusal(run: () => unknown): InvalidInput {
  try {
    run();
  } catch (error) {
    if (error instanceof InvalidInput) return error;
    throw error;
  }
  throw new Error('nothing was refused');
}

describe('a described record', () => {
  it('reads what fits and leaves out what was not given', () => {
    expect(pipe.read({ diameterM: 0.02, lengthM: undefined, tags: ['a'] }, 'pipe')).toEqual({
      diameterM: 0.02,
      tags: ['a'],
    });
  });

  it.each([
    [{}, 'pipe.diameterM', 'missing'],
    [{ diameterM: 0 }, 'pipe.diameterM', 'above 0'],
    [{ diameterM: Number.NaN }, 'pipe.diameterM', 'NaN'],
    [{ diameterM: Number.POSITIVE_INFINITY }, 'pipe.diameterM', 'Infinity'],
    [{ diameterM: '1' }, 'pipe.diameterM', '"1"'],
    [{ diameterM: null }, 'pipe.diameterM', 'null'],
    [{ diameterM: 1, lengthM: -1 }, 'pipe.lengthM', '0 or more'],
    [{ diameterM: 1, lined: 'yes' }, 'pipe.lined', 'true or false'],
    [{ diameterM: 1, tags: ['a', 'b', 'c'] }, 'pipe.tags', 'up to 2'],
    [{ diameterM: 1, tags: ['a', 7] }, 'pipe.tags[1]', '7'],
    [{ diameterM: 1, material: 'cheese' }, 'pipe.material', 'copper, steel'],
    [{ diameterM: 1, colour: 'red' }, 'pipe.colour', 'not a field'],
    [JSON.parse('{"diameterM":1,"__proto__":{"x":1}}'), 'pipe.__proto__', 'not a field'],
    [[], 'pipe', 'object'],
    [null, 'pipe', 'null'],
  ])('refuses %j naming the field, the value and what would be right', (input, field, words) => {
    const error = refusal(() => pipe.read(input, 'pipe'));
    expect(error.field).toBe(field);
    expect(error.message).toContain(words);
  });
});

describe('one of several records', () => {
  const rating = oneOf({ id: record({ id: text() }), points: record({ points: list(number()) }) });

  it('reads the one that was given', () => {
    expect(rating.read({ points: [1, 2] }, 'rating')).toEqual({ points: [1, 2] });
  });

  it('refuses none and two at once', () => {
    expect(refusal(() => rating.read({}, 'rating')).field).toBe('rating');
    expect(refusal(() => rating.read({ id: 'a', points: [] }, 'rating')).message).toContain('only one');
  });
});
