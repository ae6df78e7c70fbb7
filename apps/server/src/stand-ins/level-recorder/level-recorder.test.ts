import type { JobWalkView, StationView } from '@grevik/contracts';
import { Sequelize } from 'sequelize-typescript';
import { type TestApp, startTestApp } from '../../testing/test-app.js';
import { LevelRecorderStandIn } from './level-recorder-stand-in.service.js';

describe('the level recorder of the demo', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp();
  });
  afterAll(() => test.close());

  it('has seen the ball of a pump stick open for a week, and goes on where it was left', async () => {
    const visitor = await test.demo();
    const [job] = (await visitor.get('/api/jobs')).body as [{ id: string }];
    const { lines } = (await visitor.get(`/api/jobs/${job.id}/walk`)).body as JobWalkView;
    const { id, condition } = lines
      .flatMap(({ positions }) => positions)
      .find(({ tag }) => tag === 'LS-103')!;
    expect(condition).toMatchObject({ holding: 'passes' });
    const station = async (): Promise<StationView> =>
      (await visitor.get(`/api/positions/${id}/station`)).body as StationView;
    const before = await station();
    expect(before).toMatchObject({ verdict: 'stuck-open', device: { isStandIn: true } });
    const days = (Date.now() - Date.parse(before.since ?? '')) / 86_400_000;
    expect(days).toBeGreaterThan(6.8);
    expect(days).toBeLessThan(7.2);

    // An hour that nobody recorded.
    await test.app
      .get(Sequelize)
      .query(`DELETE FROM level_samples WHERE position_id = :id AND at > now() - interval '1 hour'`, {
        replacements: { id },
      });
    await test.app.get(LevelRecorderStandIn).play();
    const after = await station();
    expect(Date.parse(after.lastAt ?? '')).toBeGreaterThan(Date.now() - 60_000);
    expect(after.lastLevelM).toBeGreaterThan(0.4);
    expect(after.lastLevelM).toBeLessThan(1.6);
  });
});
