import '@testing-library/jest-dom';
import type { DueListView, EntryRequest, RoundStopView, RoundView } from '@grevik/contracts';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { device } from '../../store/device-database';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { RoundPage } from './RoundPage';
import { RoundsPage } from './RoundsPage';
import { VisitPage } from './VisitPage';
import { tagOfCode } from './tag-of-code';

const DUE: DueListView = {
  asOf: '2026-11-28',
  until: '2026-11-30',
  due: 2,
  overdue: 1,
  positions: 2,
  notOperated: [{ positionId: 'p9', tag: 'CW-101', jobId: 'job', lineId: 'cold', why: 'seized' }],
  tasks: [
    {
      ...{ positionId: 'p1', tag: 'UT-118', remarks: 'Net loft lane; before the school', dn: 150 },
      ...{ jobId: 'job', jobName: 'Quay', lineId: 'grid', lineName: 'Harbour grid', medium: 'potable-cold' },
      ...{
        task: 'exercise',
        dueOn: '2026-11-18',
        every: { months: 12 },
        why: 'Scale sets hard.',
        setBy: null,
      },
    },
    {
      ...{ positionId: 'p2', tag: 'GA-103', remarks: 'Hall boiler', dn: 20 },
      ...{ jobId: 'job', jobName: 'Quay', lineId: 'gas', lineName: 'Gas', medium: 'natural-gas' },
      ...{ task: 'gas-leak', dueOn: null, every: { months: 12 }, why: 'Soap.', setBy: 'company' },
    },
  ],
};

const stop = (more: Partial<RoundStopView>): RoundStopView => ({
  ...{
    positionId: 'p1',
    tag: 'UT-118',
    remarks: 'Net loft lane; before the school',
    jobId: 'job',
    jobName: 'Quay',
  },
  ...{ lineId: 'grid', lineName: 'Harbour grid', medium: 'potable-cold', function: 'isolate', dn: 150 },
  ...{
    place: 'buried',
    type: 'gate-resilient',
    condition: {},
    coordinates: null,
    tasks: ['exercise'],
  },
  ...{
    doNotOperate: null,
    on: '2026-11-30',
    fromMin: 0,
    minutes: 36,
    photos: [],
    visit: null,
    lastVisit: null,
  },
  ...more,
});
const ROUND: RoundView = {
  ...{ id: 'r1', name: 'Harbour round', jobIds: ['job'], startsOn: '2026-11-30', endsOn: '2026-12-01' },
  ...{
    hoursADay: 6,
    person: { id: 'me', name: 'Joss' },
    stops: 2,
    done: 0,
    notDone: 0,
    version: 3,
    changeId: null,
  },
  stopsInOrder: [
    stop({
      lastVisit: {
        ...{ id: 'v', happenedAt: '2025-10-12T08:00:00Z', by: 'Bea', text: '' },
        visit: { done: ['exercise'], turns: 20 },
      },
    }),
    stop({
      ...{
        positionId: 'p2',
        tag: 'GA-103',
        remarks: 'Hall boiler',
        lineName: 'Gas',
        medium: 'natural-gas',
        dn: 20,
      },
      ...{
        place: 'indoors',
        type: 'plug-taper',
        tasks: ['gas-leak'],
        doNotOperate: 'seized',
        on: '2026-12-01',
      },
    }),
  ],
};

const ANSWERS: Readonly<Record<string, unknown>> = {
  '/api/due': DUE,
  '/api/rounds': [{ ...ROUND, stopsInOrder: undefined }],
  '/api/rounds/r1': ROUND,
  '/api/intervals': [],
  '/api/calendar': { hasAddress: false },
  '/api/jobs/names': [{ id: 'job', name: 'Quay' }],
  '/api/people': [{ id: 'me', name: 'Joss', role: 'technician' }],
  '/api/company': { name: 'Tarnside' },
};

