import { readOrderList } from './index.js';

describe('a list for the counter', () => {
  it.each([
    ['12  1/2 comp x 3/8 OD comp angle stop QT, LF', 12, 'quarter-turn-stop', 15],
    ['6   3/4" ball valve SWT full port', 6, 'ball', 20],
    ['6 3/4 ball valve', 6, 'ball', 20],
    ['1 1/2 in ball valve FIP x FIP', undefined, 'ball', 40],
    ['2 x 1-1/2" gate', 2, 'gate-solid', 40],
    ['- 4 pcs DN50 butterfly lug', 4, 'butterfly-resilient', 50],
    ['3) 2 ea 1 in globe', 2, 'globe', 25],
    ['3/4 ball valve thd, qty 8', 8, 'ball', 20],
    ['3/4 ball valve thd - 8 pcs', 8, 'ball', 20],
    ['5 2 in gate', 5, 'gate-solid', 50],
    ['qty: 7 1" swing chk', 7, 'check-swing', 25],
  ])('“%s”', (text, quantity, type, dn) => {
    const { lines, passed } = readOrderList(text);
    expect(passed).toEqual([]);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ quantity: quantity ?? 1, saysQuantity: quantity !== undefined });
    expect(lines[0]!.reading.spec).toMatchObject({ type, dn });
  });

  it('passes over what orders nothing, and says which line that was', () => {
    const { lines, passed } = readOrderList(
      'Hi Sam,\r\n\r\nplease price by Friday:\r\n4  1" ball valve FIP\r\n\r\nThanks, Ada',
    );
    expect(lines.map(({ line }) => line)).toEqual([4]);
    expect(passed).toEqual([
      { line: 1, said: 'Hi Sam,' },
      { line: 3, said: 'please price by Friday:' },
      { line: 6, said: 'Thanks, Ada' },
    ]);
  });

  it('answers “standard” with what it leaves open', () => {
    const { reading } = readOrderList('2   gate valve 2in standard').lines[0]!;
    expect(reading.unread).toEqual(['standard']);
    expect(reading.missing.length).toBeGreaterThan(4);
  });

  it('reads a whole list, and finds which lines are enough to order by', () => {
    const sample = [
      '12  1/2 comp x 3/8 OD comp angle stop QT, LF',
      '6   3/4" ball valve SWT full port',
      '2   gate valve 2in standard',
      '1   6in RWGV C515 MJxFLG NRS 250psi op nut open left, epoxy',
      '3   1-1/4 FIP x FIP bronze swing chk class 125',
      '1   2 150# RF WCB globe trim 8 BB',
      '40  stop for basins',
    ].join('\n');
    const { lines, passed } = readOrderList(sample);
    expect(passed).toEqual([]);
    expect(lines.map(({ quantity }) => quantity)).toEqual([12, 6, 2, 1, 3, 1, 40]);
    expect(lines.filter(({ reading }) => reading.missing.length === 0).map(({ line }) => line)).toEqual([
      1, 4,
    ]);
  });
});
