import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { JobsPage } from './JobsPage';

const page = (): void => {
  show(
    <Routes>
      <Route path="/" element={<JobsPage />} />
      <Route path="/jobs/:jobId/walk" element={<p>its walk list</p>} />
    </Routes>,
  );
};
const company = { name: 'Tarnside Plumbing', currency: 'USD', houseRules: {} };

describe('the jobs', () => {
  it('stand with their lines and how far they are picked', async () => {
    serve(({ path }) => ({
      body: path.endsWith('company')
        ? company
        : [
            {
              id: 'job',
              name: 'Quay',
              lines: [{ id: 'line', name: 'Gas', medium: 'natural-gas', positions: 4, picked: 1 }],
            },
          ],
    }));
    page();
    expect(await screen.findByRole('link', { name: 'Quay' })).toHaveAttribute('href', '/jobs/job');
    expect(screen.getByRole('listitem')).toHaveTextContent('Gasnatural gas1 of 4 picked');
    expect(screen.getByRole('link', { name: 'Gas' })).toHaveAttribute('href', '/jobs/job/lines/line/line-up');
  });

  it('are none at first: the page says what to do, and a new one goes on to its walk list', async () => {
    const asked = serve(({ path, method }) => {
      if (method === 'POST') return { status: 201, body: { id: 'new', name: 'Sheds', lines: [] } };
      return { body: path.endsWith('company') ? company : [] };
    });
    page();
    expect(await screen.findByText(/No jobs yet/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Create job' })).toBeDisabled();
    await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), ' Sheds {enter}');
    expect(await screen.findByText('its walk list')).toBeInTheDocument();
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
