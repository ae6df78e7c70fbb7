// A line of 60 positions over HTTP, against the same rows by plain SQL and JSON on a bare server.
import { createServer } from 'node:http';
import pg from 'pg';
import { Person } from '../attack/person.mjs';
import { mediansInTurns, report } from './measure.mjs';
import { withApp } from './running-app.mjs';

const POSITIONS = 60;

await withApp(async ({ address, databaseUrl }) => {
  const owner = await Person.demo(address);
  const { body: job } = await owner.send('POST', 'jobs', { name: 'Sixty' });
  const rows = Array.from(
    { length: POSITIONS },
    (_, index) =>
      `P-${index},Line,potable cold,isolate,3/4,5 bar,10 C,8 gpm,copper,horizontal,indoors,place ${index}`,
  );
  const text = [
    'tag,line,medium,function,size,pressure,temperature,flow,pipe,orientation,place,remarks',
    ...rows,
  ].join('\n');
  const taken = await owner.send('POST', `jobs/${job.id}/walk-list`, {
    text,
    rows: rows.map((_, index) => index + 2),
  });
  const lineId = taken.body.lines[0].id;

  const client = new pg.Client(databaseUrl);
  await client.connect();
  const plain = createServer((_request, response) => {
    void (async () => {
      const line = await client.query('SELECT * FROM lines WHERE id = $1', [lineId]);
      const walk = await client.query('SELECT * FROM walks WHERE line_id = $1', [lineId]);
      const positions = await client.query(
        `SELECT p.*, k.model_id, k.reason, k.verdict, k.picked_at, a.name AS picker, b.name AS changer
         FROM positions p LEFT JOIN picks k ON k.position_id = p.id LEFT JOIN people a ON a.id = k.picked_by
         LEFT JOIN people b ON b.id = p.changed_by WHERE p.line_id = $1 ORDER BY p.place_on_line`,
        [lineId],
      );
      response
        .setHeader('content-type', 'application/json')
        .end(JSON.stringify({ ...line.rows[0], walk: walk.rows[0], positions: positions.rows }));
    })();
  });
  await new Promise((resolve) => plain.listen(0, '127.0.0.1', () => resolve(undefined)));
  const { port } = /** @type {import('node:net').AddressInfo} */ (plain.address());
  const bare = new Person(`http://127.0.0.1:${port}`);
  const { api, baseline } = await mediansInTurns({
    api: () => owner.send('GET', `lines/${lineId}`),
    baseline: () => bare.send('GET', ''),
  });
  report(
    `a line of ${POSITIONS} positions from the API`,
    api,
    'plain SQL and JSON on a bare server',
    baseline,
  );
  plain.close();
  await client.end();
});
