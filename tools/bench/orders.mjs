// Two thousand scribbled lines onto a job's order, against the same rows written by one plain statement and read as JSON.
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { readOrderList } from '@grevik/core';
import { median, report } from './measure.mjs';
import { withApp } from './running-app.mjs';

const LINES = 2000;
const ROUNDS = 9;
const SAID = '3/4" ball valve SWT full port, DZR, PTFE seats, lever, 600 WOG, potable';

await withApp(async ({ address, databaseUrl }) => {
  const door = await fetch(`${address}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{"role":"owner"}',
  });
  const cookie = door.headers.get('set-cookie')?.split(';')[0] ?? '';
  /** @param {string} path @param {string} method @param {object} [body] */
  const ask = async (path, method, body) => {
    const answer = await fetch(`${address}/api/${path}`, {
      method,
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
    });
    return answer.json();
  };
  const { id: jobId } = await ask('jobs', 'POST', { name: 'Two thousand' });
  const text = Array.from({ length: LINES }, (_, at) => `${(at % 9) + 1}   ${SAID}`).join('\n');
  const read = () =>
    readOrderList(text).lines.map(({ quantity, reading }) => ({
      id: randomUUID(),
      text: reading.text,
      spec: reading.spec,
      quantity,
    }));
  const lines = read();

  const client = new pg.Client(databaseUrl);
  await client.connect();
  await client.query('CREATE TEMP TABLE plain (id uuid, text text, spec jsonb, quantity integer)');
  const plain = async () => {
    await client.query(
      'INSERT INTO plain SELECT * FROM jsonb_to_recordset($1) AS line (id uuid, text text, spec jsonb, quantity integer)',
      [JSON.stringify(lines)],
    );
    const { rows } = await client.query('SELECT * FROM plain');
    await client.query('TRUNCATE plain');
    return JSON.stringify(rows);
  };
  const added = async () => {
    const fresh = lines.map((line) => ({ ...line, id: randomUUID() }));
    const { orders } = await ask(`jobs/${jobId}/orders/lines`, 'POST', { lines: fresh });
    return orders;
  };
  const clear = async () => {
    const { orders } = await ask(`jobs/${jobId}/orders`, 'GET');
    const ids = orders.flatMap((/** @type {{ lines: { id: string }[] }} */ order) =>
      order.lines.map(({ id }) => id),
    );
    if (ids.length > 0) await ask(`jobs/${jobId}/orders/lines`, 'DELETE', { ids });
  };
  const baseline = await median(plain);
  report(
    `${LINES} lines added and answered`,
    await median(added, ROUNDS, clear),
    'one plain statement and JSON',
    baseline,
  );
  report(
    `${LINES} scribbled lines read`,
    await median(read, ROUNDS),
    'one plain statement and JSON',
    baseline,
  );
  await client.end();
});
