import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ownTask } from '../../testing/own-task';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { ImportJob } from './ImportJob';

const input = (): HTMLInputElement => document.querySelector('input[type=file]')!;
const choose = (): Promise<void> =>
  userEvent.upload(input(), new File(['{"format":"grevik-job"}'], 'job.json', { type: 'application/json' }));
describe('a job from a file', () => {
  it('comes from a file of another company in the background', async () => {
    const asked = serve(({ method }) =>
      method === 'POST'
        ? { status: 202, body: { taskId: 'task' } }
        : {
            body: ownTask({
              kind: 'job-import',
              result: { imported: { jobId: 'n', name: 'Sheds', positions: 12 } },
            }),
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
          body: ownTask({
            kind: 'job-import',
            state: 'failed',
            problem: 'There is a job called “Sheds” already.',
          }),
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
