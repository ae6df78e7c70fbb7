import '@testing-library/jest-dom';
import type { BoardPosition, BoardView, JobOutlookView } from '@grevik/contracts';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { JobBoardPage } from './JobBoardPage';

const position = (tag: string, more: Partial<BoardPosition> = {}): BoardPosition => ({
  id: tag,
  tag,
  remarks: `Room of ${tag}`,
  function: 'isolate',
  dn: 20,
  pickedType: null,
  condition: {},
  ordered: null,
  isHandedOver: false,
  ...more,
});
const BOARD: BoardView = {
  id: 'job',
  name: 'Quay',
  archivedAt: null,
  lines: [
    {
      id: 'cold',
      name: 'Domestic cold',
      medium: 'potable-cold',
      positions: [
        position('CW-101', { pickedType: 'ball', ordered: 'sent' }),
        position('CW-102', { pickedType: 'ball' }),
        position('CW-103'),
        position('CW-104', { condition: { leaking: 'stem' } }),
      ],
    },
    {
      id: 'gas',
      name: 'Gas',
      medium: 'natural-gas',
      positions: [position('GA-1', { condition: { type: 'plug-taper', turning: 'seized' } })],
    },
    { id: 'new', name: 'Irrigation', medium: 'irrigation', positions: [] },
  ],
  orders: [
    { id: 'o', supplier: 'Upper Lock', state: 'sent', lines: 2, leadDays: 9 },
    { id: 'd', supplier: null, state: 'draft', lines: 3, leadDays: null },
  ],
};

const OUTLOOK: JobOutlookView = {
  questions: [
    { fact: 'flowM3s', picks: ['CW-102', 'CW-103'], verdicts: ['CW-101'] },
    { fact: 'hardWater', picks: [], verdicts: ['GA-1'] },
  ],
  raised: [
    {
      id: 'CW-102',
      edges: [{ fact: 'pressurePa', direction: 'up', value: 861_845, verdict: 'care', rule: 'pressure' }],
    },
  ],
  leftOut: 2,
};

const MAINTENANCE: Readonly<Record<string, object>> = {
  '/api/jobs/job/overdue': ['CW-102'],
  '/api/rounds': [
    { id: 'r1', name: 'Fall round', jobIds: ['job'], stops: 8, done: 3, notDone: 1 },
    { id: 'r2', name: 'Last year', jobIds: ['job'], stops: 8, done: 8, notDone: 0 },
    { id: 'r3', name: 'Elsewhere', jobIds: ['other'], stops: 8, done: 0, notDone: 0 },
  ],
};

const NOTHING_DUE: typeof MAINTENANCE = { '/api/jobs/job/overdue': [], '/api/rounds': [] };

function open(board: BoardView, may?: ['look'], maintenance = NOTHING_DUE): Asked[] {
  const asked = serve(({ method, path }) =>
    method === 'PUT'
      ? { status: 204, body: undefined }
      : { body: path.endsWith('/outlook') ? OUTLOOK : (maintenance[path] ?? board) },
  );
  show(
    <Routes>
      <Route path="/jobs/:jobId" element={<JobBoardPage />} />
    </Routes>,
    { at: '/jobs/job', ...(may && { may }) },
  );
  return asked;
}

describe('what to ask first on a job', () => {
  it('names the fact that could move most picks first, with a way to the first of them', async () => {
    open(BOARD);
    const asked = within(await screen.findByRole('list', { name: 'Ask first' })).getAllByRole('listitem');
    expect(asked[0]).toHaveTextContent('could change 2 picks: CW-102, CW-103');
    expect(within(asked[0] as HTMLElement).getByRole('link')).toHaveAttribute(
      'href',
      '/jobs/job/lines/cold/line-up/CW-102',
    );
    expect(asked[1]).toHaveTextContent('could change the verdict at GA-1');
    expect(screen.getByText('2 positions were not checked.')).toBeVisible();
  });

  it('raises a position whose duty has passed a limit of its pick', async () => {
    open(BOARD);
    const raised = await screen.findByRole('list', { name: 'Check the pick again' });
    expect(raised).toHaveTextContent(/CW-102.*is now above 125 psi, the limit when this valve was picked/);
  });
});

