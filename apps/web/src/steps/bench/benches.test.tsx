import '@testing-library/jest-dom';
import type { LineView, PositionView } from '@grevik/contracts';
import { type Medium, type PositionDuty, readWalkText, settleDrafts } from '@grevik/core';
import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { BenchPage } from './BenchPage';
import { sixteenths } from './steam/sixteenths';

/** A line as it is walked, its first valve the one on the bench. */
function walked(medium: Medium, text: string, duty: Partial<PositionDuty>): LineView {
  let next = 0;
  const items = settleDrafts(readWalkText(text).items, [], () => `i${(next += 1)}`);
  const positions: PositionView[] = [];
  const walk = items.map(({ valve, ...item }) => {
    if (!valve) return item;
    const id = `p${positions.length}`;
    positions.push({
      ...POSITION,
      id,
      tag: valve.tag ?? id,
      remarks: '',
      duty: { ...POSITION.duty, ...duty, dn: valve.dn ?? 25 },
    });
    return { ...item, positionId: id };
  });
  return { ...LINE, medium, positions, walk: { version: 0, items: walk } };
}
const finding = async (): Promise<HTMLElement> =>
  screen.findByRole('region', { name: 'Finding' }, { timeout: 8000 });
const figure = (term: string): string | null | undefined => screen.getByText(term).nextSibling?.textContent;
const type = async (name: string, text: string): Promise<void> => {
  const field = screen.getByRole('textbox', { name });
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};

describe('control', () => {
  it('finds a ball too coarse for a line that is narrower than it, and names its useful stretch', async () => {
    onLine(<BenchPage />, { at: '/?of=control' });
    expect(await finding()).toHaveTextContent(/% open: noise, pitting, and no more flow for more opening\./);
    expect(figure('Valve authority')).toMatch(/^0\.0\d+ %$/);
    expect(figure('Useful handle range')).toMatch(/to 2\d % open/);
    expect(figure('One five degrees, steepest part')).toMatch(/changes the flow by \d+ %/);
  });

  it('finds a globe fine where it takes most of the pressure', async () => {
    onLine(<BenchPage />, { at: '/?of=control&valve=globe&openKv=0.9&availablePa=60000' });
    expect(await finding()).toHaveTextContent(/It throttles here between/);
    expect(figure('One sixteenth of a turn, steepest part')).toMatch(/changes the flow by/);
  });
});

