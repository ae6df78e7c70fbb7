import { tableProgress } from './table-progress.mjs';

describe('how far a backup is', () => {
  it('is what is behind it by size, whatever pieces the tool prints in', () => {
    const said: string[] = [];
    const take = tableProgress(
      new Map([
        ['entries', 30],
        ['photos', 60],
        ['picks', 10],
      ]),
      (percent, table) => said.push(`${percent} ${table}`),
    );
    take('pg_dump: last built-in OID is 16383\npg_dump: dumping contents of table "public.ent');
    take('ries"\npg_dump: dumping contents of table "public.photos"\n');
    take(
      'pg_restore: processing data for table "public.picks"\npg_dump: dumping contents of table "public.other"\n',
    );
    expect(said).toEqual(['0 entries', '30 photos', '90 picks', '100 other']);
  });

  it('is nothing of nothing', () => {
    const said: number[] = [];
    tableProgress(new Map(), (percent) => said.push(percent))('dumping contents of table "public.x"\n');
    expect(said).toEqual([0]);
  });
});
