import '@testing-library/jest-dom';
import type { JobListing } from '@grevik/contracts';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { JobsPage } from './JobsPage';

const page = (): void => {
  show(
    <Routes>
      <Route path="/" element={<JobsPage />} />
      <Route path="/jobs/:jobId" element={<p>its board</p>} />
    </Routes>,
  );
};
const company = { name: 'Tarnside Plumbing', currency: 'USD', houseRules: {} };

describe('the jobs', () => {
  const job = (name: string, more: Partial<JobListing> = {}): JobListing => ({
    id: name.toLowerCase(),
    name,
    lines: 2,
    positions: 4,
    picked: 1,
    urgent: 0,
    touchedAt: '2020-05-14T08:10:00.000Z',
    isMine: false,
    archivedAt: null,
    ...more,
  });
  const open = (jobs: JobListing[]): void => {
    serve(({ path }) => ({
      body: path.endsWith('company') ? company : path.endsWith('drills/sent') ? [] : jobs,
    }));
    page();
  };
  const names = (): (string | null)[] =>
    screen.queryAllByRole('rowheader').map((cell) => within(cell).getByRole('link').textContent);
  const choose = (filter: string): Promise<void> =>
    userEvent.click(screen.getByRole('button', { name: filter }));

  it('stand with progress, what is urgent and the last change, each leading to its board', async () => {
    open([job('Quay', { urgent: 3 }), job('Sheds')]);
    expect(await screen.findByRole('link', { name: 'Quay' })).toHaveAttribute('href', '/jobs/quay');
    const [, quay, sheds] = screen.getAllByRole('row');
    expect(quay).toHaveTextContent('Quay2 lines1 of 4314 May 2020');
    expect(sheds).toHaveTextContent('1 of 4–14 May 2020');
  });

  it('are found by name, and filtered', async () => {
    open([
      job('Quay', { urgent: 3 }),
      job('Sheds', { isMine: true }),
      job('Old ferry', { archivedAt: '2021-01-01T00:00:00.000Z', isMine: true, urgent: 1 }),
    ]);
    await screen.findByRole('link', { name: 'Quay' });
    expect(names()).toEqual(['Quay', 'Sheds']);
    await choose('Mine');
    expect(names()).toEqual(['Sheds']);
    await choose('Urgent');
    expect(names()).toEqual(['Quay']);
    await choose('Archived');
    expect(names()).toEqual(['Old ferry']);
    await userEvent.type(screen.getByRole('searchbox', { name: 'Find a job' }), 'QUAY');
    expect(screen.getByText(/No job matches/)).toBeInTheDocument();
    await choose('Open');
    expect(names()).toEqual(['Quay']);
    expect(screen.getByRole('status')).toHaveTextContent('1 of 3 jobs');
  });

  it('of 500 stand a hundred at a time', async () => {
    open(Array.from({ length: 500 }, (_, at) => job(`Job ${at}`)));
    await screen.findByRole('link', { name: 'Job 0' });
    expect(names()).toHaveLength(100);
    await userEvent.click(screen.getByRole('button', { name: 'Show 100 more' }));
    expect(names()).toHaveLength(200);
  });

  it('are none at first: the page says what to do, and a new one opens its board', async () => {
    const asked = serve(({ path, method }) => {
      if (method === 'POST') return { status: 201, body: { id: 'new', name: 'Sheds', lines: [] } };
      return { body: path.endsWith('company') ? company : [] };
    });
    page();
    expect(await screen.findByText(/No jobs yet/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Create job' })).toBeDisabled();
    await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), ' Sheds {enter}');
    expect(await screen.findByText('its board')).toBeInTheDocument();
    expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({ name: 'Sheds' });
  });

  it('say why a name is refused, and keep it', async () => {
    serve(({ path, method }) => {
      if (method === 'POST')
        return {
          status: 409,
          body: { error: { code: 'conflict', message: 'There is a job called “Sheds” already.' } },
        };
      return { body: path.endsWith('company') ? company : [] };
    });
    page();
    await userEvent.type(await screen.findByRole('textbox', { name: 'Name' }), 'Sheds{enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('already');
    expect(screen.getByRole('textbox', { name: 'Name' })).toHaveValue('Sheds');
  });

  it('can be asked for again after a failure', async () => {
    let answers = false;
    serve(({ path }) => {
      if (path.endsWith('company')) return { body: company };
      return answers
        ? { body: [] }
        : { status: 503, body: { error: { code: 'unavailable', message: 'The database does not answer.' } } };
    });
    page();
    expect(await screen.findByText('The database does not answer.')).toBeInTheDocument();
    answers = true;
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText(/No jobs yet/)).toBeInTheDocument();
  });
});
