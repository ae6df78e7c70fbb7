import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes, useParams } from 'react-router';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { textFile } from '../../testing/text-file';
import { JobFiles } from './JobFiles';
import { NewLine } from './NewLine';

const job = { id: 'job', name: 'Quay' };
const file = (text: string, name = 'places.geojson'): File => textFile(text, name, 'application/json');
const input = (): HTMLInputElement => document.querySelector('input[type=file]')!;

describe('a job as files', () => {
  it('goes out whole, and as places', () => {
    serve(() => undefined);
    show(<JobFiles job={job} />);
    expect(screen.getByRole('button', { name: 'Export job' })).toBeEnabled();
    expect(screen.getByRole('link', { name: 'Export coordinates (GeoJSON)' })).toHaveAttribute(
      'download',
      'Quay.geojson',
    );
    expect(screen.getByRole('link', { name: 'Import walk list into Quay' })).toHaveAttribute(
      'href',
      '/jobs/job/walk',
    );
  });

  it('takes places, and says feature by feature what is wrong', async () => {
    let answer: object = {
      placed: 0,
      problems: [{ feature: 1, message: '“X” is no position of this job.' }],
    };
    const asked = serve(() => ({ body: answer }));
    show(<JobFiles job={job} />);
    await userEvent.upload(input(), file('{"type":"FeatureCollection","features":[]}'));
    expect(await screen.findByText('Feature 2: “X” is no position of this job.')).toBeInTheDocument();
    answer = { placed: 3, problems: [] };
    await userEvent.upload(input(), file('{"type":"FeatureCollection","features":[]}'));
    expect(await screen.findByText('Coordinates set for 3 positions')).toBeInTheDocument();
    expect(screen.queryByText(/Feature 2/)).not.toBeInTheDocument();
    expect(asked[0]).toMatchObject({ method: 'PUT', path: '/api/archive/jobs/job/positions.geojson' });
  });

  it('sends nothing that is no JSON', async () => {
    const asked = serve(() => undefined);
    show(<JobFiles job={job} />);
    await userEvent.upload(input(), file('not at all'));
    expect(await screen.findByText('This is not a JSON file.')).toBeInTheDocument();
    expect(asked).toEqual([]);
  });

  it('keeps from a role what it may not do', () => {
    serve(() => undefined);
    show(<JobFiles job={job} />, { may: ['look'] });
    expect(screen.queryByText('Import coordinates (GeoJSON)')).not.toBeInTheDocument();
    expect(screen.queryByRole('link', { name: /Import walk list/ })).not.toBeInTheDocument();
  });
});

describe('a new line', () => {
  const Walk = () => <p>walk of {useParams().lineId}</p>;
  const open = (answer: Parameters<typeof serve>[0]): Asked[] => {
    const asked = serve(answer);
    show(
      <Routes>
        <Route path="/" element={<NewLine jobId="job" />} />
        <Route path="/jobs/:jobId/lines/:lineId/walk" element={<Walk />} />
      </Routes>,
    );
    return asked;
  };

  it('is begun by its name and what flows in it, and goes on to its walk', async () => {
    const asked = open(() => ({ status: 201, body: { id: 'made' } }));
    expect(screen.getByRole('button', { name: 'Add line' })).toBeDisabled();
    await userEvent.type(screen.getByRole('textbox', { name: 'New line' }), ' Bakery gas ');
    await userEvent.click(screen.getByRole('combobox', { name: 'Medium' }));
    await userEvent.click(await screen.findByRole('option', { name: 'natural gas' }));
    await userEvent.click(screen.getByRole('button', { name: 'Add line' }));
    expect(await screen.findByText('walk of made')).toBeInTheDocument();
    expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({
      name: 'Bakery gas',
      medium: 'natural-gas',
    });
  });

  it('keeps its name where it is refused', async () => {
    open(() => ({
      status: 409,
      body: { error: { code: 'conflict', message: 'There is a line called “Gas” already.' } },
    }));
    await userEvent.type(screen.getByRole('textbox', { name: 'New line' }), 'Gas{enter}');
    expect(await screen.findByText(/There is a line called/)).toBeInTheDocument();
    await waitFor(() => expect(screen.getByRole('textbox', { name: 'New line' })).toHaveValue('Gas'));
  });
});
