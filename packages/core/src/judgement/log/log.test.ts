import {
  CHANGE_KINDS,
  CHANGE_KIND_TABLE,
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
      bench: undefined,
    });
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
