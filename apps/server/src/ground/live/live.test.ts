import { randomUUID } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import type { LineView, JobView } from '@grevik/contracts';
import pg from 'pg';
import { createApp } from '../../create-app.js';
import { type TestApp, startTestApp, testSettings } from '../../testing/test-app.js';
import { CHANNEL } from './live-notice.js';

interface Event {
  id?: string;
  type: string;
  data: unknown;
}

/** A page of the demo company that listens. */
class Page {
  readonly events: Event[] = [];
  readonly tab = randomUUID();
  private readonly closing = new AbortController();
  private ended: Promise<void> = Promise.resolve();

  private constructor(
    private readonly address: string,
    private readonly cookie: string,
    readonly changeNumber: number,
  ) {}

  static async enter(address: string, role: string): Promise<Page> {
    const answer = await fetch(`${address}/api/session/demo`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ role }),
    });
    const { changeNumber } = (await answer.json()) as { changeNumber: number };
    return new Page(address, (answer.headers.get('set-cookie') ?? '').split(';')[0]!, changeNumber);
  }

  /** The same page at another server. */
  at(address: string): Page {
    return new Page(address, this.cookie, this.changeNumber);
  }

  async send<T>(method: string, path: string, body?: object): Promise<T> {
    const answer = await fetch(`${this.address}/api/${path}`, {
      method,
      headers: { cookie: this.cookie, 'content-type': 'application/json', 'x-grevik-tab': this.tab },
      ...(body && { body: JSON.stringify(body) }),
    });
    expect(answer.status).toBeLessThan(300);
    return (answer.status === 204 ? undefined : await answer.json()) as T;
  }

  async listen(headers: Record<string, string> = {}): Promise<this> {
    const answer = await fetch(`${this.address}/api/live?tab=${this.tab}&after=${this.changeNumber}`, {
      headers: { cookie: this.cookie, ...headers },
      signal: this.closing.signal,
    });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    this.ended = this.read(answer.body as ReadableStream<Uint8Array>).catch(() => undefined);
    await this.told(({ type }) => type === 'begin');
    return this;
  }

  private async read(body: ReadableStream<Uint8Array>): Promise<void> {
    let text = '';
    for await (const part of body) {
      text += new TextDecoder().decode(part);
      const whole = text.split('\n\n');
      text = whole.pop() ?? '';
      for (const block of whole) {
        const fields = Object.fromEntries(
          block.split('\n').map((line) => [line.split(': ')[0], line.slice(line.indexOf(': ') + 2)]),
        ) as { id?: string; event: string; data: string };
        const data: unknown = /^[{[]/.test(fields.data) ? JSON.parse(fields.data) : fields.data;
        const event = { ...(fields.id !== undefined && { id: fields.id }), type: fields.event };
        // Changes come in one piece; what is told of them is looked at one by one.
        if (Array.isArray(data)) this.events.push(...data.map((one: unknown) => ({ ...event, data: one })));
        else this.events.push({ ...event, data });
      }
    }
  }

  /** The first event that is so; throws where none comes. */
  async told(is: (event: Event) => boolean, withinMs = 10_000): Promise<Event> {
    for (const until = Date.now() + withinMs; Date.now() < until;) {
      const found = this.events.find(is);
      if (found) return found;
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
    throw new Error(`not told: ${JSON.stringify(this.events)}`);
  }

  async close(): Promise<void> {
    this.closing.abort();
    await this.ended;
  }

  /** Whether the server ends the stream within a time. */
  isEnded(withinMs: number): Promise<boolean> {
    return Promise.race([
      this.ended.then(() => true),
      new Promise<boolean>((resolve) => setTimeout(() => resolve(false), withinMs)),
    ]);
  }
}

const kindIs =
  (kind: string) =>
  ({ data }: Event): boolean =>
    (data as { kind?: string }).kind === kind;

describe('live changes', () => {
  let test: TestApp;
  let second: Awaited<ReturnType<typeof createApp>>;
  let [here, there] = ['', ''];
  const pages: Page[] = [];
  const enter = async (address: string, role: string): Promise<Page> => {
    const page = await Page.enter(address, role);
    pages.push(page);
    return page;
  };
  const positionOf = async (page: Page): Promise<{ id: string; jobId: string }> => {
    const [job] = await page.send<[JobView]>('GET', 'jobs');
    const line = await page.send<LineView>('GET', `lines/${job.lines[0]!.id}`);
    return { id: line.positions[0]!.id, jobId: job.id };
  };
  const note = () => ({
    id: randomUUID(),
    kind: 'note',
    text: 'Handle is stiff.',
    happenedAt: new Date().toISOString(),
  });

  beforeAll(async () => {
    test = await startTestApp();
    second = await createApp(testSettings(test.databaseUrl));
    await second.listen(0, '127.0.0.1');
    here = `http://127.0.0.1:${(test.http.address() as AddressInfo).port}`;
    there = `http://127.0.0.1:${((second.getHttpServer() as typeof test.http).address() as AddressInfo).port}`;
  });
  afterEach(async () => {
    await Promise.all(pages.splice(0).map((page) => page.close()));
  });
  afterAll(async () => {
    await second.close();
    await test.close();
  });

  it('reach pages at every server, but not the page that made them', async () => {
    const [ada, bea] = [await enter(here, 'owner'), await enter(there, 'technician')];
    await Promise.all([ada.listen(), bea.listen()]);
    const { id, jobId } = await positionOf(ada);
    await ada.send('POST', `positions/${id}/entries`, note());
    const event = await bea.told(kindIs('entry'));
    expect(event).toMatchObject({ type: 'changes', data: { positionId: id, jobId } });
    expect(Number(event.id)).toBeGreaterThan(bea.changeNumber);
    expect(ada.events.filter(kindIs('entry'))).toEqual([]);
  });

  it('go on from the last number after a gap, and are told as one where many were missed', async () => {
    const [ada, bea] = [await enter(here, 'owner'), await enter(there, 'technician')];
    const { id } = await positionOf(ada);
    await ada.send('POST', `positions/${id}/entries`, note());
    await bea.listen();
    const first = await bea.told(kindIs('entry'));
    await bea.close();
    const again = bea.at(here);
    pages.push(again);
    await ada.send('POST', `positions/${id}/entries`, note());
    await again.listen({ 'last-event-id': first.id! });
    const next = await again.told(({ id: number }) => Number(number) > Number(first.id));
    expect(next.data).toMatchObject({ kind: 'entry' });
    await again.close();
    const entries = () => Array.from({ length: 100 }, () => ({ positionId: id, entry: note() }));
    for (let sent = 0; sent < 3; sent += 1) await ada.send('POST', 'entries', { entries: entries() });
    const late = await bea.at(there).listen({ 'last-event-id': next.id! });
    pages.push(late);
    // Beside it the last request may still be told, which is of one job.
    const missed = (event: Event): boolean =>
      kindIs('many')(event) && (event.data as { jobId: string | null }).jobId === null;
    expect(Number((await late.told(missed)).id)).toBeGreaterThan(Number(next.id));
    expect(late.events.filter(missed)).toHaveLength(1);
    expect(late.events.filter(kindIs('entry'))).toEqual([]);
  });

  it('of another company are told to nobody else', async () => {
    const bea = await (await enter(here, 'technician')).listen();
    const stranger = await test.owner();
    await stranger.post('/api/jobs').send({ name: 'Other quay' }).expect(201);
    const ada = await enter(there, 'owner');
    const { id } = await positionOf(ada);
    await ada.send('POST', `positions/${id}/entries`, note());
    await bea.told(kindIs('entry'));
    expect(bea.events.filter(kindIs('job'))).toEqual([]);
  });

  it('show who else has a position open, wherever they opened it, until they leave', async () => {
    const [ada, bea] = [
      await (await enter(here, 'owner')).listen(),
      await (await enter(there, 'technician')).listen(),
    ];
    const { id } = await positionOf(ada);
    await ada.send('PUT', 'live/place', { tab: ada.tab, positionId: id });
    await bea.send('PUT', 'live/place', { tab: bea.tab, positionId: id });
    const isThere = (name: RegExp) => (event: Event) =>
      event.type === 'presence' && name.test(JSON.stringify(event.data));
    await ada.told(isThere(/Joss/));
    const both = await bea.told(isThere(/"people":\[\{/));
    expect(JSON.stringify(both.data)).not.toContain('Joss');
    await bea.close();
    await ada.told(
      (event) => ada.events.indexOf(event) > ada.events.findIndex(isThere(/Joss/)) && isThere(/\[\]/)(event),
    );
  });

  it('end with the session, and at once where the server loses what it hears by', async () => {
    const bea = await (await enter(here, 'technician')).listen();
    const client = new pg.Client({ connectionString: test.databaseUrl });
    await client.connect();
    await client.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND query = 'LISTEN ${CHANNEL}'`,
    );
    expect(await bea.isEnded(10_000)).toBe(true);
    // Both servers hear again by themselves.
    const hearing = async (): Promise<number> =>
      (
        await client.query(
          `SELECT 1 FROM pg_stat_activity WHERE datname = current_database() AND query = 'LISTEN ${CHANNEL}' AND state = 'idle'`,
        )
      ).rowCount ?? 0;
    while ((await hearing()) < 2) await new Promise((resolve) => setTimeout(resolve, 50));
    await client.end();
    const [ada, again] = [await enter(there, 'owner'), await (await enter(here, 'technician')).listen()];
    const { id } = await positionOf(ada);
    await ada.send('POST', `positions/${id}/entries`, note());
    await again.told(kindIs('entry'));
  });

  it('are not told to more pages of a session than anybody has open', async () => {
    const ada = await enter(here, 'owner');
    const more = Array.from({ length: 30 }, () => ada.at(here));
    pages.push(...more);
    await Promise.all(more.map((page) => page.listen()));
    await expect(ada.listen()).rejects.toThrow();
  });

  it('ask for a page that says what it is', async () => {
    const ada = await enter(here, 'owner');
    const answer = await test.demo().then((agent) => agent.get('/api/live'));
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ error: { field: 'tab' } });
    expect(ada.changeNumber).toBeGreaterThanOrEqual(0);
  });
});
