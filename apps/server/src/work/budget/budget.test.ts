import { randomUUID } from 'node:crypto';
import type { BudgetView, CompanyView, JobView, LifeBasisView, OwnChangeView } from '@grevik/contracts';
import { STANDARD_BUDGET, budgetOf } from '@grevik/core';
import ExcelJS from 'exceljs';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('budgets of replacements', () => {
  let test: TestApp;
  let owner: Agent;
  let job: JobView;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo();
    [job] = (await owner.get('/api/jobs')).body as [JobView];
  });
  afterAll(() => test.close());

  const budget = async (jobId?: string): Promise<BudgetView> =>
    (await owner.get('/api/budget').query({ jobId }).expect(200)).body as BudgetView;
  const change = (body: object) => owner.put('/api/budget').send(body);
  const undo = async (kind: string): Promise<void> => {
    const own = (await owner.get('/api/changes/mine')).body as OwnChangeView[];
    await owner.post(`/api/changes/${own.find((one) => one.kind === kind)!.id}/undo`).expect(204);
  };

  it('has the valves in service, what is known of each, and what may not wait', async () => {
    const { valves, version, settings } = await budget(job.id);
    expect(version).toBe(1);
    expect(settings).toMatchObject({ years: 5, ageIfUnknown: 24 });
    expect((await budget()).settings).toEqual(STANDARD_BUDGET);
    const gas = valves.find(({ failure }) => failure === 'gas-seized');
    expect(gas?.mustNotWait).toMatch(/^A gas valve that does not turn/);
    expect(valves.filter(({ ageYears = 0 }) => ageYears > 1.5).map(({ lineName }) => lineName)).toContain(
      'Fire sprinkler',
    );
    expect(valves.some(({ ageYears }) => ageYears === undefined)).toBe(true);
    expect(valves.some(({ dry }) => dry !== null && dry.length > 0)).toBe(true);
    expect(new Set((await budget()).valves.map(({ id }) => id)).size).toBeGreaterThanOrEqual(valves.length);
  });

  it('is changed in the version that was seen, kept apart for job and company, and comes back with undo', async () => {
    const settings = { ...STANDARD_BUDGET, ageIfUnknown: 25, money: [4000, 3000, 3000, 3000, 3000] };
    await change({ jobId: job.id, version: 1, settings, moved: {} }).expect(200);
    await change({ jobId: job.id, version: 1, settings, moved: {} }).expect(409);
    const now = await budget(job.id);
    expect(now).toMatchObject({ version: 2, settings });
    expect((await budget()).version).toBe(0);
    const planned = budgetOf(now);
    expect(planned.lines.length).toBeGreaterThan(10);
    for (const { year, spend } of planned.byYear)
      expect(spend).toBeLessThanOrEqual(settings.money[year - 1]!);
    const [first] = planned.lines;
    await change({ jobId: job.id, version: 2, settings, moved: { [first!.valve.id]: 3 } }).expect(200);
    expect(budgetOf(await budget(job.id)).lines[0]?.year).toBe(3);
    await undo('budget-of-job');
    expect((await budget(job.id)).moved).toEqual({});
  });

  it.each([
    [{ settings: { ...STANDARD_BUDGET, years: 0 } }, 'settings.years'],
    [{ settings: { ...STANDARD_BUDGET, discountRate: 3 } }, 'settings.discountRate'],
    [{ moved: { [randomUUID()]: 9 } }, 'moved'],
    [{ moved: { x: 'soon' } }, 'moved'],
    [{ jobId: 'x' }, 'jobId'],
  ])('refuses %j by name', async (odd, field) => {
    const { body } = await change({ version: 0, settings: STANDARD_BUDGET, moved: {}, ...odd }).expect(400);
    expect(body.error.field).toBe(field);
  });

  it('knows what gets wet where somebody said it, until it is taken back', async () => {
    const { valves } = await budget(job.id);
    const first = valves.find((one) => one.wets === undefined);
    const wets = async () => (await budget(job.id)).valves.find(({ id }) => id === first?.id)?.wets;
    await owner.put(`/api/positions/${first!.id}/wets`).send({ wets: 'electrical' }).expect(200);
    expect(await wets()).toBe('electrical');
    await undo('wets');
    expect(await wets()).toBeUndefined();
    await owner.put(`/api/positions/${first!.id}/wets`).send({ wets: 'the moon' }).expect(400);
    await owner.put(`/api/positions/${randomUUID()}/wets`).send({ wets: 'outdoors' }).expect(404);
  });

  it('leaves as a sheet with its assumptions, and as a PDF', async () => {
    const file = (name: string) =>
      owner.get(`/api/${name}`).query({ jobId: job.id }).buffer().responseType('blob');
    const book = new ExcelJS.Workbook();
    await book.xlsx.load((await file('budget.xlsx').expect(200)).body as ArrayBuffer);
    expect(book.worksheets.map(({ name }) => name)).toEqual(['Budget', 'Years', 'Rests on', 'Must not wait']);
    expect(book.getWorksheet('Budget')!.rowCount).toBeGreaterThan(10);
    const rests = book.getWorksheet('Rests on')!.getSheetValues().join('\n');
    expect(rests).toContain('Age of valves nobody knows the age of,25 years');
    const pdf = (await file('budget.pdf').expect(200)).body as Buffer;
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  });

  it('is not found for another company', async () => {
    const stranger = await test.owner();
    await stranger.get('/api/budget').query({ jobId: job.id }).expect(404);
    expect(((await stranger.get('/api/budget')).body as BudgetView).valves).toEqual([]);
  });

  it('says of one position what lives there are worked out from, and of its valve in service', async () => {
    const { valves, settings } = await budget(job.id);
    const known = valves.find(({ tag }) => tag === 'CW-104')!;
    const { body } = await owner.get(`/api/positions/${known.id}/life`).expect(200);
    expect(body).toMatchObject({ settings, wets: 'floor-below', valve: { tag: 'CW-104', type: known.type } });
    const { learned } = body as LifeBasisView;
    expect(learned.reduce((sum, one) => sum + one.failed + one.working, 0)).toBeGreaterThan(0);
    await owner.get(`/api/positions/${randomUUID()}/life`).expect(404);
  });

  it('lets the house rule on gates follow the company’s own gates from ten failures on', async () => {
    const rule = async (): Promise<CompanyView['ownGates']> =>
      ((await owner.get('/api/company').expect(200)).body as CompanyView).ownGates;
    const gate = (await budget(job.id)).valves.find(
      ({ type, failure }) => type === 'gate-solid' && !failure,
    )!;
    const write = (kind: string, at: number, found?: object) =>
      owner
        .post(`/api/positions/${gate.id}/entries`)
        .send({
          id: randomUUID(),
          kind,
          text: 'as found',
          happenedAt: `${at}-06-01T08:00:00Z`,
          ...(found && { found }),
        })
        .expect(201);
    for (let year = 1990; year < 2014; year += 2) {
      await write('replaced', year);
      await write('found', year + 1, { type: 'gate-solid', turning: 'seized' });
    }
    expect(await rule()).toMatchObject({ option: 'on-sight' });
    expect((await rule())!.failed).toBeGreaterThanOrEqual(10);
    expect((await rule())!.medianYears).toBeLessThan(10);
  });
});
