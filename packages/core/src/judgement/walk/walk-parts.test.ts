import fc from 'fast-check';
import { houseRuleSettings } from '../selection/index.js';
import { FIXTURES, FIXTURE_KINDS, fixtureSaid } from './fixtures.js';
import { isUnexercised, yearsUnturned } from './condition.js';
import { isHandsOff, standsSince } from './link-of.js';
import { FOUND_RULES } from './judge-found.js';
import { type DraftItem, readWalkText } from './read-walk-text.js';
import { settleDrafts } from './settle-draft.js';
import { inWalkOrder, walkBeside, walkedPositions } from './walk-order.js';
import type { WalkItem } from './walk-item.js';

const NOW = new Date('2026-11-25T00:00:00Z');
const valve = (id: string): WalkItem => ({ id, kind: 'valve', depth: 0, positionId: id });

describe('a walk beside its positions', () => {
  it('starts with its source and its positions in a row where nobody walked it', () => {
    expect(walkBeside([], ['p', 'q']).map(({ kind, positionId }) => positionId ?? kind)).toEqual([
      'source',
      'p',
      'q',
    ]);
  });

  it('leaves out a valve whose position is gone, and puts a new one at the end', () => {
    const walk: WalkItem[] = [{ id: 's', kind: 'source', depth: 0 }, valve('a'), valve('b')];
    expect(walkedPositions(walkBeside(walk, ['b', 'c']))).toEqual(['b', 'c']);
  });

  it('has every position once, whatever was stored', () => {
    const ids = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'));
    fc.assert(
      fc.property(ids, ids, (stored, there) => {
        const beside = walkBeside([{ id: 's', kind: 'source', depth: 0 }, ...stored.map(valve)], there);
        expect(walkedPositions(beside).sort()).toEqual([...there].sort());
      }),
    );
  });
});

describe('items in the order of their walk', () => {
  it('come as they were walked, each once, without those the walk does not have', () => {
    const walk: WalkItem[] = [{ id: 's', kind: 'source', depth: 0 }, valve('b'), valve('a')];
    expect(inWalkOrder(['a', 's', 'gone', 'b', 'a'], walk)).toEqual(['s', 'b', 'a']);
  });
});

describe('drafts that are settled', () => {
  const draft = (rest: Partial<DraftItem>): DraftItem => ({ kind: 'run', depth: 0, ...rest });
  let made = 0;
  const makeId = (): string => `new-${(made += 1)}`;

  it('end a run at a place of the walk or of the same draft, by its name in any letters', () => {
    const settled = settleDrafts(
      [
        draft({ kind: 'tee', name: 'Ropewalk' }),
        draft({ endsAtName: 'quay' }),
        draft({ endsAtName: 'ROPEWALK' }),
        draft({ endsAtName: 'nowhere' }),
      ],
      [{ id: 'q', name: 'Quay' }],
      makeId,
    );
    expect(settled.map(({ endsAt }) => endsAt)).toEqual([undefined, 'q', settled[0]?.id, undefined]);
    expect(settled.every((item) => !('endsAtName' in item))).toBe(true);
  });
});

describe('what is typed', () => {
  it('is read or named, whatever it is, and never breaks', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (text) => {
        const { items, problems } = readWalkText(text);
        for (const { message } of problems) expect(message.length).toBeGreaterThan(10);
        if (/[\p{L}\p{N}]/u.test(text)) expect(items.length + problems.length).toBeGreaterThan(0);
      }),
    );
  });

  it('keeps every figure of a run', () => {
    const runs = fc.record({
      size: fc.constantFrom('1/2', '3/4', '2', 'DN100'),
      pipe: fc.constantFrom('copper', 'steel', 'pvc', 'ductile iron'),
      length: fc.integer({ min: 1, max: 900 }),
      unit: fc.constantFrom('ft', 'm'),
    });
    fc.assert(
      fc.property(runs, ({ size, pipe, length, unit }) => {
        const [run] = readWalkText(`${size} ${pipe} ${length} ${unit}`).items;
        expect(run).toMatchObject({ kind: 'run', material: pipe.replace(' ', '-') });
        expect(run?.lengthM).toBeCloseTo(unit === 'm' ? length : length * 0.3048, 6);
      }),
    );
  });
});

describe('fixtures', () => {
  it.each(FIXTURE_KINDS)('%s is known by each of its words, in one and in many', (kind) => {
    for (const said of FIXTURES[kind].said) {
      expect(fixtureSaid(said)).toBe(kind);
      expect(fixtureSaid(`${said}s`.toUpperCase())).toBe(kind);
    }
  });
});

describe('a valve that nobody is known to have turned for over three years', () => {
  const now = new Date('2026-11-30');

  it.each([
    ['2025-03-01', false],
    ['2023-12-02', false],
    ['2023-11-28', true],
    [undefined, true],
  ])('turned %s: %s', (turnedAt, expected) => {
    expect(isUnexercised(turnedAt === undefined ? {} : { turnedAt }, now)).toBe(expected);
  });
});

describe('a gate left alone', () => {
  const gate = (turnedAt?: string) => ({ type: 'gate-solid' as const, ...(turnedAt && { turnedAt }) });
  const settings = houseRuleSettings();

  it('is one nobody turned for over three years, or ever', () => {
    expect(yearsUnturned(gate('2023-11-26T00:00:00Z'), NOW)).toBeLessThan(3);
    expect(isHandsOff(gate('2023-11-26T00:00:00Z'), settings, NOW)).toBe(false);
    expect(isHandsOff(gate('2023-11-20T00:00:00Z'), settings, NOW)).toBe(true);
    expect(isHandsOff(gate(), settings, NOW)).toBe(true);
    expect(isHandsOff({ type: 'ball' }, settings, NOW)).toBe(false);
  });

  it('stands as it does since one was turned last, or had not been for over three years', () => {
    const turned = (...on: string[]) => on.map((turnedAt) => ({ turnedAt }));
    const since = (...on: string[]) =>
      standsSince(turned(...on), NOW)
        .toISOString()
        .slice(0, 10);
    expect(since('2025-03-01')).toBe('2025-03-01');
    expect(since('2023-01-01', '2025-03-01')).toBe('2025-12-31');
    expect(since('2030-01-01')).toBe('1970-01-01');
    expect(standsSince([{}], NOW).getTime()).toBe(0);
    // What holds now held then, and not the moment before.
    const settings = houseRuleSettings({ 'old-gates': 'by-age' });
    const gate = { type: 'gate-solid', turnedAt: '2023-01-01' } as const;
    const from = standsSince([gate], NOW);
    expect(isHandsOff(gate, settings, from)).toBe(isHandsOff(gate, settings, NOW));
    expect(isHandsOff(gate, settings, new Date(from.getTime() - 1))).toBe(false);
  });

  it('is hands off when seized, whatever side the house takes', () => {
    for (const side of ['leave', 'exercise', 'by-age'] as const)
      expect(
        isHandsOff(
          { ...gate('2026-11-01T00:00:00Z'), turning: 'seized' },
          { ...settings, 'old-gates': side },
          NOW,
        ),
      ).toBe(true);
  });
});

it('no rule of what is found stands twice, and each says when it speaks', () => {
  expect(new Set(FOUND_RULES.map(({ id }) => id)).size).toBe(FOUND_RULES.length);
  expect(FOUND_RULES.every(({ when }) => when.endsWith('.'))).toBe(true);
});
