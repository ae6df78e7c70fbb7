import { byPosition } from './by-position.js';

describe('rows by position', () => {
  it('keep their order within each position', () => {
    const rows = [
      { positionId: 'p1', text: 'Turned.' },
      { positionId: 'p2', text: 'Leaks.' },
      { positionId: 'p1', text: 'Stiff.' },
    ];
    expect([...byPosition(rows, ({ text }) => text)]).toEqual([
      ['p1', ['Turned.', 'Stiff.']],
      ['p2', ['Leaks.']],
    ]);
  });

  it('are none where there are no rows', () => expect(byPosition([], () => '').size).toBe(0));
});
