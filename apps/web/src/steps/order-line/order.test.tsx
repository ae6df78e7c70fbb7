import '@testing-library/jest-dom';
import type { LineView, NewOrderLine, OrdersView } from '@grevik/contracts';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { OrderPage } from './OrderPage';

const PICKED: LineView = {
  ...LINE,
  positions: [
    {
      ...POSITION,
      hookUp: { pipes: { in: { material: 'steel', dn: 20 } } },
      pick: {
        modelId: 'ball',
        reason: 'It fits.',
        verdict: 'fits',
        edges: [],
        pickedAt: '2026-11-01T08:00:00.000Z',
        pickedBy: 'Ada',
      },
    },
  ],
};
const SPARED = { ...BALL, spares: [{ name: 'Locking lever', price: 4.8 }] };
const TEXT =
  '3/4 in ball valve, press x press, full port, lead-free DZR brass, two-piece, PTFE seats, lever, 600 CWP, potable';
const NONE: OrdersView = { job: 'Quay', currency: 'USD', orders: [], quotations: [] };

function open(orders: OrdersView = NONE): NewOrderLine[] {
  const sent: NewOrderLine[] = [];
  serve(({ path, method, body }) => {
    if (!path.includes('/orders')) return undefined;
    if (method === 'POST') sent.push(...(body as { lines: NewOrderLine[] }).lines);
    return { body: orders };
  });
  onLine(<OrderPage />, { line: PICKED, models: [SPARED] });
  return sent;
}

describe('a position’s order line', () => {
  it('is said in full from pick and duty, and live as a field is changed', async () => {
    open();
    expect(screen.getByText(TEXT)).toBeInTheDocument();
    expect(screen.getByText('Complete')).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Port' }), 'reduced port');
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Connection 2' }), 'sweat');
    expect(
      screen.getByText(TEXT.replace('press x press, full', 'press x sweat, reduced')),
    ).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Seat' }), 'not stated');
    expect(screen.getByText('1 fact missing')).toBeInTheDocument();
    expect(screen.getByText(/The seat fails first/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Reset to pick and duty' }));
    expect(screen.getByText(TEXT)).toBeInTheDocument();
  });

  it('asks a stop for the tube of its fixture, and takes it', async () => {
    serve(() => ({ body: NONE }));
    const stop = {
      ...BALL,
      type: 'quarter-turn-stop' as const,
      ends: ['press', 'od-compression'] as ('press' | 'od-compression')[],
    };
    onLine(<OrderPage />, { line: PICKED, models: [stop] });
    expect(screen.getByText('2 facts missing')).toBeInTheDocument();
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'Tube of connection 2' }),
      '3/8 in OD',
    );
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Form' }), 'angle stop');
    expect(
      screen.getByText(/3\/4 in press x 3\/8 in OD compression angle stop, quarter turn/),
    ).toBeInTheDocument();
    expect(screen.getByText('Complete')).toBeInTheDocument();
  });

  it('goes on the order with its kit, and with the spares that are asked for', async () => {
    const sent = open();
    await userEvent.click(screen.getByRole('checkbox', { name: /Locking lever for Ostrand 21P/ }));
    await userEvent.clear(screen.getByRole('spinbutton', { name: 'Qty' }));
    await userEvent.type(screen.getByRole('spinbutton', { name: 'Qty' }), '2');
    await userEvent.type(screen.getByRole('textbox', { name: 'Note for the supplier' }), 'by Friday');
    await userEvent.click(screen.getByRole('button', { name: 'Add to order' }));
    await screen.findByText(/CW-103: \d lines added, prices not known yet/);
    expect(sent[0]).toMatchObject({
      text: TEXT,
      note: 'by Friday',
      positions: ['p1'],
      spec: { type: 'ball' },
    });
    const beside = sent.slice(1).map(({ text }) => text);
    expect(beside).toEqual(
      expect.arrayContaining(['¾ in dielectric union', 'Locking lever for Ostrand 21P']),
    );
    expect(beside.join()).not.toContain('press tool');
    expect(new Set(sent.map(({ id }) => id)).size).toBe(sent.length);
  });

  it('says what is on order for it already', async () => {
    open({
      ...NONE,
      orders: [
        {
          id: 'o',
          version: 1,
          supplier: 'Quillside Supply',
          state: 'part-received',
          lines: [
            {
              id: 'l',
              version: 0,
              text: TEXT,
              spec: null,
              quantity: 3,
              positions: [{ id: 'p1', tag: 'CW-103' }],
              note: '',
              unitPrice: 2,
              leadDays: 3,
              received: 1,
              receipts: [],
            },
          ],
        },
      ],
    });
    expect(await screen.findByText('Quillside Supply, partly received, 1 of 3')).toBeInTheDocument();
  });

  it('sends the same lines under the same ids where an answer was lost, and new ones after one came', async () => {
    const ids: string[][] = [];
    const answers = [503, 200, 200];
    serve(({ path, method, body }) => {
      if (!path.includes('/orders') || method !== 'POST') return { body: NONE };
      ids.push((body as { lines: NewOrderLine[] }).lines.map(({ id }) => id));
      return { status: answers[ids.length - 1] ?? 200, body: NONE };
    });
    onLine(<OrderPage />, { line: PICKED, models: [BALL] });
    for (const times of [1, 2, 3]) {
      await userEvent.click(screen.getByRole('button', { name: 'Add to order' }));
      await waitFor(() => expect(ids).toHaveLength(times));
      await waitFor(() => expect(screen.getByRole('button', { name: 'Add to order' })).toBeEnabled());
    }
    expect(ids[1]).toEqual(ids[0]);
    expect(ids[2]).not.toEqual(ids[0]);
  });

  it('says so where the order is not taken', async () => {
    serve(({ method }) =>
      method === 'POST'
        ? { status: 503, body: { error: { code: 'unavailable', message: 'The database is away.' } } }
        : { body: NONE },
    );
    onLine(<OrderPage />, { line: PICKED, models: [BALL] });
    await userEvent.click(screen.getByRole('button', { name: 'Add to order' }));
    await waitFor(() => expect(screen.getByText('The database is away.')).toBeInTheDocument());
  });
});
