import {
  CHANGE_KINDS,
  CHANGE_KIND_TABLE,
  CONDITION_KINDS,
  ENTRY_KINDS,
  ENTRY_KIND_TABLE,
  type EntryFact,
  type EntryKind,
  conditionFromEntries,
  refuseOddEntry,
} from './index.js';

const OLD = '2020-05-01T00:00:00.000Z';
const NEW = '2024-05-01T00:00:00.000Z';

describe('the kinds of entries', () => {
  it('each say what they do to the condition of the valve', () => {
    const found = ENTRY_KINDS.map((kind) => [
      kind,
      ENTRY_KIND_TABLE[kind].finds?.({ turns: 12, found: { turning: 'stiff' } }),
    ]);
    expect(Object.fromEntries(found)).toEqual({
      note: undefined,
      found: { turning: 'stiff' },
      turned: { turning: 'freely', turns: 12 },
      'does-not-turn': { turning: 'seized' },
      holds: { holding: 'tight' },
      passes: { holding: 'passes' },
      leaks: { leaking: 'somewhere' },
      replaced: {},
      refused: undefined,
      'shut-tagged': undefined,
      reported: undefined,
      'flow-less': { flow: 'less', turning: 'stiff' },
      bench: undefined,
    });
  });

  it('change what is known of the condition, two of them aside', () => {
    expect(ENTRY_KINDS.filter((kind) => !CONDITION_KINDS.includes(kind))).toEqual(['note', 'bench']);
  });

  it('leave the last word on each fact, and when it last turned', () => {
    expect(
      conditionFromEntries([
        { kind: 'does-not-turn', happenedAt: NEW, by: 'Ada' },
        { kind: 'turned', happenedAt: OLD, turns: 9 },
        { kind: 'note', happenedAt: NEW },
      ]),
    ).toEqual({ turning: 'seized', turns: 9, turnedAt: OLD, at: NEW, by: 'Ada' });
  });

  it.each<[EntryKind, string, EntryFact, string | undefined]>([
    ['note', ' ', {}, 'text'],
    ['note', 'dripping', {}, undefined],
    ['note', 'dripping', { turns: 3 }, 'turns'],
    ['turned', '', {}, undefined],
    ['turned', '', { found: { turning: 'stiff' } }, 'found'],
    ['found', '', {}, 'found'],
    ['found', '', { found: {} }, 'found'],
    ['found', '', { found: { turning: 'stiff' } }, undefined],
    ['flow-less', 'a trickle', {}, undefined],
    ['flow-less', 'a trickle', { found: { flow: 'none' } }, undefined],
    ['flow-less', '', {}, 'text'],
    ['bench', 'held', {}, 'finding'],
  ])('%s with “%s” and %j is refused at %s', (kind, text, fact, field) => {
    const refuse = (): void => refuseOddEntry(kind, text, fact);
    if (field === undefined) expect(refuse).not.toThrow();
    else expect(refuse).toThrow(expect.objectContaining({ field }));
  });
});

describe('the kinds of changes', () => {
  it('say what was changed in words', () => {
    expect(CHANGE_KIND_TABLE.duty.words('CW-04')).toBe('Duty of CW-04');
    for (const kind of CHANGE_KINDS) expect(CHANGE_KIND_TABLE[kind].words('CW-04')).toMatch(/^[A-Z]/);
  });
});

describe('a valve that was replaced', () => {
  const seized = { kind: 'does-not-turn', happenedAt: '2024-05-01T00:00:00.000Z' } as const;
  const replaced = { kind: 'replaced', happenedAt: '2025-02-01T00:00:00.000Z' } as const;
  const tested = { kind: 'holds', happenedAt: '2025-02-02T00:00:00.000Z' } as const;

  it('has nothing of what was found on the old one', () => {
    expect(conditionFromEntries([tested, seized, replaced])).toEqual({
      holding: 'tight',
      at: '2025-02-02T00:00:00.000Z',
    });
    expect(conditionFromEntries([seized, replaced]).turning).toBeUndefined();
  });

  it('keeps what is found later, whatever the order it was written in', () => {
    const later = { ...seized, happenedAt: '2026-01-01T00:00:00.000Z' };
    expect(conditionFromEntries([later, replaced]).turning).toBe('seized');
  });
});

describe('something urgent', () => {
  it('carries what was done about it last', () => {
    const leaks = { kind: 'leaks', happenedAt: '2025-01-01T00:00:00.000Z' } as const;
    const shut = { kind: 'shut-tagged', happenedAt: '2025-01-01T08:00:00.000Z' } as const;
    const told = { kind: 'reported', happenedAt: '2025-01-01T07:00:00.000Z' } as const;
    expect(conditionFromEntries([shut, leaks, told])).toMatchObject({
      leaking: 'somewhere',
      dealt: 'Shut and tagged',
      dealtAt: '2025-01-01T08:00:00.000Z',
    });
  });
});
