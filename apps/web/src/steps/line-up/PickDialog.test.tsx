import '@testing-library/jest-dom';
import type { PositionView } from '@grevik/contracts';
import { houseRuleSettings, lineUp } from '@grevik/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { CurrentPick } from './CurrentPick';
import { PickDialog } from './PickDialog';

const column = lineUp({ ...POSITION.duty, medium: LINE.medium }, [BALL]).columns[0]!;
const picked = {
  modelId: 'ball',
  reason: 'No torch.',
  verdict: 'care',
  edges: [],
  pickedAt: '2026-11-25T00:00:00Z',
  pickedBy: 'Ada Wrenfield',
} as const;

/** The dialog as the page keeps it: gone when it closes. */
function Picking() {
  const [open, setOpen] = useState(true);
  return open ? (
    <PickDialog
      line={LINE}
      position={POSITION}
      column={column}
      settings={houseRuleSettings()}
      isSoFar={false}
      close={() => setOpen(false)}
    />
  ) : (
    <p>closed</p>
  );
}

/** What is picked, as the page shows it. */
const showPick = (position: PositionView = { ...POSITION, pick: picked }) =>
  show(<CurrentPick line={LINE} position={position} models={[BALL]} settings={houseRuleSettings()} />);

describe('picking', () => {
  it('sends the reason as the person left it, closes, and can be undone', async () => {
    const asked = serve(() => ({
      body: {
        ...POSITION,
        version: 5,
        changed: { id: 'c1', by: 'Ada Wrenfield', at: '2026-11-25T00:00:00Z' },
      },
    }));
    show(<Picking />);
    const because = screen.getByRole('textbox', { name: 'Because' });
    expect(because).toHaveTextContent('Ball, full port (Ostrand 21P) fits.');
    await userEvent.clear(because);
    expect(screen.getByRole('button', { name: 'Pick valve' })).toBeDisabled();
    await userEvent.type(because, 'No torch.');
    await userEvent.click(screen.getByRole('button', { name: 'Pick valve' }));
    expect(await screen.findByText('closed')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked).toMatchObject([
      {
        method: 'PUT',
        path: '/api/positions/p1/pick',
        body: { version: 4, modelId: 'ball', reason: 'No torch.' },
      },
      { method: 'POST', path: '/api/changes/c1/undo' },
    ]);
  });

  it('shows a refusal and keeps the reason', async () => {
    serve(() => ({
      status: 422,
      body: { error: { code: 'ruled-out', message: 'Ostrand 21P is ruled out here.' } },
    }));
    show(
      <PickDialog
        line={LINE}
        position={POSITION}
        column={column}
        settings={houseRuleSettings()}
        isSoFar={false}
        close={() => undefined}
      />,
    );
    await userEvent.type(screen.getByRole('textbox', { name: 'Because' }), ' More.');
    await userEvent.click(screen.getByRole('button', { name: 'Pick valve' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Ostrand 21P is ruled out here.');
    expect(screen.getByRole('textbox', { name: 'Because' })).toHaveTextContent('More.');
  });

  it('shows whose pick came first, and keeps one’s own words', async () => {
    const theirs = { ...POSITION, version: 5, pick: { ...picked, pickedBy: 'Joss Karran' } };
    serve(() => ({
      status: 409,
      body: { error: { code: 'stale', message: 'CW-103 was changed meanwhile.', current: theirs } },
    }));
    show(<Picking />);
    await userEvent.click(screen.getByRole('button', { name: 'Pick valve' }));
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'Joss Karran has picked here in the meantime: No torch. Pick yours anyway',
    );
    expect(screen.getByRole('textbox', { name: 'Because' })).toHaveTextContent('fits.');
  });

  it('opens with the reason already written where the valve is the one picked', () => {
    show(
      <PickDialog
        line={LINE}
        position={{ ...POSITION, pick: picked }}
        column={column}
        settings={houseRuleSettings()}
        isSoFar={false}
        close={() => undefined}
      />,
    );
    expect(screen.getByRole('textbox', { name: 'Because' })).toHaveValue('No torch.');
  });
});

describe('what is picked', () => {
  it('shows its reason while it serves, and why it no longer does', () => {
    const { unmount } = showPick();
    expect(screen.getByRole('region', { name: 'Picked' })).toHaveTextContent('No torch.');
    unmount();
    const outgrown = { ...POSITION, pick: picked, duty: { ...POSITION.duty, dn: 25 } };
    showPick(outgrown);
    expect(screen.getByRole('region', { name: 'Picked' })).toHaveTextContent(
      'no longer fitsIt is not made in this size.',
    );
  });

  it('is let go with the version seen', async () => {
    const asked = serve(() => ({ body: { ...POSITION, version: 5 } }));
    showPick();
    await userEvent.click(screen.getByRole('button', { name: 'Remove pick' }));
    expect(await screen.findByText('CW-103: pick removed')).toBeInTheDocument();
    expect(asked[0]).toMatchObject({ method: 'DELETE', body: { version: 4 } });
  });

  it('stays where letting it go is refused, and says why', async () => {
    serve(() => ({
      status: 409,
      body: { error: { code: 'stale', message: 'CW-103 was changed meanwhile.' } },
    }));
    showPick();
    await userEvent.click(screen.getByRole('button', { name: 'Remove pick' }));
    expect(await screen.findByText('CW-103 was changed meanwhile.')).toBeInTheDocument();
    expect(screen.getByRole('region', { name: 'Picked' })).toHaveTextContent('No torch.');
  });
});
