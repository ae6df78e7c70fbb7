import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { ImportJob } from './ImportJob';

const input = (): HTMLInputElement => document.querySelector('input[type=file]')!;
const choose = (): Promise<void> =>
  userEvent.upload(input(), new File(['{"format":"grevik-job"}'], 'job.json', { type: 'application/json' }));
const TASK = {
  id: 'task',
  kind: 'job-import',
  what: 'job.json',
  done: 0,
  total: null,
  tries: 1,
  by: 'Ada',
  addedAt: '2026-05-01T08:00:00.000Z',
  endedAt: '2026-05-01T08:00:02.000Z',
  file: null,
};

describe('a job from a file', () => {
  it('comes from a file of another company in the background', async () => {
    const asked = serve(({ method }) =>
      method === 'POST'
        ? { status: 202, body: { taskId: 'task' } }
        : {
            body: {
              ...TASK,
              state: 'done',
              problem: null,
              result: { imported: { jobId: 'n', name: 'Sheds', positions: 12 } },
            },
          },
    );
    show(<ImportJob />);
    await choose();
    expect(await screen.findByText('Sheds: 12 positions imported')).toBeInTheDocument();
    expect(asked[0]).toMatchObject({ method: 'POST', path: '/api/archive/imports' });
    expect(asked[1]).toMatchObject({ method: 'GET', path: '/api/tasks/mine/task' });
  });

  it('says why not, whether it was refused at once or afterwards', async () => {
    let isTaken = false;
    serve(({ method }) => {
      if (method !== 'POST')
        return {
          body: {
            ...TASK,
            state: 'failed',
            problem: 'There is a job called “Sheds” already.',
            result: null,
          },
        };
      return isTaken
        ? { status: 202, body: { taskId: 'task' } }
        : { status: 413, body: { error: { code: 'too-large', message: 'At most 128 MB.' } } };
    });
    show(<ImportJob />);
    await choose();
    expect(await screen.findByText('At most 128 MB.')).toBeInTheDocument();
    isTaken = true;
    await choose();
    expect(await screen.findByText('There is a job called “Sheds” already.')).toBeInTheDocument();
  });
});
