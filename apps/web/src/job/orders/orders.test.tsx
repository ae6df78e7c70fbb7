import '@testing-library/jest-dom';
import type {
  JobWalkView,
  OrderLineView,
  OrdersView,
  PlaceOrderLinesRequest,
  ReceiptRequest,
} from '@grevik/contracts';
import { readOrder } from '@grevik/core';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { OrdersPage } from './OrdersPage';
import { draftIds } from '../../store/draft-ids';
import { picksToOrder } from './picks-to-order';

const TEXT = '3/4 in ball valve, press x press, full port, DZR brass, PTFE seats, lever, 600 CWP, potable';
const line = (id: string, more: Partial<OrderLineView> = {}): OrderLineView => ({
  id,
  version: 2,
  text: TEXT,
  spec: readOrder(TEXT).spec,
  quantity: 4,
  positions: [{ id: 'p1', tag: 'CW-103' }],
  note: '',
  unitPrice: null,
  leadDays: null,
  received: 0,
  receipts: [],
  ...more,
});
const SEALANT = line('s', { text: 'thread sealant', spec: null, quantity: 2, positions: [] });
const WAITING: OrdersView = {
  job: 'Tarn Quay',
  currency: 'EUR',
  orders: [{ id: 'w', version: 1, supplier: null, state: 'draft', lines: [line('a'), SEALANT] }],
  quotations: [],
};
const answered = (supplier: string, lines: object[]): OrdersView['quotations'][number] => ({
  id: supplier,
  supplier,
  state: 'answered',
  askedAt: '2026-11-01T08:00:00.000Z',
  askedBy: 'Ada',
  lines: ['a', 's'],
  answer: { supplier, currency: 'EUR', lines } as never,
  problem: null,
});
const SENT: OrdersView = {
  ...WAITING,
  orders: [
    {
      id: 'q',
      version: 3,
      supplier: 'Quillside Supply',
      state: 'sent',
      lines: [line('a', { unitPrice: 10.5, leadDays: 3 })],
    },
  ],
};
const JOB: JobWalkView = {
  id: 'job',
  name: 'Tarn Quay',
  houseRules: {},
  lines: [LINE],
} as unknown as JobWalkView;

function open(
  first: OrdersView,
  answer: (asked: Asked) => object | undefined = () => undefined,
  walk = JOB,
): Asked[] {
  let orders = first;
  const log = serve((asked) => {
    const { path, method } = asked;
    if (path.endsWith('/price-desk'))
      return {
        body: [
          { id: 'Quillside Supply', words: 'dear' },
          { id: 'Bramfold Trade', words: 'cheap' },
        ],
      };
    if (path.endsWith('/walk')) return { body: walk };
    if (path.endsWith('/catalogue')) return { body: [BALL] };
    if (path.endsWith('/company')) return { body: { name: 'Tarnside', currency: 'EUR', houseRules: {} } };
    if (path === '/api/jobs/job')
      return { body: { id: 'job', name: 'Tarn Quay', lines: [], houseRules: {} } };
    const own = answer(asked);
    if (own && 'body' in own) return own as { body: unknown };
    if (own) orders = own as OrdersView;
    return method === 'GET' || own ? { body: orders } : { body: orders };
  });
  show(
    <Routes>
      <Route path="/jobs/:jobId/orders" element={<OrdersPage />} />
    </Routes>,
    { at: '/jobs/job/orders' },
  );
  return log;
}
const sentTo = (log: readonly Asked[], path: string): unknown[] =>
  log.filter((asked) => asked.path.endsWith(path) && asked.method !== 'GET').map(({ body }) => body);
const region = async (name: string) => within(await screen.findByRole('region', { name }));

