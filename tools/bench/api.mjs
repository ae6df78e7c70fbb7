// A line of 500 positions over HTTP, against the same rows read by one plain query and written as JSON.
import pg from 'pg';
import { median, report } from './measure.mjs';
import { withApp } from './running-app.mjs';

const POSITIONS = 500;

await withApp(async ({ address, databaseUrl }) => {
  const door = await fetch(`${address}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{"role":"owner"}',
  });
  const cookie = door.headers.get('set-cookie')?.split(';')[0] ?? '';
  /** @param {string} path @param {object} [body] */
  const ask = async (path, body) => {
    const answer = await fetch(`${address}/api/${path}`, {
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { method: 'POST', body: JSON.stringify(body) }),
    });
    return answer.json();
  };
  const job = await ask('jobs', { name: 'Five hundred' });
  const rows = Array.from(
    { length: POSITIONS },
    (_, index) =>
      `P-${index},Long line,potable cold,isolate,3/4,5 bar,10 C,8 gpm,copper,horizontal,indoors,place ${index}`,
  );
  const text = [
    'tag,line,medium,function,size,pressure,temperature,flow,pipe,orientation,place,remarks',
    ...rows,
  ].join('\n');
  const { lines } = await ask(`jobs/${job.id}/walk-list`, { text, rows: rows.map((_, index) => index + 2) });
  const lineId = lines[0].id;

  const client = new pg.Client(databaseUrl);
  await client.connect();
  const plain = async () => {
    const line = await client.query('SELECT * FROM lines WHERE id = $1', [lineId]);
    const positions = await client.query(
      `SELECT p.*, k.model_id, k.reason, k.verdict, k.picked_at, a.name AS picker, b.name AS changer
       FROM positions p LEFT JOIN picks k ON k.position_id = p.id LEFT JOIN people a ON a.id = k.picked_by
       LEFT JOIN people b ON b.id = p.changed_by WHERE p.line_id = $1 ORDER BY p.place_on_line`,
      [lineId],
    );
    return JSON.stringify({ ...line.rows[0], positions: positions.rows });
  };
  const served = await fetch(`${address}/api/lines/${lineId}`, { headers: { cookie } });
  console.log(`a line of ${POSITIONS} positions: ${Math.round((await served.text()).length / 1024)} kB`);
  const baseline = await median(plain);
  report(
    'the line from the API',
    await median(async () => (await fetch(`${address}/api/lines/${lineId}`, { headers: { cookie } })).text()),
    'one plain query and JSON',
    baseline,
  );
  await client.end();
});