describe('the board of a job', () => {
  it('shows every line with the state of each valve in words, a tap away', async () => {
    open(BOARD);
    const valve = await screen.findByRole('link', { name: 'CW-101 Room of CW-101, ordered' });
    expect(valve).toHaveAttribute('href', '/jobs/job/lines/cold/line-up/CW-101');
    for (const said of [
      'CW-102 Room of CW-102, picked',
      'CW-103 Room of CW-103, not picked',
      'GA-1 Room of GA-1, act on it',
    ])
      expect(screen.getByRole('link', { name: said })).toBeInTheDocument();
    expect(screen.getByText('4 valves · cold drinking water')).toBeInTheDocument();
    expect(screen.getByText('CW-104 leaks outside')).toBeInTheDocument();
    expect(screen.getByText('GA-1 does not turn: replace now')).toBeInTheDocument();
    expect(screen.getByText('nothing walked yet')).toBeInTheDocument();
  });

  it('draws no water where gas runs', async () => {
    open(BOARD);
    await screen.findByText('Domestic cold', { selector: 'li a' });
    const pipes = [...document.querySelectorAll('[data-pipe]')].map((pipe) => pipe.getAttribute('data-pipe'));
    expect(pipes).toEqual(['water', 'gas', 'water']);
  });

  it('says what is urgent first, gas before water, then what arrives and what is next', async () => {
    open(BOARD);
    const today = within(await screen.findByRole('complementary'));
    const [urgent, next] = today.getAllByRole('list');
    expect(
      within(urgent!)
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent),
    ).toEqual([
      expect.stringMatching(/^GA-1 Room of GA-1Does not turn: replace now\.Gas/),
      expect.stringMatching(/^CW-104 Room of CW-104Leaks outside\.Domestic cold/),
      expect.stringMatching(/^Upper Lock: 2 lines, sentlead time up to 9 days/),
    ]);
    expect(
      within(next!)
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent),
    ).toEqual(['Pick CW-103', 'Walk Irrigation', 'Choose a supplier for 3 order lines']);
  });

  it('summarises a long line: what fails as symbols, the rest in counts', async () => {
    const positions = Array.from({ length: 200 }, (_, at) =>
      position(`UT-${at}`, at === 150 ? { condition: { turning: 'seized' } } : {}),
    );
    open({ ...BOARD, lines: [{ id: 'grid', name: 'Grid', medium: 'potable-cold', positions }] });
    expect(await screen.findByRole('link', { name: /^UT-150.*act on it/ })).toBeInTheDocument();
    expect(screen.queryByRole('link', { name: /^UT-7 / })).not.toBeInTheDocument();
    expect(screen.getByText('199 not picked · 1 act on it')).toBeInTheDocument();
  });

  it('of a new job says what to do, with the first line ready to be added', async () => {
    open({ ...BOARD, lines: [], orders: [] });
    expect(await screen.findByText('No lines on this job yet')).toBeInTheDocument();
    expect(screen.getByRole('textbox', { name: 'New line' })).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Import walk list into Quay' })).toBeInTheDocument();
  });

  it('says where maintenance is overdue, and which rounds are under way', async () => {
    open(BOARD, undefined, MAINTENANCE);
    expect(await screen.findByRole('link', { name: /CW-102.*maintenance overdue/ })).toBeInTheDocument();
    expect(await screen.findByRole('link', { name: 'Maintenance overdue at 1 valve' })).toHaveAttribute(
      'href',
      '/jobs/job/rounds',
    );
    expect(await screen.findByRole('link', { name: 'Fall round: 4 of 8 visited' })).toHaveAttribute(
      'href',
      '/rounds/r1',
    );
    expect(screen.queryByText(/Last year|Elsewhere/)).toBeNull();
  });

  it('archives the job, and brings it back', async () => {
    const asked = open(BOARD);
    await userEvent.click(await screen.findByRole('button', { name: 'Archive job' }));
    expect(await screen.findByText('Quay archived')).toBeInTheDocument();
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/jobs/job/archived',
      body: { archived: true },
    });
  });

  it('that is archived says so', async () => {
    open({ ...BOARD, archivedAt: '2026-01-01T00:00:00.000Z' });
    expect(await screen.findByText('This job is archived.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Archive job' })).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Restore job' }));
    expect(await screen.findByText('Quay is open again')).toBeInTheDocument();
  });

  it('keeps from a role what it may not do', async () => {
    open(BOARD, ['look']);
    await screen.findByText('GA-1 does not turn: replace now');
    for (const name of ['Add line', 'Archive job'])
      expect(screen.queryByRole('button', { name })).not.toBeInTheDocument();
  });
});
