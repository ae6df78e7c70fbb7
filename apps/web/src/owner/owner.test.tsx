import '@testing-library/jest-dom';
import type { OwnerPageView } from '@grevik/contracts';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../testing/render';
import { type Asked, serve } from '../testing/server';
import { OwnerPage } from './OwnerPage';

const PAGE: OwnerPageView = {
  companyName: 'Tarnside',
  jobName: 'Quay',
  currency: 'USD',
  taxRate: null,
  madeBy: 'Ada Wrenfield',
  madeAt: '2026-11-20T08:00:00Z',
  expiresAt: '2026-12-20T08:00:00Z',
  items: [
    {
      positionId: 'p1',
      tag: 'CW-103',
      place: 'café branch, in the back wall; no torch there',
      medium: 'potable-cold',
      type: 'gate-solid',
      failure: 'seized',
      found: 'The valve does not turn.',
      canHappen: 'In a leak nothing can be shut off here.',
      ifNothing: 'It stays as it is.',
      photos: ['photo-1'],
      options: [
        {
          modelId: 'ball',
          type: 'ball',
          name: 'Ball, full port',
          hours: 1.5,
          price: { valve: 21.9, parts: 8.5, work: 142.5, tax: 0, whole: 172.9 },
        },
      ],
    },
  ],
  answers: [],
};

function open(page: OwnerPageView | undefined = PAGE): Asked[] {
  const asked = serve(({ method, body }) => {
    if (page === undefined)
      return { status: 404, body: { error: { code: 'not-found', message: 'This link was withdrawn.' } } };
    if (method !== 'POST') return { body: page };
    return { body: { ...page, answers: [{ ...(body as object), at: '2026-11-21T08:00:00Z' }] } };
  });
  show(<OwnerPage />, { at: '/owner#secret-key' });
  return asked;
}

describe('what an owner sees', () => {
  it('is what was found, the valve inside, and options whose price adds up, without notes for the crew', async () => {
    open();
    expect(await screen.findByRole('heading', { name: 'café branch CW-103' })).toBeVisible();
    expect(screen.getByText('As it is: gate, metal wedge. It does not move.')).toBeVisible();
    expect(screen.getByText(/^As it should be: ball/)).toBeVisible();
    expect(screen.getByText('valve $21.90, parts $8.50, 1.5 h of work $142.50')).toBeVisible();
    expect(screen.getByText('$172.90')).toBeVisible();
    expect(
      screen.getByText(/^Prices are without tax\. This page can be opened until 20 Dec 2026/),
    ).toBeVisible();
    expect(screen.getByRole('img', { name: /CW-103/ })).toHaveAttribute(
      'src',
      '/api/owner/secret-key/photos/photo-1',
    );
    expect(screen.queryByText(/torch/)).not.toBeInTheDocument();
  });

  it('lets the owner move the handle', async () => {
    open();
    const handle = await screen.findByRole('slider', { name: 'Move the handle' });
    fireEvent.change(handle, { target: { value: 0 } });
    expect(handle).toHaveAttribute('aria-valuetext', '0 % open');
  });

  it('is decided at the second press, with a name, and stands decided then', async () => {
    const asked = open();
    const send = await screen.findByRole('button', { name: 'Send decision' });
    expect(send).toBeDisabled();
    await userEvent.click(screen.getByRole('radio', { name: 'Ball, full port for $172.90' }));
    await userEvent.type(screen.getByRole('textbox', { name: 'Your name' }), 'Tilda Brook');
    await userEvent.click(send);
    expect(asked.some(({ method }) => method === 'POST')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Press again to order for $172.90' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({
        positionId: 'p1',
        option: 0,
        name: 'Tilda Brook',
      }),
    );
    expect(await screen.findByText(/^Tilda Brook accepted on 21 Nov 2026: Ball, full port\.$/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /Press again/ })).not.toBeInTheDocument();
  });

  it('may be left as it is', async () => {
    const asked = open();
    await userEvent.click(await screen.findByRole('radio', { name: /^None of it/ }));
    await userEvent.type(screen.getByRole('textbox', { name: 'Your name' }), 'Tilda Brook');
    await userEvent.click(screen.getByRole('button', { name: 'Send decision' }));
    await userEvent.click(screen.getByRole('button', { name: 'Press again: leave it as it is' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({ option: -1 }),
    );
    expect(await screen.findByText(/decided on 21 Nov 2026 to leave it as it is/)).toBeVisible();
  });

  it('says that a link opens nothing, or is not whole', async () => {
    serve(() => ({
      status: 404,
      body: { error: { code: 'not-found', message: 'This link was withdrawn.' } },
    }));
    show(<OwnerPage />, { at: '/owner#old-key' });
    expect(await screen.findByText('This link was withdrawn.')).toBeVisible();
    show(<OwnerPage />, { at: '/owner' });
    expect(await screen.findByText(/^This link is not whole/)).toBeVisible();
  });
});
