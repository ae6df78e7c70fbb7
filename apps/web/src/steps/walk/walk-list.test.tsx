import '@testing-library/jest-dom';
import type { WalkListPreview } from '@grevik/contracts';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { POSITION } from '../../testing/demo';
import { ownTask } from '../../testing/own-task';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { textFile } from '../../testing/text-file';
import { WalkListCheckView } from './WalkListCheckView';
import { WalkListPage } from './WalkListPage';

const CHECK: WalkListPreview = {
  positions: [
    {
      row: 2,
      tag: 'CW-01',
      line: 'Domestic cold',
      medium: 'potable-cold',
      remarks: 'riser',
      duty: POSITION.duty,
    },
  ],
  problems: [
    { row: 3, field: 'size', value: '', message: 'No size is given.' },
    { row: 3, field: 'medium', value: 'soup', message: '“soup” is no medium known here.' },
  ],
  newLines: [{ name: 'Domestic cold', medium: 'potable-cold' }],
  unread: ['colour'],
};

describe('a walk list looked at', () => {
  it('says what would be added and what is left out, row by row', () => {
    show(<WalkListCheckView check={CHECK} takeIt={() => undefined} taking={false} />);
    expect(screen.getByText('1 row can be imported, 1 cannot.')).toBeInTheDocument();
    expect(
      screen.getByText(/New lines: Domestic cold \(cold drinking water\). Column not read: colour./),
    ).toBeInTheDocument();
    const rows = (name: string): (string | null)[] =>
      within(screen.getByRole('table', { name }))
        .getAllByRole('row')
        .map((row) => row.textContent);
    expect(rows('Left out').slice(1)).toEqual([
      '3sizenothingNo size is given.',
      '3mediumsoup“soup” is no medium known here.',
    ]);
    expect(rows('Will be added')[1]).toBe(
      '2CW-01Domestic coldshut off¾ incold drinking water, 75 psi, 50 °F, 7.93 gpm, copperriser',
    );
  });

  it('shows the head of a very long list and counts the rest', () => {
    const positions = Array.from({ length: 250 }, (_, index) => ({
      ...CHECK.positions[0]!,
      row: index + 2,
      tag: `T-${index}`,
    }));
    show(<WalkListCheckView check={{ ...CHECK, positions }} takeIt={() => undefined} taking={false} />);
    expect(screen.getByText('and 50 more')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Add 250 positions' })).toBeEnabled();
  });
});

describe('bringing one', () => {
  const page = (): void => {
    show(
      <Routes>
        <Route path="/jobs/:jobId/walk" element={<WalkListPage />} />
        <Route path="/jobs/:jobId/lines/:lineId/line-up" element={<p>the line</p>} />
      </Routes>,
      { at: '/jobs/job/walk' },
    );
  };
  const job = { id: 'job', name: 'Harbour sheds', lines: [] };

  it('sends the rows that were seen, and goes to the first line', async () => {
    const asked = serve(({ path }) => {
      if (path.endsWith('preview')) return { body: CHECK };
      if (path.endsWith('walk-list/imports')) return { status: 202, body: { taskId: 'task' } };
      if (path.endsWith('tasks/mine/task'))
        return {
          body: ownTask({
            kind: 'walk-list-import',
            result: { walkList: { jobId: 'job', added: 1, lines: [{ id: 'line', name: 'Domestic cold' }] } },
          }),
        };
      return { body: job };
    });
    page();
    await userEvent.upload(
      await screen.findByLabelText(/Choose file/),
      textFile('tag,line\nCW-01,Domestic cold', 'walk.csv', 'text/csv'),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Add 1 position' }));
    expect(await screen.findByText('the line')).toBeInTheDocument();
    expect(asked.find(({ path }) => path === '/api/jobs/job/walk-list/imports')?.body).toEqual({
      text: 'tag,line\nCW-01,Domestic cold',
      rows: [2],
    });
  });

  it('says why it failed in the background, and can be checked and sent again', async () => {
    serve(({ path }) => {
      if (path.endsWith('preview')) return { body: CHECK };
      if (path.endsWith('walk-list/imports')) return { status: 202, body: { taskId: 'task' } };
      if (path.endsWith('tasks/mine/task'))
        return {
          body: ownTask({ kind: 'walk-list-import', state: 'failed', problem: 'Check the list again.' }),
        };
      return { body: job };
    });
    page();
    await userEvent.type(await screen.findByRole('textbox', { name: 'Walk list' }), 'tag');
    await userEvent.click(screen.getByRole('button', { name: 'Check the list' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Add 1 position' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Check the list again.');
    expect(screen.getByRole('button', { name: 'Adding …' })).toBeDisabled();
    await userEvent.click(screen.getByRole('button', { name: 'Check the list' }));
    expect(await screen.findByRole('button', { name: 'Add 1 position' })).toBeEnabled();
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
    expect(screen.getByRole('textbox', { name: 'Walk list' })).toHaveValue('tag');
  });

  it('says what is wrong with the sheet and keeps what was pasted', async () => {
    serve(({ path }) =>
      path.endsWith('preview')
        ? {
            status: 400,
            body: { error: { code: 'invalid-input', field: 'text', message: 'size is missing.' } },
          }
        : { body: job },
    );
    page();
    await userEvent.type(await screen.findByRole('textbox', { name: 'Walk list' }), 'tag');
    await userEvent.click(screen.getByRole('button', { name: 'Check the list' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('size is missing.');
    expect(screen.getByRole('textbox', { name: 'Walk list' })).toHaveValue('tag');
  });
});
