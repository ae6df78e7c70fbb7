import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import { Route, Routes, useLocation } from 'react-router';
import { show } from '../testing/render';
import { serve } from '../testing/server';
import { FirstLine } from './FirstLine';
import { NotFound } from './NotFound';

function Here() {
  return <p>{useLocation().pathname}</p>;
}

function open(job: unknown, status = 200): void {
  serve(() => ({ status, body: job }));
  show(
    <Routes>
      <Route path="/jobs/:jobId" element={<FirstLine />} />
      <Route path="*" element={<Here />} />
    </Routes>,
    { at: '/jobs/job' },
  );
}

describe('a job', () => {
  it('opens on its first line', async () => {
    open({ id: 'job', name: 'Quay', lines: [{ id: 'cold' }, { id: 'hot' }] });
    expect(await screen.findByText('/jobs/job/lines/cold/line-up')).toBeInTheDocument();
  });

  it('opens on the walk list where it has no line yet', async () => {
    open({ id: 'job', name: 'Quay', lines: [] });
    expect(await screen.findByText('/jobs/job/walk')).toBeInTheDocument();
  });

  it('says what to do where it is not there', async () => {
    open({ error: { code: 'not-found', message: 'This job was not found. Open the list of jobs.' } }, 404);
    expect(await screen.findByText('This job was not found. Open the list of jobs.')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Try again' })).toBeInTheDocument();
  });
});

describe('an address without a screen', () => {
  it('leads back to the jobs', () => {
    show(<NotFound />);
    expect(screen.getByRole('link', { name: 'Open the list of jobs' })).toHaveAttribute('href', '/');
  });
});
