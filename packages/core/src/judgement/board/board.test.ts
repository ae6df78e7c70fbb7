import {
  type PositionFacts,
  countByState,
  failuresOf,
  jobFailures,
  lineSentence,
  nextOnJob,
  positionState,
  valveFailure,
} from './index.js';

const position = (tag: string, more: Partial<PositionFacts> = {}): PositionFacts & { tag: string } => ({
  tag,
  pickedType: null,
  condition: {},
  ordered: null,
  ...more,
});

describe('the state of a position', () => {
  it.each([
    [{}, 'not-picked'],
    [{ pickedType: 'ball' }, 'picked'],
    [{ pickedType: 'ball', ordered: 'draft' }, 'picked'],
    [{ pickedType: 'ball', ordered: 'sent' }, 'ordered'],
    [{ pickedType: 'ball', ordered: 'received' }, 'ordered'],
    [{ condition: { type: 'ball', turning: 'freely' } }, 'in-service'],
    [{ condition: { type: 'nothing' } }, 'not-picked'],
    [{ condition: { type: 'gate-solid', turning: 'stiff' }, pickedType: 'ball' }, 'picked'],
    [{ condition: { type: 'gate-solid', turning: 'seized' }, pickedType: 'ball', ordered: 'sent' }, 'act'],
    [{ condition: { holding: 'passes' } }, 'act'],
    [{ condition: { leaking: 'stem' } }, 'act'],
    [{ condition: { leaking: 'no' }, pickedType: 'ball' }, 'picked'],
    [{ pickedType: 'ball', ordered: 'received', isHandedOver: true }, 'in-service'],
    [{ pickedType: 'ball', condition: { leaking: 'stem' }, isHandedOver: true }, 'act'],
  ] as const)('with %j is %s', (facts, state) => {
    expect(positionState({ ...position('X'), ...facts }, 'potable-cold')).toBe(state);
  });
});

describe('how far the valves of a line are', () => {
  it('is counted state by state, from the first to the last', () => {
    const line = [
      position('A'),
      position('B', { pickedType: 'ball' }),
      position('C', { pickedType: 'ball', ordered: 'draft' }),
      position('D', { condition: { leaking: 'stem' } }),
    ];
    expect([...countByState(line, 'potable-cold')]).toEqual([
      ['not-picked', 1],
      ['picked', 2],
      ['ordered', 0],
      ['in-service', 0],
      ['act', 1],
    ]);
  });
});

describe('what fails', () => {
  it.each([
    [{ leaking: 'joint', turning: 'seized' }, 'natural-gas', 'gas-leaks'],
    [{ turning: 'seized', type: 'plug-taper' }, 'lp-gas', 'gas-seized'],
    [{ turning: 'seized', holding: 'passes' }, 'potable-cold', 'seized'],
    [{ holding: 'passes', leaking: 'stem' }, 'raw-sewage', 'leaks-by'],
    [{ leaking: 'stem' }, 'potable-hot', 'leaks'],
    [{ holding: 'weeps', leaking: 'no', turning: 'stiff' }, 'potable-cold', undefined],
  ] as const)('of a valve found as %j on %s is %s', (condition, medium, failure) => {
    expect(valveFailure(condition, medium)).toBe(failure);
  });

  it('comes with the most pressing first', () => {
    const line = [
      position('A', { condition: { turning: 'seized' } }),
      position('B'),
      position('C', { condition: { leaking: 'stem' } }),
    ];
    expect(failuresOf(line, 'potable-cold').map(({ tag, failure }) => [tag, failure])).toEqual([
      ['C', 'leaks'],
      ['A', 'seized'],
    ]);
  });
});

describe('what fails on a job', () => {
  it('comes with gas first, whatever the line, each with its line', () => {
    const lines = [
      {
        id: 'cold',
        medium: 'potable-cold' as const,
        positions: [position('A', { condition: { leaking: 'stem' } })],
      },
      {
        id: 'gas',
        medium: 'natural-gas' as const,
        positions: [position('G', { condition: { turning: 'seized' } })],
      },
    ];
    expect(jobFailures(lines).map(({ tag, line }) => [tag, line.id])).toEqual([
      ['G', 'gas'],
      ['A', 'cold'],
    ]);
  });
});

describe('the sentence of a line', () => {
  it.each([
    [[], 'nothing walked yet', false],
    [[position('A'), position('B', { pickedType: 'ball' })], '1 to pick', false],
    [[position('A'), position('B', { pickedType: 'ball', ordered: 'sent' })], '1 to pick · 1 ordered', false],
    [[position('B', { pickedType: 'ball' })], 'all picked', false],
    [[position('B', { condition: { type: 'ball' } })], 'in service', false],
    [[position('A'), position('B', { condition: { turning: 'seized' } })], 'B seized: do not operate', true],
    [
      [
        position('A', { condition: { holding: 'passes' } }),
        position('B', { condition: { turning: 'seized' } }),
      ],
      'A leaks by · 1 more',
      true,
    ],
  ])('of %j is “%s”', (positions, text, isUrgent) => {
    expect(lineSentence(positions, 'potable-cold')).toEqual({ text, isUrgent });
  });
});

describe('what is next on a job', () => {
  const line = (id: string, positions: (PositionFacts & { tag: string })[]) => ({
    id,
    name: `Line ${id}`,
    medium: 'potable-cold' as const,
    positions,
  });

  it('is a first line where there is none', () => {
    expect(nextOnJob({ lines: [], unplacedLines: 0 })).toEqual([{ kind: 'add-line' }]);
  });

  it('is to walk, to pick and to place, line by line', () => {
    const lines = [
      line('1', [position('A'), position('B', { pickedType: 'ball' }), position('C')]),
      line('2', []),
      line('3', [position('D', { pickedType: 'ball' })]),
    ];
    expect(nextOnJob({ lines, unplacedLines: 2 })).toEqual([
      { kind: 'pick', line: { id: '1', name: 'Line 1' }, tags: ['A', 'C'] },
      { kind: 'walk', line: { id: '2', name: 'Line 2' } },
      { kind: 'place', lines: 2 },
    ]);
  });

  it('is nothing where everything is picked and placed', () => {
    expect(
      nextOnJob({ lines: [line('1', [position('A', { pickedType: 'ball' })])], unplacedLines: 0 }),
    ).toEqual([]);
  });
});
