import '@testing-library/jest-dom';
import type { LineView, PositionView } from '@grevik/contracts';
import { type WalkItem, houseRuleSettings } from '@grevik/core';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { Answer } from '../../kit/isolation/Answer';
import { Outline } from './Outline';
import { WhatIsHere } from './WhatIsHere';
import { walked } from '../../kit/isolation/useWalk';
import { isolationAnswer } from '@grevik/core';

const SETTINGS = houseRuleSettings();
const NOW = new Date('2026-11-25T12:00:00Z');
const shutOff: PositionView = {
  ...POSITION,
  id: 'p0',
  tag: 'CW-101',
  remarks: 'Building shut-off, behind the ticket office',
  condition: { type: 'ball', turning: 'freely', holding: 'tight', turnedAt: '2026-10-02T00:00:00.000Z' },
};
const cafe: PositionView = {
  ...POSITION,
  condition: { type: 'gate-solid', turning: 'seized', at: '2026-10-02T00:00:00.000Z', by: 'Joss' },
};
const items: WalkItem[] = [
  { id: 's', kind: 'source', depth: 0, name: 'Street main' },
  { id: 'r', kind: 'run', depth: 0, material: 'copper', dn: 40, lengthM: 12.192 },
  { id: 'a', kind: 'valve', depth: 0, positionId: 'p0' },
  { id: 't', kind: 'tee', depth: 0, name: 'Café branch' },
  { id: 'b', kind: 'valve', depth: 1, positionId: 'p1' },
  { id: 'f', kind: 'fixture', depth: 1, fixture: 'kitchen-sink', count: 2, name: 'Bakery' },
  { id: 'g', kind: 'fixture', depth: 0, fixture: 'basin', count: 6, name: 'Staff rooms' },
];
const line: LineView = { ...LINE, positions: [shutOff, cafe], walk: { version: 7, items } };
const walk = walked(line, SETTINGS, NOW);

const SIDES = ['clientHeight', 'clientWidth'] as const;
/** The list is as high as a screen, which this test’s screen does not know by itself. */
beforeAll(() => {
  for (const side of SIDES)
    Object.defineProperty(HTMLElement.prototype, side, { configurable: true, value: 600 });
  HTMLElement.prototype.scrollTo = () => undefined;
  globalThis.ResizeObserver = class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  };
});
afterAll(() => {
  for (const name of [...SIDES, 'scrollTo'] as const) Reflect.deleteProperty(HTMLElement.prototype, name);
  Reflect.deleteProperty(globalThis, 'ResizeObserver');
});