describe('the orders of a job', () => {
  it('say so where nothing is on order, and put every pick on at once, alike ones together', async () => {
    const pick = { modelId: 'ball', reason: 'x', verdict: 'fits' as const, pickedAt: '', pickedBy: null };
    const walk = {
      ...JOB,
      lines: [
        {
          ...LINE,
          positions: [
            { ...POSITION, pick },
            { ...POSITION, id: 'p2', tag: 'CW-104', pick },
            { ...POSITION, id: 'p3', tag: 'CW-105' },
          ],
        },
      ],
    } as unknown as JobWalkView;
    const log = open(
      { ...WAITING, orders: [] },
      ({ method }) => (method === 'POST' ? WAITING : undefined),
      walk,
    );
    expect(await screen.findByText('Nothing is on order yet')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Add 2 picked valves' }));
    await screen.findByText('1 line added from the picks');
    expect(sentTo(log, '/lines')).toMatchObject([
      { lines: [{ quantity: 2, positions: ['p1', 'p2'], spec: { type: 'ball' } }] },
    ]);
    expect(picksToOrder(walk, [BALL], SENT, draftIds('picks')).map(({ positions }) => positions)).toEqual([
      ['p2'],
    ]);
  });

  it('stand by supplier and family with tags, amounts in the company’s currency and what has no price', async () => {
    open({
      ...WAITING,
      orders: [
        ...WAITING.orders,
        ...SENT.orders.map((order) => ({ ...order, lines: [line('b', { unitPrice: 1.005, quantity: 3 })] })),
      ],
    });
    const waiting = await region('No supplier yet');
    expect(waiting.getAllByRole('rowheader').map(({ textContent }) => textContent)).toEqual([
      'brass and bronze',
      'parts',
    ]);
    const placed = await region('Quillside Supply');
    expect(placed.getByText('sent')).toBeInTheDocument();
    expect(placed.getAllByText('€3.02')).toHaveLength(2);
    expect(screen.getByText('Total €3.02')).toBeInTheDocument();
    expect(screen.getByText(/not including 2 lines without a price/)).toBeInTheDocument();
  });

  it('ask the suppliers that are marked, as hard as it is made', async () => {
    const log = open(WAITING);
    await userEvent.click(await screen.findByRole('checkbox', { name: `Select ${TEXT}` }));
    const ask = await region('Request quotes');
    await userEvent.selectOptions(ask.getByRole('combobox', { name: /Fault/ }), 'supplier busy');
    await userEvent.click(ask.getByRole('button', { name: 'Request quotes for 1 line' }));
    await waitFor(() =>
      expect(sentTo(log, '/quotations')).toEqual([
        {
          id: expect.any(String) as string,
          ids: ['a'],
          suppliers: ['Quillside Supply', 'Bramfold Trade'],
          practice: { delayS: 0, fault: 'busy' },
        },
      ]),
    );
  });

  it('compare answers line by line, flag a substitute that changes the verdict, and take one', async () => {
    const strict = { ...POSITION, duty: { ...POSITION.duty, function: 'emergency-shutoff' as const } };
    const walk = { ...JOB, lines: [{ ...LINE, positions: [strict] }] } as unknown as JobWalkView;
    const asked: OrdersView = {
      ...WAITING,
      quotations: [
        answered('Bramfold Trade', [
          {
            line: 'a',
            unitPrice: 7,
            leadDays: 2,
            instead: '3/4 in gate valve, press x press, bronze, full port, metal seats, handwheel, class 125',
            why: 'what we have',
          },
          { line: 's', question: 'Which size?' },
        ]),
        answered('Quillside Supply', [
          { line: 'a', unitPrice: 12, breaks: [{ from: 4, unitPrice: 11 }], leadDays: 1 },
          { line: 's', unitPrice: 3, leadDays: 1 },
        ]),
        { ...answered('Upper Lock', []), state: 'failed', answer: null, problem: 'The desk is busy.' },
      ],
    };
    const log = open(asked, () => undefined, walk);
    const answers = await region('Compare quotes');
    expect(answers.getByText(/no answer: The desk is busy/)).toBeInTheDocument();
    expect(answers.getByText('asks: Which size?')).toBeInTheDocument();
    expect(answers.getByText(/changes the verdict at CW-103 from Fits to Ruled out/)).toBeInTheDocument();
    expect(answers.getByText(/differs in type/)).toBeInTheDocument();
    expect(answers.getByText('€50.00 for 2 of 2')).toBeInTheDocument();
    await userEvent.click(answers.getByRole('button', { name: `Accept Quillside Supply for ${TEXT}` }));
    await waitFor(() =>
      expect(sentTo(log, '/places')).toEqual([
        { supplier: 'Quillside Supply', lines: [{ id: 'a', version: 2, unitPrice: 11, leadDays: 1 }] },
      ]),
    );
    await userEvent.click(answers.getByRole('button', { name: 'Accept all from Bramfold Trade' }));
    await waitFor(() => expect(sentTo(log, '/places')).toHaveLength(2));
    const { lines } = sentTo(log, '/places')[1] as PlaceOrderLinesRequest;
    expect(lines).toMatchObject([
      {
        id: 'a',
        unitPrice: 7,
        text: expect.stringContaining('gate valve') as string,
        spec: { type: 'gate-solid' },
      },
    ]);
    await userEvent.click(answers.getByRole('button', { name: 'Request again' }));
    await waitFor(() =>
      expect(sentTo(log, '/quotations')).toEqual([
        { id: expect.any(String) as string, ids: ['a', 's'], suppliers: ['Upper Lock'] },
      ]),
    );
  });

  it('are sent and withdrawn', async () => {
    const log = open(SENT, ({ method }) =>
      method === 'PUT'
        ? { ...SENT, orders: [{ ...SENT.orders[0]!, state: 'confirmed' as const }] }
        : undefined,
    );
    const order = await region('Quillside Supply');
    expect(order.getByRole('button', { name: 'Withdraw' })).toBeInTheDocument();
    await userEvent.click(order.getByRole('button', { name: 'Confirmed' }));
    expect(await order.findByRole('button', { name: 'Undo confirmation' })).toBeInTheDocument();
    expect(sentTo(log, '/state')).toEqual([{ version: 3, state: 'confirmed' }]);
  });

  it('lose marked lines, and get them back with Undo', async () => {
    const log = open(WAITING, ({ method }) => (method === 'DELETE' ? { ...WAITING, orders: [] } : undefined));
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Select thread sealant' }));
    await userEvent.click(screen.getByRole('button', { name: 'Remove 1 line' }));
    expect(sentTo(log, '/lines')).toEqual([{ ids: ['s'] }]);
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sentTo(log, '/lines')).toHaveLength(2));
    expect(sentTo(log, '/lines')[1]).toMatchObject({ lines: [{ text: 'thread sealant', quantity: 2 }] });
  });

  it('take a line written anew, its fields following', async () => {
    const log = open(WAITING);
    await userEvent.click(await screen.findByRole('button', { name: TEXT }));
    const dialog = within(await screen.findByRole('dialog'));
    fireEvent.change(dialog.getByRole('textbox', { name: 'Description' }), {
      target: { value: '1 in ball valve, FIP x FIP' },
    });
    expect(dialog.getByText('6 facts missing')).toBeInTheDocument();
    await userEvent.selectOptions(dialog.getByRole('combobox', { name: 'Port' }), 'full port');
    expect(dialog.getByRole('textbox', { name: 'Description' })).toHaveValue(
      '1 in ball valve, FIP x FIP, full port',
    );
    fireEvent.change(dialog.getByRole('spinbutton', { name: 'Qty' }), { target: { value: '0' } });
    expect(dialog.getByRole('button', { name: 'Save' })).toBeDisabled();
    fireEvent.change(dialog.getByRole('spinbutton', { name: 'Qty' }), { target: { value: '7' } });
    await userEvent.click(dialog.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(sentTo(log, '/order-lines/a')).toMatchObject([
        { version: 2, quantity: 7, spec: { port: 'full' } },
      ]),
    );
  });
});

