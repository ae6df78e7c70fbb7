import type { Found, JobView } from '@grevik/contracts';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('searching all jobs', () => {
  let test: TestApp;
  let owner: Agent;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    owner = await test.owner();
    for (const [name, archived] of [
      ['Harbour school', false],
      ['Old mill', true],
    ] as const) {
      const { id } = (await owner.post('/api/jobs').send({ name }).expect(201)).body as JobView;
      const text = [
        'tag,line,medium,function,size,pressure,temperature,remarks',
        'CW-1,Cold,cold water,isolate,1,5 bar,10 C,kitchen',
        'CW-12,Cold,cold water,isolate,1,5 bar,10 C,100 % of the boiler room',
        'HW-1,Hot,hot water,isolate,1,5 bar,60 C,beside CW-1',
      ].join('\n');
      await owner
        .post(`/api/jobs/${id}/walk-list`)
        .send({ text, rows: [2, 3, 4] })
        .expect(201);
      if (archived) await owner.put(`/api/jobs/${id}/archived`).send({ archived }).expect(204);
    }
  });
  afterAll(() => test.close());

  const found = async (text: string, agent = owner): Promise<string[]> => {
    const { body } = await agent.get('/api/search').query({ text }).expect(200);
    return (body as Found[]).map(({ job, line, position }) => `${job}: ${position?.tag ?? line}`);
  };

  it('finds tags that begin so first, shortest first, then what has it anywhere, open jobs before archived ones', async () => {
    expect(await found('cw-1')).toEqual([
      'Harbour school: CW-1',
      'Harbour school: CW-12',
      'Harbour school: HW-1',
      'Old mill: CW-1',
      'Old mill: CW-12',
      'Old mill: HW-1',
    ]);
  });

  it('finds remarks and lines from three letters on, and tags from two', async () => {
    expect(await found('KITCHEN')).toEqual(['Harbour school: CW-1', 'Old mill: CW-1']);
    expect(await found('hot')).toEqual(['Harbour school: Hot', 'Old mill: Hot']);
    expect(await found('hw')).toEqual(['Harbour school: HW-1', 'Old mill: HW-1']);
    expect(await found('ki')).toEqual([]);
  });

  it('takes signs as they are written, not as a pattern', async () => {
    expect(await found('100 %')).toEqual(['Harbour school: CW-12', 'Old mill: CW-12']);
    expect(await found('c_-')).toEqual([]);
  });

  it('finds nothing of another company, and refuses a single letter by name', async () => {
    expect(await found('cw-1', await test.owner('Other works'))).toEqual([]);
    const { body } = await owner.get('/api/search').query({ text: 'c' }).expect(400);
    expect(JSON.stringify(body)).toContain('text');
  });
});