describe('a pump stop', () => {
  const line = walked(
    'raw-sewage',
    'source: Wet well\nLS-1 ball check 4\n4 ductile 30 ft\nbuilding: Manhole',
    {
      function: 'non-return',
      pressurePa: 210_000,
      flowM3s: 0.02,
      pipe: { material: 'ductile-iron' },
    },
  );

  it('shows all nine kinds, the softest first, and what becomes of each', async () => {
    onLine(<BenchPage />, { line });
    await finding();
    const kinds = screen
      .getAllByRole('listitem')
      .filter((item) => within(item).queryByText(/Reverse flow at closing:/));
    expect(kinds).toHaveLength(9);
    expect(kinds[0]).toHaveTextContent(/inline spring check/);
    expect(kinds.at(-1)).toHaveTextContent(/swing/);
    expect(screen.getByRole('textbox', { name: 'Length of main downstream' })).toHaveValue('30 ft');
  });

  it('counts slams a year by the starts, and none where nothing is audible closures', async () => {
    onLine(<BenchPage />, { line, at: '/?startsPerHour=10' });
    await finding();
    expect(screen.getAllByText(/87600 audible closures/).length).toBeGreaterThan(0);
    await type('Length of main downstream', '60000 ft');
    expect(await screen.findAllByText(/no audible closures/)).toHaveLength(9);
  });

  it('puts what was entered here into the duty with one press', async () => {
    const asked = serve(({ method, body }) =>
      method === 'PUT' ? { body: { ...line.positions[0], ...(body as object), changed: null } } : undefined,
    );
    onLine(<BenchPage />, { line, at: '/?startsPerHour=12' });
    await finding();
    await userEvent.click(screen.getByRole('button', { name: 'Starts per hour: put into the duty' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      duty: { startsPerHour: 12, origins: { startsPerHour: 'said' } },
    });
  });

  it('stands a plain swing upright and it shuts sooner', async () => {
    onLine(<BenchPage />, { line });
    await finding();
    const swing = (): string | undefined =>
      screen.getAllByRole('listitem').find((item) => within(item).queryByText('swing check'))?.textContent;
    const level = swing();
    await userEvent.click(screen.getByRole('combobox', { name: 'Flow direction' }));
    await userEvent.click(screen.getByRole('option', { name: 'upward' }));
    await screen.findByRole('combobox', { name: 'Flow direction' });
    expect(swing()).not.toBe(level);
  });
});

describe('a gas line', () => {
  const text = [
    'gas main',
    '2 steel 52 ft',
    'GA-101 lubricated plug 2',
    'tee: Bakery',
    '  1 steel 33 ft',
    '  GA-102 ball 1',
    '  oven: Bakery',
    '1 steel 78 ft',
    'GA-103 gas cock 3/4',
    'boiler: Hall',
  ].join('\n');
  const line = walked('natural-gas', text, {
    pressurePa: 1743,
    flowM3s: undefined,
    pipe: { material: 'steel' },
  });

  it('is sized by its longest run, each valve a length of its own', async () => {
    onLine(<BenchPage />, { line });
    expect(await finding()).toHaveTextContent('run 3 is too small for its appliances; the');
    const rows = within(screen.getByRole('region', { name: 'Run' })).getAllByRole('row');
    expect(rows).toHaveLength(4);
    expect(rows[1]).toHaveTextContent(/plug as 3\.1 ft/);
    expect(rows[3]).toHaveTextContent(/too small needs 1¼ in/);
  });

  it('carries what the plates say', async () => {
    onLine(<BenchPage />, { line });
    await finding();
    await type('boiler, Hall', '12 kW');
    expect(await finding()).toHaveTextContent(
      'every run carries its appliances, and the pressure lost on the whole line is within what is allowed.',
    );
  });

  it('asks for appliances where the walk has none', async () => {
    onLine(<BenchPage />, {
      line: walked('natural-gas', 'gas main\n2 steel 52 ft\nGA-1 lubricated plug 2', { pressurePa: 1743 }),
    });
    expect(
      await screen.findByText(
        /No appliance on this walk yet\. A run is sized for the appliances it feeds: add them on the walk\./,
      ),
    ).toBeInTheDocument();
  });

  it('is cleared by a card: kit, order, opening under the trip, and what hurts', async () => {
    onLine(<BenchPage />, { line, at: '/?of=gas-purge' });
    expect(await finding()).toHaveTextContent(/Purge through a sacrificial valve opened to \d+ %/);
    const card = within(screen.getByRole('article', { name: 'Purge card' }));
    expect(card.getByText(/52 ft up to GA-101/)).toBeInTheDocument();
    expect(card.getByText('by code, ventilated')).toBeInTheDocument();
    expect(card.queryByText(/Insulated union/)).not.toBeInTheDocument();
    const openedTo = (): number => Number.parseInt(figure('Open the sacrificial valve to') ?? '', 10);
    const tripped = openedTo();
    await userEvent.click(screen.getByRole('switch', { name: 'Riser valve has an insulated joint' }));
    expect(card.getByText(/Insulated union/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('switch', { name: 'Excess-flow valve present' }));
    expect(openedTo()).toBeGreaterThan(tripped);
    expect(openedTo()).toBe(50);
    await type('Opening, %', '30 %');
    expect(openedTo()).toBe(30);
  });

  it('has nothing to clear at its very source', async () => {
    onLine(<BenchPage />, {
      line: walked('natural-gas', 'gas main\nGA-1 lubricated plug 2\n2 steel 9 ft\nboiler', {
        pressurePa: 1743,
      }),
      at: '/?of=gas-purge',
    });
    expect(await screen.findByText(/There is no pipe between the source and/)).toBeInTheDocument();
  });
});

describe('radiators', () => {
  const text = [
    'source: Boiler',
    '2 steel 40 ft',
    'ST-1 gate 2',
    'tee: Wall',
    '  1-1/4 steel 30 ft',
    '  ST-2 radiator valve 1',
    '  radiator',
    '1-1/2 steel 10 ft',
    'ST-3 metering valve 1',
    'radiator',
  ].join('\n');
  const steam = walked('steam-vapour', text, { pressurePa: 3400, pipe: { material: 'steel' } });
  /** The bench opened from the metering valve. */
  const line: LineView = {
    ...steam,
    positions: [steam.positions[2]!, steam.positions[0]!, steam.positions[1]!],
  };

  it('stand in the order they are balanced, each with its stop and whether it is fine enough', async () => {
    onLine(<BenchPage />, { line });
    const rows = within(
      await screen.findByRole('region', { name: /nearest to the boiler first/ }),
    ).getAllByRole('row');
    expect(rows).toHaveLength(3);
    await type('Radiation ST-2', '12 ft2');
    expect(rows[1]).toHaveTextContent(/ST-3.*fine enough/);
    expect(rows[2]).toHaveTextContent(/ST-2.*too coarse/);
    expect(await finding()).toHaveTextContent(
      /Set the internal stop at [\d /]+ turns; balance it as number 1/,
    );
  });

  it.each([
    [undefined, /One pipe or two, and what keeps steam out of the return/, 'Caution'],
    ['one-pipe', /share the valve/, 'Caution'],
    ['trap', /the trap keeps it out of the return/, 'OK'],
    ['neither', /Feel every return pipe/, 'Caution'],
  ] as const)('with the return %s say so', async (steamReturn, says, mark) => {
    onLine(<BenchPage />, { line: { ...line, facts: steamReturn ? { steamReturn } : {} } });
    expect(await finding()).toHaveTextContent(mark);
    expect(screen.getByText(says)).toBeInTheDocument();
  });

  it('are opened the wider the more radiation hangs on them', async () => {
    onLine(<BenchPage />, { line });
    const before = (await finding()).textContent;
    await type('Radiation ST-3', '90 ft2');
    expect((await finding()).textContent).not.toBe(before);
    await type('Radiation ST-3', '900 ft2');
    expect(await finding()).toHaveTextContent(
      /Too small: fully open, less steam flows than the radiator condenses\./,
    );
  });
});

it.each([
  [0.25, '1/4'],
  [2.625, '2 5/8'],
  [1, '1'],
  [0.0625, '1/16'],
  [0, '0'],
])('%d turns are said as %s', (turns, said) => {
  expect(sixteenths(turns)).toBe(said);
});

describe('high-pressure wash', () => {
  const line = walked('wash-water-high-pressure', 'source\nWD-1 ball 1/2\nhose', {
    pressurePa: 2e7,
    temperatureC: 60,
    flowM3s: 3.3e-4,
    pipe: { material: 'stainless' },
  });
  it('velocity within the limit in the bore and the heat off the seat', async () => {
    onLine(<BenchPage />, { line });
    expect(await finding()).toHaveTextContent(
      /smallest bore within the velocity limit.*nylon stays within its temperature limit/,
    );
    await type('Water', '190 F');
    expect(await finding()).toHaveTextContent(/too hot for nylon/);
    expect(figure('Throttled or bypassed, the water warms by')).toMatch(/^[\d.]+ °F$/);
  });
});

describe('a wash line whose machine nobody has read', () => {
  it('judges nothing until its pressure is entered', async () => {
    onLine(<BenchPage />, {
      line: walked('wash-water-high-pressure', 'source\nWD-1 ball 1/2\nhose', { pressurePa: undefined }),
    });
    expect(await screen.findByText('What pressure does the machine make?')).toBeInTheDocument();
    await type('Pressure of the machine', '3000 psi');
    expect(await finding()).toHaveTextContent(/bore/);
    expect(screen.getByText(/pressure trapped between valve and gun/)).toBeInTheDocument();
  });
});

describe('inside a valve', () => {
  it('a ball in dirty water is cut many times as fast part way', async () => {
    const { store } = onLine(<BenchPage />, { at: '/?of=dirty-ball' });
    expect(await finding()).toHaveTextContent(/up to \d+ times as fast as fully open/);
    expect(figure('Seat wear from grit')).toBe('1 times the wear when open');
    act(() => void store.dispatch({ type: 'handle/handleMoved', payload: 0.3 }));
    expect(
      await screen.findByText(/open to the flow: grit and scale settle behind the ball/),
    ).toBeInTheDocument();
  });

  it('a gate left nearly shut shakes', async () => {
    const { store } = onLine(<BenchPage />, { at: '/?of=part-open-gate' });
    expect(await finding()).toHaveTextContent(/Below \d+ % open the wedge vibrates/);
    act(() => void store.dispatch({ type: 'handle/handleMoved', payload: 0.02 }));
    expect(
      await screen.findByText(/It vibrates here: the wedge hangs loose and strikes its seats\./),
    ).toBeInTheDocument();
    act(() => void store.dispatch({ type: 'handle/handleMoved', payload: 0 }));
    expect(await screen.findByText(/Closed\./)).toBeInTheDocument();
  });

  it('a step loses more than a taper of the same bore', async () => {
    onLine(<BenchPage />, { at: '/?of=port&boreRatio=0.6&taperDeg=15', models: [BALL] });
    expect(await finding()).toHaveTextContent(
      /At 60 % of the bore a step loses [1-9][\d.]* times what a taper loses/,
    );
    expect(screen.getByRole('img', { name: 'step' })).toBeInTheDocument();
  });
});
