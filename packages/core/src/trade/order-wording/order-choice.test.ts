import { REQUIRED_FIELDS, orderChoice, readOrder } from './index.js';

const CHOICES = REQUIRED_FIELDS.flatMap(({ field, choices }) =>
  choices.map((choice) => [field, choice] as const),
);

describe('a choice of a missing field', () => {
  it.each(CHOICES)('%s %s settles it when it is said before the line', (field, choice) => {
    const read = readOrder(`${orderChoice(field, choice)}, somewhere`);
    expect(read.missing.map((open) => open.field)).not.toContain(field);
    expect(readOrder('somewhere').spec[field]).toBeUndefined();
    expect(read.spec[field]).toBeDefined();
    expect(read.spec[field]).toEqual(readOrder(orderChoice(field, choice)).spec[field]);
    expect(read.unread).toEqual(['somewhere']);
  });

  // The same sizes are offered in inches and by DN.
  const unlike = REQUIRED_FIELDS.filter(({ field }) => field !== 'dn');
  it.each(unlike)('of $field says something else than every other', ({ field, choices }) => {
    const said = choices.map((choice) => JSON.stringify(readOrder(orderChoice(field, choice)).spec[field]));
    expect(new Set(said).size).toBe(choices.length);
  });

  it('goes before what the line itself says', () => {
    expect(readOrder(`${orderChoice('port', 'full')}, 3/4 ball valve reduced port`).spec.port).toBe('full');
    expect(
      readOrder(`${orderChoice('ends', 'press')}, 3/4 ball valve SWT`).spec.ends!.map(({ style }) => style),
    ).toEqual(['press', 'press']);
  });
});
