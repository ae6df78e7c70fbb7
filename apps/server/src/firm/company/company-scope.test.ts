import { randomUUID } from 'node:crypto';
import { Job } from '../../work/jobs/job.model.js';
import { type TestApp, startTestApp } from '../../testing/test-app.js';
import { Company } from './company.model.js';
import { inCompany } from '../../ground/database/company-scope.js';

describe('companies are kept apart', () => {
  let test: TestApp;
  let ours: string;
  let theirs: string;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    ours = (await Company.create({ slug: 'ours', name: 'Ours', currency: 'USD' })).id;
    theirs = (await Company.create({ slug: 'theirs', name: 'Theirs', currency: 'USD' })).id;
    await inCompany(theirs, () => Job.create({ name: 'Their job' }));
  });
  afterAll(() => test.close());

  it('reads and counts only the open company', async () => {
    await inCompany(ours, async () => {
      expect(await Job.findAll()).toEqual([]);
      expect(await Job.findOne({ where: { name: 'Their job' } })).toBeNull();
      expect(await Job.count()).toBe(0);
    });
    expect(await inCompany(theirs, () => Job.count())).toBe(1);
  });

  it('writes only into the open company, whatever the row says', async () => {
    const job = await inCompany(ours, () => Job.create({ name: 'Smuggled', companyId: theirs }));
    expect(job.companyId).toBe(ours);
    expect(await inCompany(theirs, () => Job.count())).toBe(1);
    const [bulk] = await inCompany(ours, () => Job.bulkCreate([{ id: randomUUID(), name: 'In bulk' }]));
    expect(bulk?.companyId).toBe(ours);
  });

  it('changes and deletes only the open company', async () => {
    const job = await inCompany(theirs, () => Job.findOne({ rejectOnEmpty: true }));
    await inCompany(ours, async () => {
      expect(await Job.update({ name: 'Taken' }, { where: { id: job.id } })).toEqual([0]);
      expect(await Job.destroy({ where: { id: job.id } })).toBe(0);
      await expect(job.update({ name: 'Taken' })).rejects.toThrow('another company');
      await expect(job.destroy()).rejects.toThrow('another company');
    });
    expect((await inCompany(theirs, () => job.reload())).name).toBe('Their job');
  });

  it('runs no query for nobody', async () => {
    await expect(Job.findAll()).rejects.toThrow('no company is open');
  });
});
