import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { OwnTaskView } from '@grevik/contracts';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { OwnTasks } from './OwnTasks';

const task = (more: Partial<OwnTaskView>): OwnTaskView => ({
  id: 'one',
  kind: 'budget-file',
  what: 'all jobs',
  state: 'done',
  done: 1,
  total: 1,
  tries: 1,
  problem: null,
  by: 'Ada Wrenfield',
  addedAt: '2026-11-20T08:00:00.000Z',
  endedAt: '2026-11-20T08:00:04.000Z',
  result: null,
  file: null,
  ...more,
});

describe('one’s own files and imports', () => {
  it('are found again: the file, the job that was read, and why something failed', async () => {
    serve(() => ({
      body: [
        task({ file: { name: 'all jobs budget.xlsx', bytes: 20_480 } }),
        task({
          id: 'two',
          kind: 'job-import',
          what: 'sheds.json',
          result: { imported: { jobId: 'sheds', name: 'Sheds', positions: 4 } },
        }),
        task({
          id: 'three',
          kind: 'job-import',
          what: 'old.json',
          state: 'failed',
          problem: 'format is missing.',
        }),
      ],
    }));
    show(<OwnTasks />);
    const rows = within(await screen.findByRole('list', { name: 'Your files and imports' })).getAllByRole(
      'listitem',
    );
    const [budget, sheds, old] = rows.map((row) => within(row));
    expect(budget?.getByRole('link', { name: 'Download all jobs budget.xlsx (20 kB)' })).toHaveAttribute(
      'href',
      '/api/tasks/mine/one/file',
    );
    expect(sheds?.getByRole('link', { name: 'Open Sheds' })).toHaveAttribute('href', '/jobs/sheds');
    expect(old?.getByText('format is missing.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /^Cancel/ })).not.toBeInTheDocument();
  });

  it('are cancelled while they run', async () => {
    const asked = serve(({ method }) =>
      method === 'DELETE'
        ? { status: 204, body: undefined }
        : { body: [task({ state: 'running', endedAt: null })] },
    );
    show(<OwnTasks />);
    await userEvent.click(
      await screen.findByRole('button', { name: 'Cancel: Write the budget of all jobs' }),
    );
    await waitFor(() =>
      expect(asked.some(({ method, path }) => method === 'DELETE' && path === '/api/tasks/mine/one')).toBe(
        true,
      ),
    );
  });

  it('are none where nothing was asked for', async () => {
    serve(() => ({ body: [] }));
    show(<OwnTasks />);
    expect(await screen.findByText('None in the last 24 hours.')).toBeInTheDocument();
  });
});