describe('the outline', () => {
  let asked: Asked[];
  const chosen: string[] = [];
  const open = (at = 'b'): HTMLElement => {
    asked = serve(({ method, body }) => {
      if (method !== 'PUT') return undefined;
      const { at: place, remove, insert } = body as { at: number; remove: number; insert: WalkItem[] };
      return { body: { version: 8, changeId: 'c', at: place, remove, items: insert, positions: [] } };
    });
    show(<Outline line={line} walk={walk} chosen={at} choose={(id) => void chosen.push(id)} />);
    return screen.getByRole('tree', { name: 'Domestic cold in walking order' });
  };
  const put = (): unknown => asked.find(({ method }) => method === 'PUT')?.body;

  it('says every item in its place, as deep as it branches', async () => {
    open();
    const rows = await screen.findAllByRole('treeitem');
    expect(rows.map((row) => row.textContent)).toEqual([
      '◉Street main',
      '│1½ in copper40 ft',
      '⋈CW-101 Building shut-off¾ in · ball',
      '├Café branch',
      '⋈CW-103 Café branch¾ in · gate · seized',
      '▢Kitchen sink ×2Bakery',
      '▢Basin ×6Staff rooms',
    ]);
    expect(rows[4]).toHaveAttribute('aria-level', '2');
    expect(rows[4]).toHaveAttribute('aria-selected', 'true');
  });

  it('is walked with the arrows, without changing the line', () => {
    const tree = open();
    const outside = jest.fn();
    window.addEventListener('keydown', outside);
    fireEvent.keyDown(tree, { key: 'ArrowDown' });
    fireEvent.keyDown(tree, { key: 'ArrowUp' });
    window.removeEventListener('keydown', outside);
    expect(chosen.slice(-2)).toEqual(['f', 't']);
    expect(outside).not.toHaveBeenCalled();
  });

  it('puts in what is typed, after saying what it understood; Tab branches', async () => {
    open('t');
    const field = screen.getByRole('textbox', { name: 'Type what comes next' });
    await userEvent.type(field, '1/2 copper 12 ft, ball 1/2: loft{Tab}');
    expect(screen.getByText('½ in copper · 12 ft; valve ½ in ball loft')).toBeInTheDocument();
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(put()).toBeDefined());
    expect(put()).toMatchObject({
      version: 7,
      at: 4,
      remove: 0,
      insert: [
        { kind: 'run', depth: 1, material: 'copper', dn: 15 },
        { kind: 'valve', depth: 1, type: 'ball', name: 'loft', valve: { dn: 15 } },
      ],
    });
    expect(await screen.findByText('2 items added')).toBeInTheDocument();
    expect(field).toHaveValue('');
  });

  it('keeps what it does not understand, and says what would be right', async () => {
    open();
    const field = screen.getByRole('textbox', { name: 'Type what comes next' });
    await userEvent.type(field, 'gizmo{Enter}');
    expect(screen.getByText(/“gizmo” is not understood\. Enter a run/)).toBeInTheDocument();
    expect(field).toHaveValue('gizmo');
    expect(put()).toBeUndefined();
  });

  it.each([
    ['Delete', {}, { at: 3, remove: 3, insert: [] }],
    ['ArrowUp', { altKey: true }, { at: 2, remove: 4 }],
    ['ArrowRight', { altKey: true }, { at: 3, remove: 3 }],
  ])('%s with %j edits a branch whole', async (key, held, edit) => {
    fireEvent.keyDown(open('t'), { key, ...held });
    await waitFor(() => expect(put()).toMatchObject(edit));
  });

  it('only shows it to whoever may not walk', () => {
    serve(() => undefined);
    show(<Outline line={line} walk={walk} chosen="b" choose={() => undefined} />, { may: ['look'] });
    expect(screen.queryByRole('textbox')).not.toBeInTheDocument();
  });
});

describe('the isolation answer', () => {
  it('says what to close and where, what was not relied on, what goes dry, and what would help', () => {
    show(<Answer line={line} walk={walk} answer={isolationAnswer(walk.network, 'f')!} />);
    expect(screen.getByRole('heading')).toHaveTextContent('Close CW-101');
    expect(
      screen.getByText(/behind the ticket office, ball, last operated .*2026, held when tested/),
    ).toBeInTheDocument();
    expect(screen.getByText('CW-103 is seized open; do not rely on it.')).toBeInTheDocument();
    expect(screen.getByText(/Out of service: Bakery, Staff rooms\./)).toBeInTheDocument();
    expect(
      screen.getByText(/If CW-103 were replaced, you would close CW-103\. Out of service: Bakery\./),
    ).toBeInTheDocument();
  });

  it('names places and valves along the walk, whatever their ids are', () => {
    const ids: Record<string, string> = { a: 'y', f: 'z' };
    const renamed = items.map((item) => ({ ...item, id: ids[item.id] ?? item.id }));
    const seized = { ...shutOff, condition: { ...cafe.condition } };
    const same = { ...line, positions: [seized, cafe], walk: { version: 7, items: renamed } };
    const again = walked(same, SETTINGS, NOW);
    show(<Answer line={same} walk={again} answer={isolationAnswer(again.network, 'z')!} />);
    expect(screen.getByText(/CW-101 is seized open.* CW-103 is seized open/)).toBeInTheDocument();
    expect(screen.getByText(/Out of service: Bakery, Staff rooms\./)).toBeInTheDocument();
  });

  it('names the street valve or the utility where nothing here shuts it off', () => {
    const { rerender: _rerender, unmount } = show(
      <Answer line={line} walk={walk} answer={isolationAnswer(walk.network, 'r')!} />,
    );
    expect(screen.getByRole('heading')).toHaveTextContent(
      'Close the main valve in the street, with the water utility',
    );
    unmount();
    show(
      <Answer
        line={{ ...line, medium: 'natural-gas' }}
        walk={walk}
        answer={isolationAnswer(walk.network, 'r')!}
      />,
    );
    expect(screen.getByRole('heading')).toHaveTextContent('with the gas utility');
    expect(screen.getByText(/Out of service: Bakery/)).toBeInTheDocument();
  });
});