function open(at: string, isDown = () => false): Asked[] {
  const asked = serve(({ method, path, body }) => {
    if (isDown()) throw new TypeError('no network');
    if (method === 'GET') return { body: ANSWERS[path] };
    if (path === '/api/calendar') return { status: 201, body: { path: '/api/calendar/secret.ics' } };
    if (path.startsWith('/api/rounds')) return { body: { ...ROUND, changeId: 'c1' } };
    if (path === '/api/intervals') return { body: [] };
    return { status: 201, body: { ...(body as object), by: 'Ada' } };
  });
  show(
    <Routes>
      <Route path="/rounds" element={<RoundsPage />} />
      <Route path="/rounds/:roundId" element={<RoundPage />} />
      <Route path="/rounds/:roundId/:positionId" element={<VisitPage />} />
    </Routes>,
    { at },
  );
  return asked;
}
const sent = (asked: readonly Asked[], method = 'POST'): Asked[] =>
  asked.filter((one) => one.method === method);

describe('what is due', () => {
  it('names task, valve, day and whose interval it is, what is not operated, and says what is overdue', async () => {
    open('/rounds');
    const [late, never] = (await screen.findAllByRole('row')).slice(1);
    expect(late).toHaveTextContent(
      /18 Nov 2026.*10 days overdue.*UT-118 6 in · Net loft lane.*exercise.*12 months/,
    );
    expect(never).toHaveTextContent(/now.*never recorded.*GA-103.*leak test with soap.*set by the company/);
    expect(screen.getByRole('status')).toHaveTextContent('2 tasks at 2 valves, 1 overdue.');
    expect(screen.getByText(/found seized/)).toBeInTheDocument();
  });

  it('lets an interval be set for one valve with a reason, and says what cannot be read', async () => {
    const asked = open('/rounds');
    await userEvent.click(await screen.findByRole('button', { name: 'Change interval UT-118 exercise' }));
    const dialog = within(await screen.findByRole('dialog'));
    const interval = dialog.getByLabelText('Interval');
    await userEvent.clear(interval);
    await userEvent.type(interval, 'often');
    await userEvent.click(dialog.getByRole('button', { name: 'Save interval' }));
    expect(await dialog.findByRole('alert')).toHaveTextContent('write it like 6 months');
    await userEvent.clear(interval);
    await userEvent.type(interval, '6 months');
    await userEvent.type(dialog.getByLabelText('Reason'), 'hard water');
    await userEvent.click(dialog.getByRole('button', { name: 'Save interval' }));
    await waitFor(() =>
      expect(sent(asked, 'PUT')[0]?.body).toEqual({
        positionId: 'p1',
        interval: { task: 'exercise', every: { months: 6 }, because: 'hard water' },
      }),
    );
  });

  it('makes a round of it and goes there', async () => {
    const asked = open('/rounds');
    await userEvent.click(await screen.findByRole('button', { name: 'Create round' }));
    expect(await screen.findByRole('heading', { name: 'Harbour round' })).toBeInTheDocument();
    expect(sent(asked)[0]?.body).toMatchObject({ jobIds: ['job'], hoursADay: 6 });
  });

  it('gives a calendar address once', async () => {
    open('/rounds');
    await userEvent.click(await screen.findByRole('button', { name: 'Create calendar address' }));
    expect(await screen.findByText('http://localhost/api/calendar/secret.ics')).toBeInTheDocument();
  });
});

describe('a round', () => {
  it('shows its days and stops, and lets one be removed with a way back', async () => {
    const asked = open('/rounds/r1');
    expect(await screen.findByRole('heading', { name: 'Day 1 · 30 Nov 2026' })).toBeInTheDocument();
    expect(screen.getByRole('heading', { name: 'Day 2 · 1 Dec 2026' })).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Start on site' })).toHaveAttribute('href', '/rounds/r1/p1');
    await userEvent.click(screen.getByRole('button', { name: 'Remove GA-103 from the round' }));
    expect(await screen.findByRole('button', { name: 'Undo' })).toBeInTheDocument();
    expect(sent(asked, 'PUT')[0]?.body).toEqual({ version: 3, order: ['p1'] });
  });
});

