import fc from 'fast-check';
import { type Duty } from '../../judgement/selection/index.js';
import type { ValveSpec } from '../order-wording/index.js';
import { decimalSum, roundedAmount } from '../takeoff/index.js';
import {
  type SheetRow,
  type SupplierAnswer,
  CURRENCIES,
  answerKind,
  currencyDecimals,
  compareAnswers,
  isUnderWay,
  judgeSubstitute,
  lineAmount,
  nextStates,
  quotedEach,
  readSheetRows,
  sheetAmount,
  stateReceived,
  substituteLine,
  supplierAnswerInput,
  wholeAmounts,
} from './index.js';

describe('amounts', () => {
  it('are decimal, rounded to cents half up, and summed as rounded', () => {
    expect(lineAmount({ quantity: 3, unitPrice: 1.005 })).toBe(3.02);
    expect(lineAmount({ quantity: 3 })).toBeUndefined();
    expect([wholeAmounts('USD')(1234.5), wholeAmounts('JPY')(99)]).toEqual(['$1,235', '¥99']);
    expect(
      sheetAmount([{ quantity: 1, unitPrice: 0.1 }, { quantity: 1, unitPrice: 0.2 }, { quantity: 5 }]),
    ).toEqual({
      amount: 0.3,
      unpriced: 1,
    });
    expect(decimalSum([0.1, 0.2, 1e-7])).toBe(0.3000001);
    expect(decimalSum([])).toBe(0);
    expect([1.005, -1.005, 2.5, 3].map((value) => roundedAmount(value, 2))).toEqual([1.01, -1.01, 2.5, 3]);
    expect(roundedAmount(2.5, 0)).toBe(3);
    expect(['USD', 'JPY', 'KWD'].map(currencyDecimals)).toEqual([2, 0, 3]);
    expect(lineAmount({ quantity: 3, unitPrice: 10.5 }, currencyDecimals('JPY'))).toBe(32);
    expect(CURRENCIES).toEqual(expect.arrayContaining(['USD', 'EUR', 'CHF']));
  });

  it('sum to what cents say, however many lines there are', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 10_000_000 }), { maxLength: 60 }), (cents) => {
        const lines = cents.map((each) => ({ quantity: 1, unitPrice: each / 100 }));
        expect(sheetAmount(lines).amount).toBe(cents.reduce((sum, each) => sum + each, 0) / 100);
      }),
    );
  });
});

describe('the states of an order', () => {
  it('go forward by hand and back as long as nothing has come', () => {
    expect(nextStates('draft')).toEqual(['sent']);
    expect(nextStates('sent')).toEqual(['confirmed', 'draft']);
    expect(nextStates('part-received')).toEqual([]);
    expect(
      ['draft', 'sent', 'confirmed', 'part-received', 'received'].map((state) =>
        isUnderWay(state as 'draft'),
      ),
    ).toEqual([false, true, true, true, false]);
  });

  it('follow what has come', () => {
    expect(stateReceived('confirmed', [{ quantity: 2, received: 0 }])).toBe('confirmed');
    expect(
      stateReceived('confirmed', [
        { quantity: 2, received: 2 },
        { quantity: 1, received: 0 },
      ]),
    ).toBe('part-received');
    expect(stateReceived('part-received', [{ quantity: 2, received: 3 }])).toBe('received');
  });
});

const north: SupplierAnswer = {
  supplier: 'North',
  currency: 'USD',
  lines: [
    {
      line: 'a',
      unitPrice: 5,
      breaks: [
        { from: 10, unitPrice: 4.5 },
        { from: 100, unitPrice: 4 },
      ],
      leadDays: 2,
    },
    {
      line: 'b',
      unitPrice: 1,
      instead: '1 in gate valve, FIP x FIP, bronze',
      why: 'what we stock',
      leadDays: 0,
    },
    { line: 'c', question: 'Which end is socket-weld?' },
  ],
};
const south: SupplierAnswer = {
  supplier: 'South',
  currency: 'USD',
  lines: [
    { line: 'a', unitPrice: 4.6, leadDays: 9 },
    { line: 'b', unitPrice: 30, leadDays: 1 },
    { line: 'd', why: 'not carried' },
  ],
};