describe('what is here', () => {
  const next = jest.fn();
  const open = (position = cafe, medium = line.medium): Asked[] => {
    const asked = serve(({ method }) => (method === 'POST' ? { status: 201, body: { id: 'e' } } : undefined));
    show(
      <WhatIsHere
        line={{ ...line, medium }}
        walk={walk}
        settings={SETTINGS}
        models={[]}
        position={position}
        next={next}
      />,
    );
    return asked;
  };
  const tap = (group: string, option: string): Promise<void> =>
    userEvent.click(within(screen.getByRole('group', { name: group })).getByRole('button', { name: option }));

  it('shows what was found last, and what to do about it, with the valve upstream named', () => {
    open();
    expect(screen.getByText('Joss, 2 Oct 2026')).toBeInTheDocument();
    expect(
      within(screen.getByRole('group', { name: 'Does it turn?' })).getByRole('button', { name: 'seized' }),
    ).toHaveAttribute('aria-pressed', 'true');
    expect(screen.getByText(/Do not force it: use CW-101/)).toBeInTheDocument();
  });

  it('judges as it is entered, reads the casting, and writes it down once', async () => {
    const asked = open(shutOff);
    expect(screen.queryByText(/leaks by; do not rely on it\./)).not.toBeInTheDocument();
    await tap('Does it shut off?', 'leaks by');
    expect(screen.getByText(/It leaks by when closed/)).toBeInTheDocument();
    await userEvent.type(
      screen.getByRole('textbox', { name: 'Markings on tag or casting' }),
      '125 3/4 200 WOG',
    );
    expect(screen.getByText(/pressure class 125; size 3\/4; 200 psi cold water/)).toBeInTheDocument();
    expect(screen.getByText(/Not marked: ends, body/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Save and next' }));
    await waitFor(() => expect(next).toHaveBeenCalled());
    expect(asked.find(({ method }) => method === 'POST')).toMatchObject({
      path: '/api/positions/p0/entries',
      body: { kind: 'found', found: { holding: 'passes', marking: '125 3/4 200 WOG' } },
    });
  });

  it('sets a ground key that does not turn to be replaced, with the gas caution', async () => {
    open({ ...cafe, condition: { type: 'plug-taper' } }, 'natural-gas');
    await tap('Does it turn?', 'seized');
    expect(screen.getByText('Replace now.')).toBeInTheDocument();
    expect(screen.getByText(/must not stay in service.*no ignition source/s)).toBeInTheDocument();
  });

  it('gives the steps that prove a building shut-off', () => {
    open({
      ...shutOff,
      duty: { ...shutOff.duty, function: 'emergency-shutoff' },
      condition: { type: 'ball' },
    });
    expect(screen.getAllByRole('checkbox')).toHaveLength(5);
  });

  it('names a position anew', async () => {
    const asked = open();
    const where = screen.getByRole('textbox', { name: 'Location' });
    await userEvent.clear(where);
    await userEvent.type(where, 'Behind the oven');
    await userEvent.click(screen.getByRole('button', { name: 'Save name' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/positions/p1/name',
      body: { version: 4, tag: 'CW-103', remarks: 'Behind the oven' },
    });
  });
});
