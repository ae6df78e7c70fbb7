// The server killed hard while people write: what was acknowledged is there, once, and nothing else is there twice.
import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { Person } from './person.mjs';

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function kills(server, isLarge) {
  const person = await Person.demo(server.address);
  const job = await person.demoJob();
  const { positions } = (await person.send('GET', `lines/${job.lines[0].id}`)).body;
  /** @type {Set<string>} */
  const acknowledged = new Set();
  let going = true;
  const write = async (/** @type {number} */ number) => {
    while (going) {
      const id = randomUUID();
      const isOrder = number % 2 === 0;
      const send = () =>
        isOrder
          ? person.send('POST', `jobs/${job.id}/orders/lines`, {
              lines: [{ id, text: 'killed', quantity: 1 }],
            })
          : person.send('POST', `positions/${positions[number % positions.length].id}/entries`, {
              id,
              kind: 'note',
              text: 'killed',
              happenedAt: '2026-01-01T00:00:00.000Z',
            });
      for (;;) {
        const answer = await send().catch(() => undefined);
        if (answer && answer.status < 300) break;
        await pause(30);
      }
      acknowledged.add(id);
    }
  };
  const writers = Array.from({ length: 8 }, (_, number) => write(number));
  const times = isLarge ? 70 : 4;
  for (let kill = 0; kill < times; kill += 1) {
    await pause(200 + Math.random() * 800);
    await server.kill('SIGKILL');
    await server.start();
  }
  going = false;
  await Promise.all(writers);
  const client = new pg.Client(server.databaseUrl);
  await client.connect();
  const { rows } = await client.query(
    `SELECT id FROM entries WHERE text = 'killed' UNION ALL SELECT id FROM order_lines WHERE text = 'killed'`,
  );
  const { rows: logged } = await client.query(
    `SELECT subject_id, count(*) FROM changes WHERE kind = 'entry' AND subject_id IN (SELECT id FROM entries WHERE text = 'killed') GROUP BY 1 HAVING count(*) <> 1`,
  );
  await client.end();
  const stored = rows.map(({ id }) => id);
  const lost = [...acknowledged].filter((id) => !stored.includes(id));
  const doubled = stored.length - new Set(stored).size + logged.length;
  console.log(
    `${times} kills, ${acknowledged.size} writes acknowledged: ${lost.length} lost, ${doubled} doubled`,
  );
  return lost.length + doubled > 0 ? [`${lost.length} lost, ${doubled} doubled`] : [];
}