describe('receiving', () => {
  const receive = async () => {
    await userEvent.click(await screen.findByRole('button', { name: `Receive ${TEXT}` }));
    return within(await screen.findByRole('dialog'));
  };

  it('names each difference between casting and line before it stays, and sends back what differs', async () => {
    const log = open(SENT);
    const dialog = await receive();
    await userEvent.type(dialog.getByRole('textbox', { name: /casting/ }), '1 400 WOG');
    expect(dialog.getByText('Size: ordered ¾ in, received 1 in')).toBeInTheDocument();
    expect(dialog.getByText('Rating: ordered 600 CWP, received 400 CWP')).toBeInTheDocument();
    expect(dialog.getByText(/Not marked: body/)).toBeInTheDocument();
    expect(dialog.getByRole('button', { name: 'Accept anyway' })).toBeEnabled();
    await userEvent.click(dialog.getByRole('button', { name: 'Return' }));
    expect(await screen.findByText('Returned: 4')).toBeInTheDocument();
    expect(sentTo(log, '/receipts')).toMatchObject([{ quantity: 4, casting: '1 400 WOG', accepted: false }]);
  });

  it('takes in what agrees, and not more than was ordered', async () => {
    const log = open(SENT);
    const dialog = await receive();
    await userEvent.type(dialog.getByRole('textbox', { name: /casting/ }), '3/4 600 WOG DZR');
    expect(dialog.getByText('Matches: size, rating, body.')).toBeInTheDocument();
    const pieces = dialog.getByRole('spinbutton', { name: 'Qty received' });
    fireEvent.change(pieces, { target: { value: '5' } });
    expect(dialog.getByRole('button', { name: 'Accept' })).toBeDisabled();
    fireEvent.change(pieces, { target: { value: '3' } });
    await userEvent.click(dialog.getByRole('button', { name: 'Accept' }));
    await waitFor(() =>
      expect(
        (sentTo(log, '/receipts') as ReceiptRequest[]).map(({ quantity, accepted }) => [quantity, accepted]),
      ).toEqual([[3, true]]),
    );
  });
});

