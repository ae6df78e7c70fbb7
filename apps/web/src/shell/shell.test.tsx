import '@testing-library/jest-dom';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes, useLocation } from 'react-router';
import { show } from '../testing/render';
import { BALL, LINE, POSITION } from '../testing/demo';
import { type Asked, serve } from '../testing/server';
import { NotFound } from './NotFound';
import { Shell } from './Shell';

const JOB = {
  id: 'job',
  name: 'Tarn Quay',
  lines: [{ id: 'line', name: 'Domestic cold', medium: 'potable-cold', positions: 2, picked: 0 }],
};
const POSITIONS = [
  {
    id: 'p1',
    lineId: 'line',
    tag: 'CW-101',
    remarks: 'Building shut-off',
    function: 'isolate',
    dn: 40,
    condition: {},
  },
  {
    id: 'p2',
    lineId: 'line',
    tag: 'CW-102',
    remarks: 'Café branch',
    function: 'isolate',
    dn: 20,
    condition: { turning: 'seized' },
  },
];

const WALKED = {
  ...LINE,
  positions: [{ ...POSITION, id: 'p2', tag: 'CW-102' }],
  walk: {
    ...LINE.walk,
    items: [
      { id: 's', kind: 'source', depth: 0 },
      { id: 'v', kind: 'valve', depth: 0, positionId: 'p2' },
      { id: 'f', kind: 'fixture', fixture: 'basin', name: 'Staff rooms', depth: 0 },
    ],
  },
};

function answers({ path }: Asked): { body: unknown } | undefined {
  if (path === '/api/jobs/names') return { body: [JOB] };
  if (path === '/api/jobs/job') return { body: JOB };
  if (path === '/api/jobs/job/positions') return { body: POSITIONS };
  if (path === '/api/jobs/job/walk') return { body: { ...JOB, lines: [WALKED] } };
  if (path === '/api/catalogue') return { body: [BALL] };
  if (path === '/api/changes/mine') return { body: [] };
  if (path.startsWith('/api/search')) return { body: FOUND };
  return { body: null };
}
const ELSEWHERE = { jobId: 'mill', job: 'Old mill', lineId: 'hot', line: 'Hot water', medium: 'potable-hot' };
const FOUND = [
  { ...ELSEWHERE, position: { tag: 'HW-7', remarks: 'laundry', dn: 20, condition: { turning: 'seized' } } },
  { ...ELSEWHERE, jobId: 'job', position: { tag: 'HW-701', remarks: '', dn: 20, condition: {} } },
];
const Here = () => <output>{useLocation().pathname}</output>;

function open(may?: readonly ('look' | 'bring-lines')[]) {
  const asked = serve(answers);
  const shown = show(
    <Routes>
      <Route element={<Shell />}>
        <Route path="/jobs/:jobId/lines/:lineId/:step/:tag?" element={<Here />} />
        <Route path="/catalogue/types/:type" element={<Here />} />
        <Route path="*" element={<NotFound />} />
      </Route>
    </Routes>,
    { at: '/jobs/job/lines/line/line-up/CW-101', ...(may && { may }) },
  );
  return { ...shown, asked };
}
const key = (name: string, more = {}): boolean => fireEvent.keyDown(document.body, { key: name, ...more });

