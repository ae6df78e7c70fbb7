import '@testing-library/jest-dom';
import type { OwnChangeView } from '@grevik/contracts';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { OwnChangesDialog } from './OwnChangesDialog';
import { useUndoLast } from './useUndoLast';

const CHANGE: OwnChangeView = {
  id: 'c1',
  kind: 'duty',
  at: '2026-03-01T10:00:00Z',
  jobId: 'job',
  what: 'CW-103',
  lineId: 'line',
  undoes: null,
  isUndone: false,
};

function Undo() {
  const undoLast = useUndoLast();
  return <button onClick={undoLast}>undo</button>;
}

describe('one’s own last changes', () => {
  it('are listed with a way there and a way back, once', async () => {
    const asked = serve(({ path }) =>
      path === '/api/changes/mine'
        ? {
            body: [
              CHANGE,
              { ...CHANGE, id: 'c0', kind: 'walk-list', what: 'New wing', lineId: null, isUndone: true },
            ],
          }
        : { status: 200, body: null },
    );
    show(<OwnChangesDialog close={() => undefined} />);
    expect(await screen.findByRole('link', { name: 'Duty of CW-103' })).toHaveAttribute(
      'href',
      '/jobs/job/lines/line/line-up/CW-103',
    );
    expect(screen.getByText('Walk list for New wing')).toBeInTheDocument();
    expect(screen.getByText('undone')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Undo: Duty of CW-103' }));
    await waitFor(() => expect(asked.some(({ path }) => path === '/api/changes/c1/undo')).toBe(true));
  });

  it('offer no way back to a walk list that was taken back', async () => {
    serve(() => ({ body: [{ ...CHANGE, kind: 'walk-list', what: 'New wing', lineId: null, undoes: 'c0' }] }));
    show(<OwnChangesDialog close={() => undefined} />);
    expect(await screen.findByText('undone: Walk list for New wing')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /^Undo/ })).not.toBeInTheDocument();
  });

  it('go back by key one by one, past what was taken back already', async () => {
    const asked = serve(({ path }) =>
      path === '/api/changes/mine'
        ? {
            body: [
              { ...CHANGE, id: 'c3', undoes: 'c2' },
              { ...CHANGE, id: 'c2', isUndone: true },
              { ...CHANGE, id: 'c1' },
            ],
          }
        : { status: 200, body: null },
    );
    show(<Undo />);
    expect(asked).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'undo' }));
    expect(await screen.findByText('Undone: Duty of CW-103')).toBeInTheDocument();
    expect(asked[1]).toMatchObject({ method: 'POST', path: '/api/changes/c1/undo' });
  });

  it('say so where there is nothing to take back', async () => {
    serve(() => ({ body: [] }));
    show(<Undo />);
    await userEvent.click(screen.getByRole('button', { name: 'undo' }));
    expect(await screen.findByText(/You have no changes left to undo\./)).toBeInTheDocument();
  });
});
