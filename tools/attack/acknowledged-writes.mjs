// People who write without a pause, each thing again until it is confirmed, and what is stored of it in the end.
import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { Person } from './person.mjs';

const WRITERS = 8;
const AGAIN_MS = 30;

/**
 * Starts people who write entries and order lines into the demo job.
 *
 * @param {string} address of the server
 * @returns {Promise<{ acknowledged: ReadonlySet<string>, unanswered: () => number, stop: () => Promise<void> }>}
 */
export async function startWriters(address) {
  const person = await Person.demo(address);
  const job = await person.demoJob();
  const { positions } = (await person.send('GET', `lines/${job.lines[0].id}`)).body;
  /** @type {Set<string>} */
  const acknowledged = new Set();
  let isOver = false;
  let unanswered = 0;
  const write = async (/** @type {number} */ number) => {
    while (!isOver) {
      const id = randomUUID();
      const isOrder = number % 2 === 0;
      const send = () =>
        isOrder
          ? person.send('POST', `jobs/${job.id}/orders/lines`, {
              lines: [{ id, text: 'kept', quantity: 1 }],
            })
          : person.send('POST', `positions/${positions[number % positions.length].id}/entries`, {
              id,
              kind: 'note',
              text: 'kept',
              happenedAt: '2026-01-01T00:00:00.000Z',
            });
      for (;;) {
        const answer = await send().catch(() => undefined);
        if (!answer) unanswered += 1;
        if (answer && answer.status < 300) break;
        await pause(AGAIN_MS);
      }
      acknowledged.add(id);
    }
  };
  const writers = Array.from({ length: WRITERS }, (_, number) => write(number));
  return {
    acknowledged,
    unanswered: () => unanswered,
    stop: async () => {
      isOver = true;
      await Promise.all(writers);
    },
  };
}

/**
 * Compares what was acknowledged with what is stored.
 *
 * @param {string} databaseUrl
 * @param {ReadonlySet<string>} acknowledged
 * @returns {Promise<{ lost: number, doubled: number, unknown: number }>} how many are missing, there twice, or there though nobody was told so
 */
export async function compareStored(databaseUrl, acknowledged) {
  const client = new pg.Client(databaseUrl);
  await client.connect();
  const { rows } = await client.query(
    `SELECT id FROM entries WHERE text = 'kept' UNION ALL SELECT id FROM order_lines WHERE text = 'kept'`,
  );
  const { rows: logged } = await client.query(
    `SELECT subject_id, count(*) FROM changes WHERE kind = 'entry' AND subject_id IN (SELECT id FROM entries WHERE text = 'kept') GROUP BY 1 HAVING count(*) <> 1`,
  );
  await client.end();
  const stored = new Set(rows.map(({ id }) => id));
  return {
    lost: [...acknowledged].filter((id) => !stored.has(id)).length,
    doubled: rows.length - stored.size + logged.length,
    unknown: [...stored].filter((id) => !acknowledged.has(id)).length,
  };
}