describe('the list of everything', () => {
  it('opens by key, finds a position by a few letters, and goes there', async () => {
    open();
    await screen.findByRole('link', { name: 'Tarn Quay' });
    key('k', { ctrlKey: true });
    await userEvent.type(await screen.findByRole('combobox'), 'caf');
    const option = await screen.findByRole('option', {
      name: /CW-102 · ¾ in · Café branch · seized: do not operate/,
    });
    expect(screen.getAllByRole('option')).toHaveLength(1);
    await userEvent.click(option);
    await waitFor(() => expect(screen.getByText('/jobs/job/lines/line/line-up/CW-102')).toBeInTheDocument());
    expect(screen.queryByRole('combobox')).not.toBeInTheDocument();
  });

  it.each([
    ['staff rooms', /Basin, Staff rooms · served by CW-102/, '/jobs/job/lines/line/line-up/CW-102'],
    ['tilting', /Tilting-disc check/, '/catalogue/types/check-tilting'],
    ['joukowsky', /Hammer/, '/jobs/job/lines/line/bench/CW-101'],
  ])('leads from “%s” to what is meant', async (typed, option, address) => {
    open();
    await screen.findByRole('link', { name: 'Tarn Quay' });
    key('k', { ctrlKey: true });
    await userEvent.type(await screen.findByRole('combobox'), typed);
    await userEvent.click(await screen.findByRole('option', { name: option }));
    await waitFor(() => expect(screen.getByText(address)).toBeInTheDocument());
  });

  it('finds a valve of another job, and leaves those of the open one to its own list', async () => {
    const { asked } = open();
    await screen.findByRole('link', { name: 'Tarn Quay' });
    key('k', { ctrlKey: true });
    await userEvent.type(await screen.findByRole('combobox'), 'HW-7');
    const option = await screen.findByRole('option', {
      name: 'HW-7 · ¾ in · laundry · seized: do not operate · Old mill, Hot water Other jobs',
    });
    expect(screen.getAllByRole('option')).toHaveLength(1);
    expect(asked.filter(({ path }) => path.startsWith('/api/search'))).toHaveLength(1);
    await userEvent.click(option);
    await waitFor(() => expect(screen.getByText('/jobs/mill/lines/hot/line-up/HW-7')).toBeInTheDocument());
  });

  it('leads to the emergency page by what happens', async () => {
    open();
    await screen.findByRole('link', { name: 'Tarn Quay' });
    key('k', { ctrlKey: true });
    await userEvent.type(await screen.findByRole('combobox'), 'burst');
    expect(await screen.findByRole('option', { name: /^Emergency/ })).toBeInTheDocument();
  });

  it('does things as well: units, handle, the list of keys', async () => {
    const { store } = open();
    await screen.findByRole('link', { name: 'Tarn Quay' });
    for (const [typed, done] of [
      ['metric', () => store.getState().units === 'metric'],
      ['close the handle', () => store.getState().handle === 0],
    ] as const) {
      key('k', { ctrlKey: true });
      await userEvent.type(await screen.findByRole('combobox'), `${typed}{enter}`);
      await waitFor(() => expect(done()).toBe(true));
    }
    key('k', { ctrlKey: true });
    await userEvent.type(await screen.findByRole('combobox'), 'keyboard{enter}');
    expect(await screen.findByRole('dialog', { name: 'Keyboard shortcuts' })).toHaveTextContent(
      'undo your last change',
    );
  });

  it('says so where nothing has such a name', async () => {
    open();
    key('k', { ctrlKey: true });
    await userEvent.type(await screen.findByRole('combobox'), 'zzz');
    expect(
      await screen.findByText('Nothing found. Try a tag, a room, a fixture, a valve type or a screen.'),
    ).toBeInTheDocument();
  });
});

describe('the frame', () => {
  it('leads to the pages of the job and of the company, and to the emergency page', async () => {
    open();
    const job = within(await screen.findByRole('navigation', { name: 'Pages of the job' }));
    expect(job.getAllByRole('link').map((link) => link.getAttribute('href'))).toEqual([
      '/jobs/job',
      '/jobs/job/takeoff',
      '/jobs/job/orders',
      '/jobs/job/rounds',
      '/jobs/job/budget',
    ]);
    const company = within(screen.getByRole('navigation', { name: 'Pages of the company' }));
    expect(company.getAllByRole('link').map((link) => link.textContent)).toEqual([
      'Catalogue',
      'House rules',
      'Drills',
      'Parts list',
      'People',
    ]);
    expect(screen.getByRole('link', { name: 'Emergency' })).toHaveAttribute('href', '/emergency?job=job');
  });

  it('names whoever is signed in, and signs them out', async () => {
    const { asked } = open();
    await userEvent.click(await screen.findByRole('button', { name: 'Ada Wrenfield, foreman at Tarnside' }));
    expect(screen.getByRole('dialog', { name: 'Your account' })).toHaveTextContent(
      'Ada Wrenfieldforeman, Tarnside',
    );
    await userEvent.click(screen.getByRole('menuitem', { name: 'Sign out' }));
    await waitFor(() =>
      expect(asked.some(({ method, path }) => method === 'DELETE' && path === '/api/session')).toBe(true),
    );
  });

  it('says that there is no network as long as there is none', () => {
    open();
    const online = jest.spyOn(navigator, 'onLine', 'get').mockReturnValue(false);
    act(() => void window.dispatchEvent(new Event('offline')));
    expect(screen.getByText(/^No network\./)).toBeInTheDocument();
    online.mockReturnValue(true);
    act(() => void window.dispatchEvent(new Event('online')));
    expect(screen.queryByText(/^No network\./)).not.toBeInTheDocument();
    online.mockRestore();
  });
});

describe('an address without a screen', () => {
  it('names the jobs there are', async () => {
    serve(answers);
    show(<NotFound />, { at: '/nowhere' });
    expect(await screen.findByRole('link', { name: 'Tarn Quay' })).toHaveAttribute('href', '/jobs/job');
    expect(screen.getByRole('status')).toHaveTextContent('no screen at this address');
  });
});
