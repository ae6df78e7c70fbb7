import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { TasksPage } from './TasksPage';

const task = {
  id: 'judge',
  kind: 'judge-jobs',
  what: 'all jobs',
  state: 'running',
  done: 12,
  total: 500,
  tries: 1,
  problem: null,
  by: 'Ada Wrenfield',
  addedAt: '2026-11-29T08:00:00Z',
  endedAt: null,
};

describe('background tasks', () => {
  it('say how far they are, why they failed, and are cancelled and begun again', async () => {
    const failed = {
      ...task,
      id: 'quote',
      kind: 'quote',
      what: 'Bramfold Trade',
      state: 'failed',
      total: null,
      tries: 4,
      problem: 'The connection was lost before the answer arrived.',
    };
    const asked = serve(({ method }: Asked) =>
      method === 'GET' ? { body: [task, failed] } : { status: 204, body: undefined },
    );
    show(<TasksPage />);
    expect(await screen.findByRole('row', { name: /Judge all jobs again/ })).toHaveTextContent(
      'running · 12 of 500',
    );
    expect(screen.getByRole('progressbar')).toHaveAttribute('aria-valuenow', '2');
    expect(screen.getByRole('row', { name: /Bramfold Trade/ })).toHaveTextContent(
      /failed · tried 4 times.*connection was lost/,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Cancel: Judge all jobs again' }));
    await userEvent.click(
      screen.getByRole('button', { name: 'Start again: Quote request to Bramfold Trade' }),
    );
    await waitFor(() =>
      expect(
        asked.filter(({ method }) => method !== 'GET').map(({ method, path }) => `${method} ${path}`),
      ).toEqual(['DELETE /api/tasks/judge', 'POST /api/tasks/quote/again']),
    );
  });

  it('say that none ran', async () => {
    serve(() => ({ body: [] }));
    show(<TasksPage />);
    expect(await screen.findByText(/^Nothing has run yet\./)).toBeVisible();
  });
});
