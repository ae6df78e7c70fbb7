import '@testing-library/jest-dom';
import type { DeviceView } from '@grevik/contracts';
import { PERMISSIONS } from '@grevik/contracts';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { DevicesPage } from './DevicesPage';

const GAUGE: DeviceView = {
  id: 'gauge-1',
  name: 'Gauge 1',
  kind: 'logger',
  isStandIn: false,
  addedAt: '2026-11-01T08:00:00Z',
  addedBy: 'Ada Wrenfield',
  lastAt: '2026-11-20T08:00:00Z',
  lastSample: { at: '2026-11-20T08:00:00Z', pressurePa: 344_738, temperatureC: 15 },
  trouble: 'the device’s clock is 1.0 h ahead of the server’s.',
  reading: { jobId: 'job', lineId: 'line', lineName: 'Gas' },
  station: null,
};

function open(devices: DeviceView[], may = PERMISSIONS as readonly (typeof PERMISSIONS)[number][]): Asked[] {
  const asked = serve(({ method, path }) => {
    if (method === 'GET' && path === '/api/devices') return { body: devices };
    if (method === 'DELETE') return { status: 204, body: undefined };
    return { status: 201, body: { ...GAUGE, id: 'new', name: 'Gauge 2', key: 'a-key-shown-once' } };
  });
  show(<DevicesPage />, { may });
  return asked;
}

describe('the devices of a company', () => {
  it('say what they read last, what they read now and what is wrong', async () => {
    open([GAUGE]);
    const gauge = within(await screen.findByRole('article'));
    expect(gauge.getByText(/50 psi · 59 °F/)).toBeVisible();
    expect(gauge.getByRole('link', { name: 'Gas' })).toHaveAttribute('href', '/jobs/job/lines/line/start-up');
    expect(gauge.getByText(/clock is 1\.0 h ahead/)).toBeVisible();
  });

  it('are added, and their key is shown once with where it goes', async () => {
    const asked = open([]);
    expect(await screen.findByText(/^No device yet/)).toBeVisible();
    await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), 'Gauge 2');
    await userEvent.click(screen.getByRole('button', { name: 'Add device' }));
    expect(await screen.findByText('a-key-shown-once')).toBeVisible();
    expect(screen.getByText(/\/api\/devices\/samples$/)).toBeVisible();
    expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({ name: 'Gauge 2', kind: 'logger' });
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByText('a-key-shown-once')).not.toBeInTheDocument();
  });

  it('are removed at the second press', async () => {
    const asked = open([GAUGE]);
    await userEvent.click(await screen.findByRole('button', { name: 'Remove' }));
    expect(asked.some(({ method }) => method === 'DELETE')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Remove for good?' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'DELETE')).toBe(true));
  });

  it('are only looked at by whoever may not register them', async () => {
    open([GAUGE], ['look']);
    await screen.findByRole('article');
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
  });
});
