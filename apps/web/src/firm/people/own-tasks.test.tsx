import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ownTask } from '../../testing/own-task';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { OwnTasks } from './OwnTasks';

describe('one’s own files and imports', () => {
  it('are found again: the file, the job that was read, and why something failed', async () => {
    serve(() => ({
      body: [
        ownTask({ id: 'one', file: { name: 'all jobs budget.xlsx', bytes: 20_480 } }),
        ownTask({
          id: 'two',
          kind: 'job-import',
          what: 'sheds.json',
          result: { imported: { jobId: 'sheds', name: 'Sheds', positions: 4 } },
        }),
        ownTask({
          id: 'three',
          kind: 'job-import',
          what: 'old.json',
          state: 'failed',
          problem: 'format is missing.',
        }),
        ownTask({
          id: 'four',
          kind: 'walk-list-import',
          what: 'Quay',
          result: { walkList: { jobId: 'quay', added: 3, lines: [{ id: 'cold', name: 'Domestic cold' }] } },
        }),
        ownTask({
          id: 'five',
          kind: 'catalogue-import',
          what: 'CSV',
          result: { models: { adds: 1, changes: 0 } },
        }),
      ],
    }));
    show(<OwnTasks />);
    const rows = within(await screen.findByRole('list', { name: 'Your files and imports' })).getAllByRole(
      'listitem',
    );
    const [budget, sheds, old, list, models] = rows.map((row) => within(row));
    expect(budget?.getByRole('link', { name: 'Download all jobs budget.xlsx (20 kB)' })).toHaveAttribute(
      'href',
      '/api/tasks/mine/one/file',
    );
    expect(sheds?.getByRole('link', { name: 'Open Sheds' })).toHaveAttribute('href', '/jobs/sheds');
    expect(old?.getByText('format is missing.')).toBeInTheDocument();
    expect(list?.getByText('Import a walk list into Quay')).toBeInTheDocument();
    expect(list?.getByRole('link', { name: 'Open Domestic cold' })).toHaveAttribute(
      'href',
      '/jobs/quay/lines/cold/line-up',
    );
    expect(models?.getByText('Import models from a CSV list')).toBeInTheDocument();
    expect(models?.queryByRole('link')).not.toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /^Cancel/ })).not.toBeInTheDocument();
  });

  it('are cancelled while they run', async () => {
    const asked = serve(({ method }) =>
      method === 'DELETE'
        ? { status: 204, body: undefined }
        : { body: [ownTask({ id: 'one', state: 'running', endedAt: null })] },
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
