import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE, POSITION } from '../../../testing/demo';
import { onLine } from '../../../testing/on-line';
import { serve } from '../../../testing/server';
import { MatrixPage } from './MatrixPage';

const throttling = {
  ...POSITION,
  id: 'p2',
  tag: 'CW-104',
  duty: { ...POSITION.duty, function: 'throttle' as const, fineControl: true },
};
const line = { ...LINE, positions: [POSITION, throttling] };

describe('a whole line by type', () => {
  beforeEach(() => {
    serve(() => undefined);
    onLine(<MatrixPage />, { line });
  });

  it('marks each position and type with its verdict in words', () => {
    expect(screen.getByRole('button', { name: 'CW-104, gate, metal wedge: Ruled out' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'CW-103, ball: Fits' })).toBeVisible();
  });

  it('opens the reasons of a cell', async () => {
    await userEvent.click(screen.getByRole('button', { name: 'CW-104, gate, metal wedge: Ruled out' }));
    expect(screen.getByText(/a gate hangs loose in its guides/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Line-up of CW-104' })).toBeVisible();
    expect(screen.getByRole('link', { name: /How this type works/ })).toHaveAttribute(
      'href',
      '/catalogue/types/gate-solid',
    );
  });

  it('says which verdicts hold only so far', async () => {
    expect((await screen.findAllByRole('button', { name: /^CW-10[34], .*so far$/ }))[0]).toBeVisible();
    expect(screen.getByRole('button', { name: 'CW-104, gate, metal wedge: Ruled out' })).toBeVisible();
  });

  it('leaves out types that are not made in any size of the line', () => {
    expect(screen.queryByRole('columnheader', { name: 'eccentric plug' })).not.toBeInTheDocument();
    expect(screen.getByRole('columnheader', { name: 'ball' })).toBeVisible();
  });
});
