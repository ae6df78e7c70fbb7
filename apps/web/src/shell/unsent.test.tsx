import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { device } from '../store/device-database';
import { putUnsent } from '../store/outbox';
import { show } from '../testing/render';
import { type Asked, serve } from '../testing/server';
import { Unsent } from './Unsent';

const enter = (title: string) =>
  putUnsent({
    ownerId: 'me',
    title,
    path: 'lines/line/start-up/entries',
    body: { id: title },
    enteredAt: '2026-11-20T08:00:00Z',
  });

function open(status: number): Asked[] {
  const asked = serve(({ method }) =>
    method === 'POST'
      ? { status, body: { error: { code: 'conflict', message: 'It is handed over.' } } }
      : undefined,
  );
  show(<Unsent />);
  return asked;
}
const online = (): boolean => window.dispatchEvent(new Event('online'));

describe('what waits to be sent', () => {
  beforeEach(() => device.unsent.clear());

  it('is said, and sent once there is a network', async () => {
    await enter('Inspect');
    const asked = open(201);
    expect(await screen.findByText(/^1 entry is stored on this device/)).toBeVisible();
    online();
    await waitFor(() => expect(screen.queryByText(/stored on this device/)).not.toBeInTheDocument());
    expect(asked.filter(({ method }) => method === 'POST').map(({ body }) => body)).toEqual([
      { id: 'Inspect' },
    ]);
  });

  it('is kept with the reason where the server does not take it, until it is removed', async () => {
    await enter('Inspect');
    open(409);
    await screen.findByText(/^1 entry is stored/);
    online();
    expect(await screen.findByText('The server did not accept 1 entry.')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Show' }));
    expect(screen.getByText(/Inspect .*It is handed over\./)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Remove it' }));
    await waitFor(() => expect(screen.queryByRole('region')).not.toBeInTheDocument());
    expect(await device.unsent.count()).toBe(0);
  });

  it('that was refused is mended and sent again', async () => {
    await putUnsent({
      ...{
        ownerId: 'me',
        title: 'Entry at CW-104',
        path: 'positions/p/entries',
        enteredAt: '2026-11-20T08:00:00Z',
      },
      body: { id: 'e', text: 'Drips', happenedAt: '2199-01-01T00:00:00.000Z' },
    });
    const asked = serve(({ body }) =>
      (body as { text?: string } | undefined)?.text === 'Drips'
        ? { status: 400, body: { error: { code: 'invalid-input', message: 'happenedAt is in the future.' } } }
        : { status: 201, body: {} },
    );
    show(<Unsent />);
    await screen.findByText(/^1 entry is stored/);
    online();
    await screen.findByText('The server did not accept 1 entry.');
    await userEvent.click(screen.getByRole('button', { name: 'Show' }));
    await userEvent.type(screen.getByLabelText('Text'), ' at the nut');
    await userEvent.click(screen.getByRole('button', { name: 'Send again' }));
    await waitFor(() => expect(screen.queryByRole('region')).not.toBeInTheDocument());
    const sent = asked.filter(({ method }) => method === 'POST').at(-1)?.body as {
      text: string;
      happenedAt: string;
    };
    expect(sent.text).toBe('Drips at the nut');
    expect(Date.parse(sent.happenedAt)).toBeLessThanOrEqual(Date.now());
  });
});
