import { newPosition } from './new-positions.js';
import { refuseOddWalk } from './odd-walk.js';

const DUTY = { function: 'throttle', dn: 40, pressurePa: 4e5, temperatureC: 12 } as const;
const before = { tag: 'CW-109', duty: DUTY };
const item = { id: 'i', kind: 'valve', depth: 0 } as const;

describe('the position a valve of a walk becomes', () => {
  it('takes its size from the run, isolates, and knows neither pressure nor temperature', () => {
    expect(newPosition(item, { medium: 'potable-cold', before, dn: 20 }, new Set(['cw-109']))).toEqual({
      tag: 'CW-110',
      remarks: '',
      duty: { function: 'isolate', dn: 20, existing: true },
    });
  });

  it('counts on past tags that are taken, with as many digits', () => {
    const like = { tag: 'B-009', duty: DUTY };
    const tags = new Set(['b-009', 'b-010']);
    expect(newPosition(item, { medium: 'potable-cold', before: like, dn: undefined }, tags).tag).toBe(
      'B-011',
    );
    expect(tags.has('b-011')).toBe(true);
  });

  it.each([
    ['natural-gas', 'GA-101'],
    ['steam-low', 'ST-101'],
    ['potable-hot', 'HW-101'],
    ['corrosive-liquid', 'V-101'],
  ] as const)('starts a line of %s with %s', (medium, tag) => {
    const made = newPosition(item, { medium, before: undefined, dn: undefined }, new Set());
    expect(made).toMatchObject({ tag, duty: { dn: 20 } });
    expect(made.duty).not.toHaveProperty('pressurePa');
  });

  it('is a check where a check was written, and says where it is', () => {
    const check = { ...item, type: 'check-spring-inline', name: 'By the pump', valve: { dn: 25 } } as const;
    expect(newPosition(check, { medium: 'potable-cold', before, dn: 20 }, new Set())).toMatchObject({
      remarks: 'By the pump',
      duty: { function: 'non-return', dn: 25 },
    });
  });

  it.each(['?', 'CW-109'])('refuses the tag %s', (tag) => {
    const tagged = { ...item, valve: { tag } };
    expect(() =>
      newPosition(tagged, { medium: 'potable-cold', before, dn: 20 }, new Set(['cw-109'])),
    ).toThrow(expect.objectContaining({ field: 'insert.valve.tag' }));
  });
});

describe('a walk that could not be followed', () => {
  const source = { id: 's', kind: 'source', depth: 0 } as const;
  it.each([
    ['walk', []],
    ['walk', [{ ...source, depth: 1 }]],
    ['walk.id', [source, { id: 's', kind: 'run', depth: 0 }]],
    ['walk.depth', [source, { id: 'r', kind: 'run', depth: 2 }]],
    ['walk.endsAt', [source, { id: 'r', kind: 'run', depth: 0, endsAt: 'x' }]],
  ] as const)('is refused at %s', (field, items) => {
    expect(() => refuseOddWalk(items, 'walk')).toThrow(expect.objectContaining({ field }));
  });

  it('is none where all hangs together', () => {
    expect(() =>
      refuseOddWalk([source, { id: 'r', kind: 'run', depth: 1, endsAt: 's' }], 'walk'),
    ).not.toThrow();
  });
});