describe('a visit', () => {
  beforeEach(() => Promise.all([device.unsent.clear(), device.answers.clear()]));
  afterEach(() => sessionStorage.clear());

  it('says what hurts, how it was last time and what to do; counts turns; saves and goes on', async () => {
    const asked = open('/rounds/r1/p1');
    expect(
      await screen.findByRole('heading', { name: 'Net loft lane, before the school' }),
    ).toBeInTheDocument();
    expect(screen.getByText(/two people, cones out/)).toBeInTheDocument();
    expect(screen.getByText(/Last time 12 Oct 2025: 20 turns\./)).toBeInTheDocument();
    expect(screen.getByText('Such a valve usually has 20 turns.')).toBeInTheDocument();
    for (const name of ['+ 1', '+ 1', '+ ½', 'stiff', 'tight', 'open'])
      await userEvent.click(screen.getByRole('button', { name }));
    expect(screen.getByRole('button', { name: '✓ Exercise' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: 'Save and next' }));
    expect(await screen.findByRole('heading', { name: 'Hall boiler' })).toBeInTheDocument();
    expect(sent(asked)[0]).toMatchObject({
      path: '/api/positions/p1/entries',
      body: {
        kind: 'visit',
        visit: {
          roundId: 'r1',
          done: ['exercise'],
          turns: 2.5,
          turning: 'stiff',
          holding: 'tight',
          left: 'open',
        },
      },
    });
  });

  it('is not saved while nothing was done, and is saved as not done with a reason', async () => {
    const asked = open('/rounds/r1/p2');
    expect(await screen.findByText(/Do not operate it: found seized/)).toBeInTheDocument();
    expect(screen.getByText(/only with the appliances off/)).toBeInTheDocument();
    expect(screen.queryByRole('heading', { name: 'Operate it' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /^Save and/ }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Mark what was done');
    await userEvent.click(screen.getByRole('button', { name: 'Not done' }));
    await userEvent.click(screen.getByRole('button', { name: 'no access' }));
    await waitFor(() =>
      expect(sent(asked)[0]?.body).toMatchObject({ visit: { done: [], notDone: 'no-access' } }),
    );
  });

  it('keeps the draft past a reload with its id, and without a network waits on the device', async () => {
    let isDown = false;
    open('/rounds/r1/p1', () => isDown);
    await userEvent.click(await screen.findByRole('button', { name: 'freely' }));
    const draft = await waitFor(() => {
      const kept = sessionStorage.getItem('grevik.visit.r1.p1');
      expect(kept).not.toBeNull();
      return JSON.parse(kept ?? '') as { id: string };
    });
    isDown = true;
    await userEvent.click(screen.getByRole('button', { name: 'Save and next' }));
    expect(await screen.findByText('UT-118 is kept on this device and sent later')).toBeInTheDocument();
    const [waiting] = await device.unsent.toArray();
    expect((waiting!.body as EntryRequest).id).toBe(draft.id);
    await screen.findByRole('heading', { name: 'Hall boiler' });
    await userEvent.click(screen.getByRole('link', { name: 'Previous' }));
    expect(await screen.findByText('waits on this device')).toBeInTheDocument();
    expect(sessionStorage.getItem('grevik.visit.r1.p1')).toBeNull();
  });

  it('is found by a typed tag; one that is not on the round is named', async () => {
    open('/rounds/r1/p1');
    await userEvent.click(await screen.findByText('Find the valve'));
    expect(screen.getByText(/The camera works over https only/)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Tag'), 'XX-1{Enter}');
    expect(
      await screen.findByText(/XX-1 is not on this round\. On it are UT-118, GA-103/),
    ).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('Tag'));
    await userEvent.type(screen.getByLabelText('Tag'), 'ga-103{Enter}');
    expect(await screen.findByRole('heading', { name: 'Hall boiler' })).toBeInTheDocument();
  });

  it.each([
    ['https://grevik.example/jobs/1/lines/2/log/CW-104', 'CW-104'],
    ['https://grevik.example/jobs/1/lines/2/log/K%C3%84-1?x=1', 'x=1'],
    [' CW-104 ', 'CW-104'],
    ['%', '%'],
  ])('a code %s is the tag %s', (code, tag) => {
    expect(tagOfCode(code)).toBe(tag);
  });
});
