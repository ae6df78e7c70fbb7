import '@testing-library/jest-dom';
import type { LifeBasisView, OwnerPageListing } from '@grevik/contracts';
import { STANDARD_BUDGET } from '@grevik/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { type Asked, serve } from '../../testing/server';
import { OwnerOfferPage } from './OwnerOfferPage';

const BASIS: LifeBasisView = {
  settings: STANDARD_BUDGET,
  currency: 'USD',
  learned: [],
  wets: 'public-room',
  isBehindSeized: false,
  valve: null,
};
const BEFORE: OwnerPageListing = {
  id: 'page-1',
  madeAt: '2026-11-20T08:00:00Z',
  madeBy: 'Ada Wrenfield',
  expiresAt: '2999-12-20T08:00:00Z',
  withdrawnAt: null,
  tags: ['CW-103'],
  answers: [
    {
      positionId: 'p1',
      option: 0,
      name: 'Tilda Brook',
      at: '2026-11-21T08:00:00Z',
      trouble: 'It is ruled out here.',
    },
  ],
};

function open(before: OwnerPageListing[] = []): Asked[] {
  const asked = serve(({ method, path }) => {
    if (path.endsWith('/life')) return { body: BASIS };
    if (method === 'DELETE') return { status: 204, body: undefined };
    if (method === 'POST') return { status: 201, body: { ...BEFORE, answers: [], key: 'a-secret-key' } };
    return path.endsWith('/owner-pages') ? { body: before } : undefined;
  });
  const [position] = LINE.positions;
  onLine(<OwnerOfferPage />, {
    line: { ...LINE, positions: [{ ...position!, condition: { type: 'gate-solid', turning: 'seized' } }] },
  });
  return asked;
}

describe('a page for the owner', () => {
  it('begins with what was found in everyday words, and is made once the parts are priced', async () => {
    const asked = open();
    expect(await screen.findByRole('textbox', { name: 'What was found' })).toHaveValue(
      'The valve does not turn, so that nothing can be shut off here.',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Make the link' }));
    expect(await screen.findByText(/^CW-103: Enter what the parts cost/)).toBeVisible();
    for (const parts of screen.getAllByRole('textbox', { name: /^Parts beside/ }))
      await userEvent.type(parts, '8.50');
    expect(screen.getAllByText(/^\$\d+ in whole$/).length).toBeGreaterThan(0);
    await userEvent.type(screen.getByRole('textbox', { name: /^Tax, %/ }), '7');
    await userEvent.click(screen.getByRole('button', { name: 'Make the link' }));
    expect(await screen.findByText(/\/owner#a-secret-key$/)).toBeVisible();
    const { body } = asked.find(({ method }) => method === 'POST')!;
    expect(body).toMatchObject({ days: 30, taxRate: 0.07, items: [{ positionId: 'p1', photos: [] }] });
    expect((body as { items: { options: object[] }[] }).items[0]!.options[0]).toMatchObject({
      parts: 8.5,
      hours: 1.5,
      hourlyRate: 95,
    });
  });

  it.each([
    [/^Tax, %/, '70', /^Tax is “70”: enter 0 to 50/],
    [/^Days the link works/, '900', /^Days are “30900”: enter 1 to 90/],
  ])('refuses %s of %s by name', async (field, typed, said) => {
    const asked = open();
    for (const parts of await screen.findAllByRole('textbox', { name: /^Parts beside/ }))
      await userEvent.type(parts, '0');
    await userEvent.type(screen.getByRole('textbox', { name: field }), typed);
    await userEvent.click(screen.getByRole('button', { name: 'Make the link' }));
    expect(await screen.findByText(said)).toBeVisible();
    expect(asked.some(({ method }) => method === 'POST')).toBe(false);
  });

  it('lists those made before, with what was decided and what could not be done, and withdraws them', async () => {
    const asked = open([BEFORE]);
    expect(
      await screen.findByText(/^Tilda Brook accepted option 1 on 21 Nov 2026.*It is ruled out here\.$/),
    ).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Withdraw' }));
    await waitFor(() =>
      expect(asked.some(({ method, path }) => method === 'DELETE' && path.endsWith('/page-1'))).toBe(true),
    );
  });
});
