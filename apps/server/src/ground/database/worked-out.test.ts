import { randomUUID } from 'node:crypto';
import { getConnectionToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize';
import { type TestApp, startTestApp } from '../../testing/test-app.js';
import { inCompany } from './company-scope.js';
import { workedOut } from './worked-out.js';

describe('what was worked out', () => {
  let test: TestApp;
  let companyId = '';
  const [first, second] = [randomUUID(), randomUUID()];
  const worked: number[][] = [];
  const doubled = (given: ReadonlyMap<string, number>): Promise<Map<string, { twice: number }>> =>
    inCompany(companyId, () =>
      workedOut(test.app.get<Sequelize>(getConnectionToken()), 'line-outages', given, (of) => {
        worked.push(of);
        return Promise.resolve(of.map((number) => ({ twice: 2 * number })));
      }),
    );

  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    await test.owner();
    const [rows] = await test.app.get<Sequelize>(getConnectionToken()).query('SELECT id FROM companies');
    companyId = (rows as [{ id: string }])[0].id;
  });
  beforeEach(() => worked.splice(0));
  afterAll(() => test.close());

  it('is worked out once, and again where what it is worked out from is another', async () => {
    expect(await doubled(new Map([[first, 1]]))).toEqual(new Map([[first, { twice: 2 }]]));
    expect(
      await doubled(
        new Map([
          [first, 1],
          [second, 5],
        ]),
      ),
    ).toEqual(
      new Map([
        [first, { twice: 2 }],
        [second, { twice: 10 }],
      ]),
    );
    expect(worked).toEqual([[1], [5]]);
    expect((await doubled(new Map([[first, 7]]))).get(first)).toEqual({ twice: 14 });
    expect((await doubled(new Map([[first, 7]]))).get(first)).toEqual({ twice: 14 });
    expect(worked).toEqual([[1], [5], [7]]);
  });

  it('is stored in parts, so that what was done stays where the rest fails', async () => {
    const many = new Map(Array.from({ length: 250 }, (_, at) => [randomUUID(), at] as const));
    const failing = inCompany(companyId, () =>
      workedOut(test.app.get<Sequelize>(getConnectionToken()), 'line-outages', many, (of) =>
        of.length < 200
          ? Promise.reject(new Error('too long'))
          : Promise.resolve(of.map((twice) => ({ twice }))),
      ),
    );
    await expect(failing).rejects.toThrow('too long');
    await doubled(many);
    expect(worked.map(({ length }) => length)).toEqual([50]);
  });

  it('is worked out in two parts at a time, each result with its subject', async () => {
    const many = new Map(Array.from({ length: 450 }, (_, at) => [randomUUID(), at] as const));
    let [underWay, most] = [0, 0];
    const results = await inCompany(companyId, () =>
      workedOut(test.app.get<Sequelize>(getConnectionToken()), 'line-outages', many, async (of) => {
        underWay += 1;
        most = Math.max(most, underWay);
        await new Promise((done) => setTimeout(done, 20));
        underWay -= 1;
        return of.map((is) => ({ is }));
      }),
    );
    expect(most).toBe(2);
    expect([...many].map(([id]) => results.get(id))).toEqual([...many].map(([, is]) => ({ is })));
  });
});
