import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { ImportJob } from './ImportJob';

/** A file that can be read, which this test’s screen does not know by itself. */
const file = (text: string, name = 'job.json'): File => {
  const made = new File([text], name, { type: 'application/json' });
  return Object.assign(made, { arrayBuffer: () => Promise.resolve(new TextEncoder().encode(text).buffer) });
};
const input = (): HTMLInputElement => document.querySelector('input[type=file]')!;

describe('a job from a file', () => {
  it('comes from a file of another company, or says why not', async () => {
    let answer: { status: number; body: object } = {
      status: 201,
      body: { jobId: 'n', name: 'Sheds', positions: 12 },
    };
    const asked = serve(() => answer);
    show(<ImportJob />);
    await userEvent.upload(input(), file('{"format":"grevik-job"}', 'job.json'));
    expect(await screen.findByText('Sheds: 12 positions imported')).toBeInTheDocument();
    expect(asked[0]).toMatchObject({
      method: 'POST',
      path: '/api/archive/jobs',
      body: { format: 'grevik-job' },
    });
    answer = {
      status: 409,
      body: { error: { code: 'conflict', message: 'There is a job called “Sheds” already.' } },
    };
    await userEvent.upload(input(), file('{"format":"grevik-job"}', 'job.json'));
    expect(await screen.findByText('There is a job called “Sheds” already.')).toBeInTheDocument();
  });
});
