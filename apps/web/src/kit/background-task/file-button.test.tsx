import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { api } from '../../store/api';
import { ownTask } from '../../testing/own-task';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { FileButton } from './FileButton';

const TASK = ownTask({ kind: 'job-file', what: 'Quay', state: 'running', total: 4, endedAt: null });

describe('a file that is written in the background', () => {
  let task: object = TASK;
  let clicked: jest.SpyInstance;
  beforeEach(() => {
    task = TASK;
    clicked = jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
  });
  afterEach(() => clicked.mockRestore());
  const begin = async (ask = () => Promise.resolve('task')) => {
    const asked = serve(({ method }) => (method === 'DELETE' ? { body: null } : { body: task }));
    const { store } = show(<FileButton label="Export job" ask={ask} />);
    await userEvent.click(screen.getByRole('button', { name: 'Export job' }));
    return { asked, isTold: () => store.dispatch(api.util.invalidateTags(['Tasks'])) };
  };
  const isAsked = (asked: Asked[], method: string): boolean =>
    asked.some((one) => one.method === method && one.path === '/api/tasks/mine/task');

  it('says how far it is, is downloaded when it is there, and can be downloaded again', async () => {
    const { isTold } = await begin();
    expect(await screen.findByText('Write Quay to a file · 1 of 4')).toBeInTheDocument();
    expect(screen.getByRole('progressbar')).toHaveAttribute('aria-valuenow', '25');
    expect(screen.getByRole('button', { name: 'Export job' })).toBeDisabled();
    task = { ...TASK, state: 'done', file: { name: 'Quay.grevik.json', bytes: 2049 } };
    isTold();
    const link = await screen.findByRole('link', { name: 'Download Quay.grevik.json (3 kB)' });
    expect(link).toHaveAttribute('href', '/api/tasks/mine/task/file');
    expect(clicked).toHaveBeenCalledTimes(1);
    expect(screen.getByRole('button', { name: 'Export job' })).toBeEnabled();
    expect(screen.queryByRole('progressbar')).not.toBeInTheDocument();
  });

  it('is cancelled', async () => {
    const { asked, isTold } = await begin();
    await userEvent.click(await screen.findByRole('button', { name: 'Cancel' }));
    await waitFor(() => expect(isAsked(asked, 'DELETE')).toBe(true));
    task = { ...TASK, state: 'cancelled' };
    isTold();
    expect(await screen.findByText('Cancelled.')).toBeInTheDocument();
    expect(clicked).not.toHaveBeenCalled();
  });

  it('says why it failed, or could not be asked for', async () => {
    task = { ...TASK, state: 'failed', problem: 'The job was not found.' };
    await begin();
    expect(await screen.findByText('The job was not found.')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.getByRole('button', { name: 'Export job' })).toBeEnabled();
  });

  it('says why it could not be asked for', async () => {
    await begin(() =>
      Promise.reject({ status: 403, data: { error: { message: 'Your role cannot do this.' } } }),
    );
    expect(await screen.findByText('Your role cannot do this.')).toBeInTheDocument();
  });
});