describe('answers of suppliers', () => {
  it('stand side by side, with breaks at the quantity asked; a substitute never wins by its price', () => {
    const lines = ['a', 'b', 'c', 'd'].map((id) => ({ id, quantity: 12 }));
    const compared = compareAnswers(lines, [north, south]);
    expect(compared.map(({ cheapest }) => cheapest)).toEqual(['North', 'South', undefined, undefined]);
    expect(compared[0]?.answers.map(({ unitPrice, amount }) => [unitPrice, amount])).toEqual([
      [4.5, 54],
      [4.6, 55.2],
    ]);
    expect(compared.map(({ answers }) => answers.map(({ kind }) => kind))).toEqual([
      ['priced', 'priced'],
      ['substitute', 'priced'],
      ['question', 'silent'],
      ['silent', 'not-carried'],
    ]);
  });

  it('hold a break for the whole quantity', () => {
    expect([9, 10, 99, 100].map((quantity) => quotedEach(north.lines[0]!, quantity))).toEqual([
      5, 4.5, 4.5, 4,
    ]);
    expect(answerKind({ line: 'x' })).toBe('not-carried');
  });

  it('are refused by field where they are garbled', () => {
    expect(() =>
      supplierAnswerInput.read({ ...north, lines: [{ line: 'a', unitPrice: 'cheap' }] }, ''),
    ).toThrow(/lines\[0\]\.unitPrice/);
  });
});

describe('a substitute', () => {
  const duty: Duty = {
    medium: 'potable-cold',
    function: 'emergency-shutoff',
    dn: 25,
    pressurePa: 5e5,
    temperatureC: 10,
  };
  const ball: ValveSpec = {
    family: 'bronze',
    type: 'ball',
    dn: 25,
    ends: [
      { side: 'in', style: 'fip' },
      { side: 'out', style: 'fip' },
    ],
    port: 'full',
    body: 'dzr-brass',
    seat: 'ptfe',
    operator: 'lever',
    rating: { kind: 'cwp', value: 600 },
    approvals: ['potable'],
  };

  it('that changes the verdict is flagged with the reason, the fields and what it leaves open', () => {
    const judged = judgeSubstitute(
      ball,
      '1 in gate valve, FIP x FIP, bronze, class 125, handwheel, potable',
      duty,
    );
    expect(judged).toMatchObject({ ordered: 'fits', offered: 'out', worse: true });
    expect(judged.reasons.map(({ rule }) => rule)).toContain('emergency-quarter-turn');
    expect(judged.differs).toEqual(expect.arrayContaining(['type', 'body', 'rating', 'operator']));
    expect(judged.open).toEqual(expect.arrayContaining(['port', 'seat']));
  });

  it('of another size is out, and one that is as good is not flagged', () => {
    expect(judgeSubstitute(ball, '3/4 in ball valve, FIP x FIP, DZR brass', duty).offered).toBe('out');
    const alike =
      '1 in ball valve, FIP x FIP, full port, stainless, two-piece, PTFE seats, lever, 1000 CWP, potable';
    expect(judgeSubstitute(ball, alike, duty)).toMatchObject({ worse: false, offered: 'fits' });
    expect(judgeSubstitute(ball, alike)).not.toHaveProperty('offered');
  });

  it('goes on the order said in full', () => {
    expect(substituteLine('1" gate valve thd bronze cl125').text).toMatch(/^1 in gate valve, .*bronze/);
  });
});

describe('an order sheet that comes back', () => {
  const held = [
    { id: 'a', quantity: 2, text: 'ball', note: '', draft: true },
    { id: 'b', quantity: 5, text: 'gate', note: 'soon', draft: true },
    { id: 'c', quantity: 1, text: 'check', note: '', draft: false },
  ];
  const row = (Line: string, more: SheetRow = {}): SheetRow => ({
    Line,
    Quantity: 2,
    Description: 'ball',
    ...more,
  });

  it('unchanged changes nothing', () => {
    expect(
      readSheetRows(
        held.map(({ id, quantity, text, note }) => ({
          Line: id,
          Quantity: String(quantity),
          Description: text,
          Note: note,
        })),
        held,
      ),
    ).toEqual({ changes: [], problems: [], absent: [] });
  });

  it('shows what changed, and which lines are gone', () => {
    expect(
      readSheetRows([row('a', { Quantity: 4, Description: 'ball, lever', Note: 'urgent' })], held),
    ).toEqual({
      changes: [{ id: 'a', quantity: 4, text: 'ball, lever', note: 'urgent' }],
      problems: [],
      absent: ['b', 'c'],
    });
  });

  it.each<[SheetRow, string, RegExp]>([
    [row('x'), 'Line', /not a line/],
    [row('a', { Quantity: 'two' }), 'Quantity', /“two”.*whole number/],
    [row('a', { Quantity: 0 }), 'Quantity', /from 1/],
    [row('a', { Description: ' ' }), 'Description', /is empty/],
    [row('c', { Description: 'check', Quantity: 9 }), 'Line', /withdraw/],
  ])('refuses %j at %s', (bad, column, message) => {
    const { changes, problems } = readSheetRows([bad], held);
    expect(changes).toEqual([]);
    expect(problems).toEqual([{ row: 2, column, message: expect.stringMatching(message) as string }]);
  });

  it('refuses a line given twice, and an empty sheet', () => {
    expect(readSheetRows([row('a', { Quantity: 3 }), row('a')], held).problems[0]?.row).toBe(3);
    expect(() => readSheetRows([], held)).toThrow(/no row/);
  });
});
