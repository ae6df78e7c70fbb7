import { randomUUID } from 'node:crypto';
import type {
  JobView,
  LineView,
  OrderLineView,
  OrdersView,
  OrderView,
  PositionView,
} from '@grevik/contracts';
import { readOrder } from '@grevik/core';
import ExcelJS from 'exceljs';
import type request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const BALL =
  '2 in ball valve, FIP x FIP, full port, lead-free DZR brass, two-piece, PTFE seats, lever, 600 CWP, potable';
const GATE = '3 in class 300 RF flanged A216 WCB gate valve, trim 8, bolted bonnet, OS&Y, full port';

/** The answer's bytes, as they came. */
const bytes = (test: request.Test): request.Test =>
  test.buffer(true).parse((response, done) => {
    const parts: Buffer[] = [];
    response.on('data', (part: Buffer) => parts.push(part));
    response.on('end', () => done(null, Buffer.concat(parts)));
  });

describe('the orders of a job', () => {
  let test: TestApp;
  let foreman: Agent;
  let jobId: string;
  let position: PositionView;
  const orders = (path = ''): string => `/api/jobs/${jobId}/orders${path}`;
  const look = async (): Promise<OrdersView> => (await foreman.get(orders()).expect(200)).body as OrdersView;
  const line = (text: string, more: object = {}): Record<string, unknown> => ({
    id: randomUUID(),
    text,
    spec: readOrder(text).spec,
    quantity: 1,
    ...more,
  });
  const add = async (...lines: object[]): Promise<OrderView> => {
    const { body } = await foreman.post(orders('/lines')).send({ lines }).expect(201);
    return (body as OrdersView).orders.find(({ supplier }) => supplier === null)!;
  };
  const place = async (supplier: string, lines: object[], status = 200): Promise<OrdersView> =>
    (await foreman.put(orders('/places')).send({ supplier, lines }).expect(status)).body as OrdersView;
  const of = (view: OrdersView, supplier: string): OrderView =>
    view.orders.find((order) => order.supplier === supplier)!;
  const setState = (order: OrderView, state: string): request.Test =>
    foreman.put(`/api/orders/${order.id}/state`).send({ version: order.version, state });
  /** An order of its own supplier, sent. */
  const sent = async (supplier: string, ...lines: object[]): Promise<OrderView> => {
    const ids = lines.map((one) => (one as { id: string }).id);
    const waiting = await add(...lines);
    const placed = await place(
      supplier,
      waiting.lines
        .filter(({ id }) => ids.includes(id))
        .map(({ id, version }) => ({ id, version, unitPrice: 2.5 })),
    );
    return of((await setState(of(placed, supplier), 'sent').expect(200)).body as OrdersView, supplier);
  };

  beforeAll(async () => {
    test = await startTestApp();
    // Suppliers are asked after the request that asks is answered.
    foreman = await test.demo('foreman');
    const [job] = (await foreman.get('/api/jobs')).body as [JobView];
    const walked = (await foreman.get(`/api/lines/${job.lines[0]!.id}`)).body as LineView;
    position = walked.positions[0]!;
    const created = (await foreman.post('/api/jobs').send({ name: 'Orders' })).body as JobView;
    jobId = created.id;
  });
  afterAll(() => test.close());

  it('take lines once, however often they are sent, all or none', async () => {
    const one = line(BALL, { quantity: 3, note: ' soon ' });
    await add(one);
    const waiting = await add(one, line('thread sealant', { spec: undefined }));
    expect(waiting.lines.map(({ quantity, note, spec }) => [quantity, note, spec?.type])).toEqual([
      [3, 'soon', 'ball'],
      [1, '', undefined],
    ]);
    const bad = await foreman
      .post(orders('/lines'))
      .send({ lines: [line(GATE), line(GATE, { quantity: 0 })] })
      .expect(400);
    expect(bad.body).toMatchObject({
      error: { field: 'lines[1].quantity', message: expect.stringContaining('0') as string },
    });
    const stranger = await foreman
      .post(orders('/lines'))
      .send({ lines: [line(GATE, { positions: [position.id] })] })
      .expect(400);
    expect(stranger.body).toMatchObject({ error: { field: 'positions' } });
    expect((await look()).orders[0]?.lines).toHaveLength(2);
    const left = await foreman
      .delete(orders('/lines'))
      .send({ ids: waiting.lines.map(({ id }) => id) })
      .expect(200);
    expect((left.body as OrdersView).orders).toEqual([]);
  });

  it('carry the tags of their positions', async () => {
    const [job] = (await foreman.get('/api/jobs')).body as [JobView];
    const demo =
      job.lines.length > 0
        ? job
        : ((await foreman.get('/api/jobs')).body as JobView[]).find(({ lines }) => lines.length > 0)!;
    const added = await foreman
      .post(`/api/jobs/${demo.id}/orders/lines`)
      .send({ lines: [line(BALL, { positions: [position.id] })] })
      .expect(201);
    const waiting = (added.body as OrdersView).orders.find(({ supplier }) => supplier === null)!;
    expect(waiting.lines[0]?.positions).toEqual([{ id: position.id, tag: 'CW-101' }]);
    await foreman
      .delete(`/api/jobs/${demo.id}/orders/lines`)
      .send({ ids: waiting.lines.map(({ id }) => id) })
      .expect(200);
  });

  it('refuse a change made on what somebody else has changed', async () => {
    const { lines } = await add(line(BALL));
    const [mine] = lines as [OrderLineView];
    const change = (quantity: number): request.Test =>
      foreman
        .put(`/api/order-lines/${mine.id}`)
        .send({ version: mine.version, text: BALL, quantity, note: '' });
    await change(5).expect(200);
    expect((await change(6).expect(409)).body).toMatchObject({ error: { code: 'stale' } });
    expect((await look()).orders[0]?.lines[0]).toMatchObject({ quantity: 5, version: 1, spec: null });
    await foreman.delete(orders('/lines')).send({ ids: [mine.id] });
  });

  it('go from draft to sent to confirmed and back, and nothing sent is changed', async () => {
    const order = await sent('Quillside Supply', line(BALL, { quantity: 2 }));
    expect(order).toMatchObject({ state: 'sent', lines: [{ unitPrice: 2.5 }] });
    const [held] = order.lines as [OrderLineView];
    const change = { version: held.version, text: BALL, quantity: 9, note: '' };
    expect((await foreman.put(`/api/order-lines/${held.id}`).send(change).expect(409)).body).toMatchObject({
      error: { message: expect.stringContaining('withdraw') as string },
    });
    await foreman
      .delete(orders('/lines'))
      .send({ ids: [held.id] })
      .expect(409);
    expect((await setState(order, 'received').expect(400)).body).toMatchObject({ error: { field: 'state' } });
    await setState({ ...order, version: 0 }, 'confirmed').expect(409);
    const confirmed = of(
      (await setState(order, 'confirmed').expect(200)).body as OrdersView,
      'Quillside Supply',
    );
    const again = of((await setState(confirmed, 'sent').expect(200)).body as OrdersView, 'Quillside Supply');
    await foreman.post(orders('/lines')).send({ lines: [line(GATE)] });
    const draft = of(
      await place('Quillside Supply', [
        { id: (await look()).orders.find(({ supplier }) => supplier === null)!.lines[0]!.id, version: 0 },
      ]),
      'Quillside Supply',
    );
    expect(draft.state).toBe('sent');
    const withdrawn = (await setState(again, 'draft').expect(200)).body as OrdersView;
    expect(withdrawn.orders.filter(({ supplier }) => supplier === 'Quillside Supply')).toMatchObject([
      { state: 'draft', lines: [{ text: BALL }, { text: GATE }] },
    ]);
    await foreman
      .delete(orders('/lines'))
      .send({ ids: withdrawn.orders.flatMap(({ lines }) => lines.map(({ id }) => id)) });
  });

  it('are received in part and whole, each casting against its line', async () => {
    const order = await sent(
      'Bramfold Trade',
      line(GATE, { quantity: 3 }),
      line('thread sealant', { spec: undefined }),
    );
    const [gate, sealant] = order.lines as [OrderLineView, OrderLineView];
    const receive = (id: string, body: object): request.Test =>
      foreman
        .post(`/api/order-lines/${id}/receipts`)
        .send({ id: randomUUID(), accepted: true, note: '', casting: '', ...body });
    const first = { id: randomUUID(), quantity: 2, casting: '3 300 WCB' };
    await receive(gate.id, first).expect(200);
    const twice = (await receive(gate.id, first).expect(200)).body as OrdersView;
    expect(of(twice, 'Bramfold Trade')).toMatchObject({
      state: 'part-received',
      lines: [
        { received: 2, receipts: [{ check: { differences: [] }, by: expect.any(String) as string }] },
        { received: 0 },
      ],
    });
    await receive(gate.id, { ...first, quantity: 1 }).expect(409);
    const other = (
      await receive(gate.id, {
        quantity: 1,
        casting: '3 150 WCB',
        accepted: false,
        note: 'wrong class',
      }).expect(200)
    ).body as OrdersView;
    expect(of(other, 'Bramfold Trade').lines[0]).toMatchObject({
      received: 2,
      receipts: [
        {},
        {
          accepted: false,
          check: { differences: [{ field: 'rating', ordered: 'class 300', found: 'class 150' }] },
        },
      ],
    });
    expect((await receive(gate.id, { quantity: 2 }).expect(400)).body).toMatchObject({
      error: { field: 'quantity', message: 'quantity is 2, and 1 of 3 are not received yet.' },
    });
    await receive(gate.id, { quantity: 1 }).expect(200);
    const whole = (await receive(sealant.id, { quantity: 1 }).expect(200)).body as OrdersView;
    expect(of(whole, 'Bramfold Trade').state).toBe('received');
    await receive(gate.id, { quantity: 1 }).expect(409);
  });

  it('ask two suppliers over HTTP and keep their answers, questions and substitutes', async () => {
    const ball = line(BALL, { quantity: 12 });
    const vague = line('2 in gate valve');
    const mixed = line(
      '1 in class 800 socket-weld x threaded A105 gate valve, trim 8, bolted bonnet, OS&Y, reduced port',
    );
    await add(ball, vague, mixed);
    const ids = [ball, vague, mixed].map(({ id }) => id);
    const asked = (
      await foreman
        .post(orders('/quotations'))
        .send({
          id: randomUUID(),
          ids,
          suppliers: ['Quillside Supply', 'Bramfold Trade'],
          practice: { delayS: 1, fault: 'none' },
        })
        .expect(202)
    ).body as OrdersView;
    expect(asked.quotations.map(({ state }) => state)).toEqual(['asked', 'asked']);
    const { quotations } = await until(({ quotations: all }) => all.every(({ state }) => state !== 'asked'));
    const said = (supplier: string) => quotations.find((one) => one.supplier === supplier)!.answer!.lines;
    expect(said('Quillside Supply')[0]).toMatchObject({
      instead: expect.stringContaining('reduced port') as string,
    });
    expect(said('Bramfold Trade')[0]).toMatchObject({
      line: ball.id,
      unitPrice: expect.any(Number) as number,
      breaks: [{ from: 10 }, { from: 50 }],
    });
    expect(said('Bramfold Trade')[1]?.question).toContain('Which connection on which end?');
    expect(said('Quillside Supply')[2]?.question).toContain('socket-weld');
    await foreman.delete(orders('/lines')).send({ ids });
  });

  it.each([
    ['busy', /busy/],
    ['garbled', /cannot be read.*unitPrice/],
    ['cut-off', /connection was lost/],
  ])('say what went wrong where a desk is %s', async (fault, problem) => {
    const one = line(BALL);
    await add(one);
    await foreman
      .post(orders('/quotations'))
      .send({
        id: randomUUID(),
        ids: [one.id],
        suppliers: ['Quillside Supply'],
        practice: { delayS: 0, fault },
      })
      .expect(202);
    const { quotations } = await until(({ quotations: [latest] }) => latest?.state !== 'asked');
    expect(quotations[0]).toMatchObject({
      state: 'failed',
      answer: null,
      problem: expect.stringMatching(problem) as string,
    });
    await foreman.delete(orders('/lines')).send({ ids: [one.id] });
  });

  it('refuse to ask for what is on no draft, and a supplier nobody knows', async () => {
    await foreman
      .post(orders('/quotations'))
      .send({ id: randomUUID(), ids: [randomUUID()], suppliers: ['Quillside Supply'] })
      .expect(400);
    const one = line(BALL);
    await add(one);
    await foreman
      .post(orders('/quotations'))
      .send({ id: randomUUID(), ids: [one.id], suppliers: ['Nowhere'] })
      .expect(202);
    const { quotations } = await until(({ quotations: [latest] }) => latest?.state !== 'asked');
    expect(quotations[0]?.problem).toContain('refused');
    await foreman.delete(orders('/lines')).send({ ids: [one.id] });
  });

  it('go out as a spreadsheet and come back with what changed', async () => {
    const gate = GATE.replace('trim 8', 'trim 5');
    await add(line(BALL, { quantity: 2 }), line(gate));
    const file = (await bytes(foreman.get(orders('/sheet.xlsx'))).expect(200)).body as Buffer;
    const preview = (body: Buffer): request.Test =>
      foreman.post(orders('/sheet/preview')).set('content-type', 'application/octet-stream').send(body);
    expect((await preview(file).expect(200)).body).toEqual({ changes: [], problems: [], absent: [] });
    const book = new ExcelJS.Workbook();
    await book.xlsx.load(file as unknown as ArrayBuffer);
    const sheet = book.worksheets[0]!;
    const column = (name: string): number => (sheet.getRow(1).values as string[]).indexOf(name);
    const rowOf = (text: string): ExcelJS.Row => {
      for (let row = 2; row <= sheet.rowCount; row += 1)
        if (sheet.getRow(row).getCell(column('Description')).text === text) return sheet.getRow(row);
      throw new Error(`no row says ${text}`);
    };
    rowOf(BALL).getCell(column('Quantity')).value = 7;
    rowOf(gate).getCell(column('Note')).value = 'by Friday';
    const changed = Buffer.from(await book.xlsx.writeBuffer());
    const { changes } = (await preview(changed).expect(200)).body as { changes: { id: string }[] };
    expect(changes).toEqual(
      expect.arrayContaining([
        { id: expect.any(String) as string, quantity: 7 },
        { id: expect.any(String) as string, note: 'by Friday' },
      ]),
    );
    const now = await look();
    const versionOf = new Map(
      now.orders.flatMap(({ lines }) => lines.map(({ id, version }) => [id, version])),
    );
    const sending = changes.map((change) => ({ ...change, version: versionOf.get(change.id) }));
    await foreman
      .put(orders('/sheet'))
      .send({
        changes: sending.map((change, at) => ({ ...change, version: at === 1 ? 99 : change.version })),
      })
      .expect(409);
    expect((await preview(changed)).body).toMatchObject({ changes: { length: 2 } });
    await foreman.put(orders('/sheet')).send({ changes: sending }).expect(200);
    expect((await preview(changed)).body).toMatchObject({ changes: [] });
    await preview(Buffer.from('not a workbook')).expect(400);
    const csv = await foreman.get(orders('/sheet.csv')).expect(200);
    expect(csv.text.split('\r\n')[0]).toBe(
      'Line,Supplier,Family,Quantity,Description,Positions,Note,Unit price,Amount,Currency,Lead days,State,Received',
    );
    expect(csv.text).toContain('by Friday');
    const pdf = (await bytes(foreman.get(orders('/sheet.pdf'))).expect(200)).body as Buffer;
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  });

  it('are in the company’s currency, which is set, and refused where there is none such', async () => {
    expect((await look()).currency).toBe('USD');
    const { version } = (await foreman.get('/api/company')).body as { version: number };
    await foreman.put('/api/company/currency').send({ version, currency: 'JPY' }).expect(200);
    expect((await look()).currency).toBe('JPY');
    const bad = await foreman.put('/api/company/currency').send({ version, currency: 'XQZ' }).expect(400);
    expect(bad.body).toMatchObject({
      error: { field: 'currency', message: expect.stringContaining('ISO 4217') as string },
    });
    await foreman.put('/api/company/currency').send({ version, currency: 'USD' }).expect(409);
    await foreman
      .put('/api/company/currency')
      .send({ version: version + 1, currency: 'USD' })
      .expect(200);
  });

  it('take two thousand lines at once', async () => {
    const lines = Array.from({ length: 2000 }, (_, at) => line(`${BALL} ${at}`, { quantity: at + 1 }));
    const waiting = await add(...lines);
    expect(waiting.lines.length).toBeGreaterThanOrEqual(2000);
    await foreman
      .delete(orders('/lines'))
      .send({ ids: lines.map(({ id }) => id) })
      .expect(200);
    expect((await look()).orders.find(({ supplier }) => supplier === null)?.lines.length).toBe(
      waiting.lines.length - 2000,
    );
  });

  /** Looks until it is so. */
  async function until(isSo: (view: OrdersView) => boolean): Promise<OrdersView> {
    for (;;) {
      const view = await look();
      if (isSo(view)) return view;
      await new Promise((again) => setTimeout(again, 50));
    }
  }
});