describe('a list brought onto the order', () => {
  const paste = async (text: string) => {
    await userEvent.click(await screen.findByRole('button', { name: 'Import parts list' }));
    const dialog = within(await screen.findByRole('dialog'));
    fireEvent.change(dialog.getByRole('textbox', { name: 'Parts list' }), { target: { value: text } });
    return dialog;
  };

  it('is read part by part and added at once', async () => {
    const log = open(WAITING);
    const dialog = await paste(
      `Hello\n${Array.from({ length: 120 }, (_, at) => `${at + 1}  3/4" ball valve SWT full port`).join('\n')}`,
    );
    await userEvent.click(dialog.getByRole('button', { name: 'Read list' }));
    expect(
      await dialog.findByText('120 lines read: 120 incomplete, 1 without an order.'),
    ).toBeInTheDocument();
    await userEvent.click(dialog.getByRole('button', { name: 'Add 120 lines to order' }));
    expect(await screen.findByText('120 lines added')).toBeInTheDocument();
    const [{ lines }] = sentTo(log, '/lines') as [{ lines: { quantity: number; text: string }[] }];
    expect(lines).toHaveLength(120);
    expect(lines[119]).toMatchObject({ quantity: 120, text: '3/4 in ball valve, sweat x sweat, full port' });
  });

  it('cancelled while it is added goes again, and nothing is said to be there', async () => {
    let release: () => void = () => undefined;
    const log = open(WAITING);
    const fetched = globalThis.fetch;
    globalThis.fetch = async (input, init) => {
      const request = input as Request;
      if (request.url.endsWith('/orders/lines') && request.method === 'POST')
        await new Promise<void>((done) => (release = done));
      return fetched(input, init);
    };
    const dialog = await paste('2  3/4" ball valve SWT');
    await userEvent.click(dialog.getByRole('button', { name: 'Read list' }));
    await userEvent.click(await dialog.findByRole('button', { name: 'Add 1 line to order' }));
    expect(await dialog.findByText('Adding 1 lines')).toBeInTheDocument();
    await userEvent.click(dialog.getByRole('button', { name: 'Cancel' }));
    expect(await screen.findByText('Cancelled: nothing was added.')).toBeInTheDocument();
    release();
    await waitFor(() => expect(log.filter(({ method }) => method === 'DELETE')).toHaveLength(1));
    const [{ lines }] = sentTo(log, '/lines') as [{ lines: { id: string }[] }];
    expect(log.find(({ method }) => method === 'DELETE')?.body).toEqual({ ids: [lines[0]!.id] });
  });

  it('is sent again as it was read where no answer came', async () => {
    let tries = 0;
    const log = open(WAITING, ({ path, method }) =>
      path.endsWith('/lines') && method === 'POST' && (tries += 1) === 1
        ? { status: 503, body: { error: { code: 'unavailable', message: 'The database is away.' } } }
        : undefined,
    );
    const dialog = await paste('2  3/4" ball valve SWT\n5  1" gate valve');
    await userEvent.click(dialog.getByRole('button', { name: 'Read list' }));
    await userEvent.click(await dialog.findByRole('button', { name: 'Add 2 lines to order' }));
    expect(await dialog.findByText('The database is away.')).toBeInTheDocument();
    await userEvent.click(dialog.getByRole('button', { name: 'Add 2 lines to order' }));
    expect(await screen.findByText('2 lines added')).toBeInTheDocument();
    const [first, second] = sentTo(log, '/lines');
    expect(second).toEqual(first);
  });

  it('says so where no valve is named', async () => {
    open(WAITING);
    const dialog = await paste('Good morning');
    await userEvent.click(dialog.getByRole('button', { name: 'Read list' }));
    expect(await dialog.findByText('No valve found in this text.')).toBeInTheDocument();
  });
});

describe('a sheet that comes back', () => {
  it('shows its changes and what can not be taken, and is taken whole', async () => {
    const preview = {
      changes: [{ id: 'a', quantity: 9, note: 'by Friday' }],
      problems: [{ row: 3, column: 'Quantity', message: '“two” is no quantity.' }],
      absent: ['s'],
    };
    const log = open(WAITING, ({ path }) => (path.endsWith('/preview') ? { body: preview } : undefined));
    await userEvent.click(await screen.findByRole('button', { name: 'Import order sheet' }));
    const dialog = within(await screen.findByRole('dialog'));
    const picker = dialog.getByText('Import order sheet').querySelector('input')!;
    await userEvent.upload(picker, new File(['{}'], 'sheet.xlsx'));
    expect(await dialog.findByText('qty 4 → 9')).toBeInTheDocument();
    expect(dialog.getByText('row 3, Quantity: “two” is no quantity.')).toBeInTheDocument();
    expect(dialog.getByText(/1 line is not in the sheet/)).toBeInTheDocument();
    await userEvent.click(dialog.getByRole('button', { name: 'Import 1 change' }));
    expect(await screen.findByText('Order sheet imported')).toBeInTheDocument();
    expect(sentTo(log, '/orders/sheet')).toEqual([
      { changes: [{ id: 'a', version: 2, quantity: 9, note: 'by Friday' }] },
    ]);
  });
});
