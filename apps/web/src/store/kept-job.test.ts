import type { JobWalkView } from '@grevik/contracts';
import { draftIds } from './draft-ids';
import { keepJob, keepOnlyFor, keptJob } from './kept-job';

const JOB: JobWalkView = { id: 'job', name: 'Quay', houseRules: {}, lines: [] };

describe('the job on the device', () => {
  it('stays for the person it was kept for, and goes for anybody else', async () => {
    await keepJob(JOB, {}, 'ada');
    await keepOnlyFor('ada');
    expect(await keptJob()).toMatchObject({ ownerId: 'ada', job: { id: 'job' } });
    await keepOnlyFor('joss');
    expect(await keptJob()).toBeUndefined();
  });

  it('goes with the session, and the drafts with it', async () => {
    await keepJob(JOB, {}, 'ada');
    const id = draftIds('order').of('1 in ball valve');
    await keepOnlyFor(undefined);
    expect(await keptJob()).toBeUndefined();
    expect(draftIds('order').of('1 in ball valve')).not.toBe(id);
  });
});
