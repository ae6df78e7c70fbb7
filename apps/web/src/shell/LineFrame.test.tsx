import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { LineUpPage } from '../steps/line-up/LineUpPage';
import { SchedulePage } from '../steps/schedule/SchedulePage';
import { BALL, GATE, LINE, NYLON, POSITION } from '../testing/demo';
import { show } from '../testing/render';
import { type Asked, serve } from '../testing/server';
import { LineFrame } from './LineFrame';
import { Shell } from './Shell';

const pick = {
  modelId: 'ball',
  reason: 'No torch.',
  verdict: 'care',
  pickedAt: '2026-11-25T00:00:00Z',
  pickedBy: 'Ada Wrenfield',
} as const;
const POSITIONS = [
  { ...POSITION, pick },
  { ...POSITION, id: 'p2', tag: 'CW-104', remarks: 'staff rooms' },
  { ...POSITION, id: 'p3', tag: 'CW-105', remarks: '', pick, duty: { ...POSITION.duty, pressurePa: 2e6 } },
];
const JOB = {
  id: 'job',
  name: 'Quay',
  lines: [
    { id: 'line', name: 'Domestic cold', medium: 'potable-cold', positions: 3, picked: 2 },
    { id: 'gas', name: 'Gas', medium: 'natural-gas', positions: 1, picked: 0 },
  ],
};

function answers({ path }: Asked): { status?: number; body: unknown } | undefined {
  if (path === '/api/company') return { body: { name: 'Tarnside', currency: 'USD', houseRules: {} } };
  if (path === '/api/catalogue') return { body: [BALL, NYLON, GATE] };
  if (path === '/api/jobs/job') return { body: JOB };
  if (path === '/api/lines/line') return { body: { ...LINE, positions: POSITIONS } };
  if (path === '/api/lines/gas')
    return { body: { ...LINE, id: 'gas', name: 'Gas', medium: 'natural-gas', positions: [] } };
  return undefined;
}

function open(address: string, answer = answers): void {
  serve(answer);
  show(
    <Routes>
      <Route element={<Shell />}>
        <Route path="/jobs/:jobId/lines/:lineId" element={<LineFrame />}>
          <Route path="line-up/:tag?" element={<LineUpPage />} />
          <Route path="schedule/:tag?" element={<SchedulePage />} />
        </Route>
      </Route>
    </Routes>,
    { at: address },
  );
}
const title = (): Promise<HTMLElement> => screen.findByRole('heading', { level: 1 });

describe('a line under its strip', () => {
  it('opens on its first position, with the job, the line and how far it is picked', async () => {
    open('/jobs/job/lines/line/line-up');
    expect(await title()).toHaveTextContent('Café branch');
    expect(await screen.findByRole('link', { name: 'Quay' })).toBeInTheDocument();
    expect(screen.getByText(/line 1 of 2 · cold drinking water · 3 positions, 2 picked/)).toBeInTheDocument();
    expect(document.title).toBe('CW-103 · Domestic cold · Grevik');
  });

  it('is walked with the keys, stops at its ends, and keeps the handle where it is', async () => {
    open('/jobs/job/lines/line/line-up/CW-104');
    expect(await title()).toHaveTextContent('Staff rooms');
    fireEvent.keyDown(document.body, { key: 'ArrowRight' });
    expect(await screen.findByRole('heading', { level: 1, name: 'Shut off' })).toBeInTheDocument();
    fireEvent.keyDown(document.body, { key: 'ArrowRight' });
    expect(await title()).toHaveTextContent('Shut off');
    for (let press = 0; press < 4; press += 1) fireEvent.keyDown(document.body, { key: 'ArrowLeft' });
    expect(await screen.findByRole('heading', { level: 1, name: 'Café branch' })).toBeInTheDocument();
  });

  it('says of a tag that it is not on it, and of an empty line what fills it', async () => {
    open('/jobs/job/lines/line/line-up/CW-999');
    expect(await screen.findByText('CW-999 is not on Domestic cold')).toBeInTheDocument();
    fireEvent.keyDown(document.body, { key: 'ArrowDown' });
    expect(await screen.findByText('Gas has no positions yet')).toBeInTheDocument();
  });

  it('says what went wrong, and opens when asked again', async () => {
    let up = false;
    open('/jobs/job/lines/line/line-up', (asked) =>
      up
        ? answers(asked)
        : { status: 503, body: { error: { code: 'unavailable', message: 'The database does not answer.' } } },
    );
    expect(await screen.findByText('The database does not answer.')).toBeInTheDocument();
    up = true;
    // Whatever is still missing asks for one press more.
    await waitFor(
      async () => {
        const again = screen.queryByRole('button', { name: 'Try again' });
        if (again) await userEvent.click(again);
        expect(screen.getByRole('heading', { level: 1 })).toBeInTheDocument();
      },
      { timeout: 4000 },
    );
    expect(await title()).toHaveTextContent('Café branch');
  });

  it('offers on the phone the first choice where nothing is picked, and else the next position', async () => {
    open('/jobs/job/lines/line/line-up/CW-104');
    await userEvent.click(await screen.findByRole('button', { name: /^Pick Ostrand 21P, Fits$/ }));
    expect(await screen.findByRole('dialog')).toHaveTextContent('Ball, full port for CW-104');
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    fireEvent.keyDown(document.body, { key: 'ArrowLeft' });
    await userEvent.click(await screen.findByRole('button', { name: 'Next: CW-104' }));
    expect(await screen.findByRole('heading', { level: 1, name: 'Staff rooms' })).toBeInTheDocument();
  });
});

describe('the schedule of a line', () => {
  const row = async (tag: string): Promise<HTMLElement> =>
    screen.findByRole('row', { name: new RegExp(`^${tag}`) });

  it('lists every position with its duty and its pick, judged now', async () => {
    open('/jobs/job/lines/line/schedule');
    expect(await title()).toHaveTextContent('Valve schedule · Domestic cold');
    expect(await row('CW-103')).toHaveTextContent('shut off¾ in75 psi, 50 °F, 7.93 gpm, copper');
    expect(await row('CW-103')).toHaveTextContent('FitsNo torch.$21.90');
    expect(await row('CW-104')).toHaveTextContent('not picked yet');
    expect(await row('CW-105')).toHaveTextContent('no longer fits');
    expect(screen.getByText('$43.80').parentElement).toHaveTextContent(
      '$43.80 for the picked valves; 1 of 3 still to pick.',
    );
  });

  it('goes out as CSV in the units on the screen, and leads back to each position', async () => {
    open('/jobs/job/lines/line/schedule');
    expect(await screen.findByRole('link', { name: 'Export CSV' })).toHaveAttribute(
      'href',
      '/api/lines/line/schedule.csv?units=us',
    );
    await userEvent.click(screen.getByRole('button', { name: 'metric units' }));
    expect(screen.getByRole('link', { name: 'Export CSV' })).toHaveAttribute(
      'href',
      '/api/lines/line/schedule.csv?units=metric',
    );
    expect(await row('CW-103')).toHaveTextContent('DN205.17 bar, 10 °C, 0.5 L/s');
    expect(screen.getByRole('link', { name: 'CW-105' })).toHaveAttribute(
      'href',
      '/jobs/job/lines/line/line-up/CW-105',
    );
  });
});