describe('the price desk', () => {
  let test: TestApp;
  let anyone: Agent;
  const ask = (supplier: string, text: string, quantity = 1): request.Test =>
    anyone
      .post(`/api/price-desk/${encodeURIComponent(supplier)}/quotations`)
      .send({ currency: 'USD', lines: [{ line: 'a', text, quantity }] });
  beforeAll(async () => {
    test = await startTestApp();
    anyone = await test.demo();
  });
  afterAll(() => test.close());

  it('answers the same to the same words, and names the suppliers there are', async () => {
    const { body } = await anyone.get('/api/price-desk').expect(200);
    expect((body as { id: string }[]).map(({ id }) => id)).toEqual([
      'Quillside Supply',
      'Bramfold Trade',
      'Upper Lock Waterworks',
    ]);
    const [one, other] = [await ask('Bramfold Trade', BALL), await ask('Bramfold Trade', BALL)];
    expect(one.body).toEqual(other.body);
    expect((await ask('Nowhere', BALL).expect(404)).body).toMatchObject({
      error: { message: expect.stringContaining('Bramfold') as string },
    });
  });

  it('offers what is on the shelf, says what it does not carry, and prices parts', async () => {
    const said = async (supplier: string, text: string) =>
      ((await ask(supplier, text).expect(200)).body as { lines: object[] }).lines[0];
    const small = BALL.replace('2 in', '1/2 in');
    expect(await said('Bramfold Trade', small)).toMatchObject({
      instead: expect.not.stringContaining('lead-free') as string,
      why: expect.any(String) as string,
    });
    expect(await said('Quillside Supply', GATE.replace('3 in', '12 in'))).toEqual({
      line: 'a',
      why: 'Not carried in this size.',
    });
    expect(await said('Quillside Supply', 'press ring')).toMatchObject({
      unitPrice: expect.any(Number) as number,
    });
  });
});
