import type { JobView } from '@grevik/contracts';
import { getConnectionToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize';
import { inCompany } from '../../ground/database/company-scope.js';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';
import { JobHouseRules } from './job-house-rules.service.js';

describe('the house rules in force', () => {
  let test: TestApp;
  let owner: Agent;
  const ids: string[] = [];
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    owner = await test.owner();
    for (const name of ['Harbour school', 'Old mill'])
      ids.push(((await owner.post('/api/jobs').send({ name }).expect(201)).body as JobView).id);
    await owner
      .put(`/api/jobs/${ids[1]}/house-rules`)
      .send({ version: 0, houseRules: { stops: 'multi-turn' } })
      .expect(200);
  });
  afterAll(() => test.close());

  it('are those of each job, whether it is asked for alone or among many', async () => {
    const [rows] = await test.app.get<Sequelize>(getConnectionToken()).query('SELECT id FROM companies');
    const rules = test.app.get(JobHouseRules, { strict: false });
    await inCompany((rows as [{ id: string }])[0].id, async () => {
      const each = await rules.ofEach(ids);
      expect([...each.keys()].sort()).toEqual([...ids].sort());
      for (const id of ids) expect(each.get(id)).toEqual(await rules.of(id));
      expect(each.get(ids[0]!)).not.toEqual(each.get(ids[1]!));
    });
  });
});
