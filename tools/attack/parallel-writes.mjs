// A hundred writes of every kind at once, by people of one company: none is refused for want of a connection, none waits for another's reading.
import { randomUUID } from 'node:crypto';
import { Person } from './person.mjs';

const AT_ONCE = 100;

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function parallelWrites({ address }, isLarge) {
  const owner = await Person.demo(address);
  const job = await owner.demoJob();
  const models = (await owner.send('GET', 'catalogue')).body;
  /** @type {any[]} */
  const positions = [];
  for (const line of job.lines)
    for (const position of (await owner.send('GET', `lines/${line.id}`)).body.positions)
      positions.push({ ...position, lineId: line.id, medium: line.medium });
  const count = isLarge ? 4 * AT_ONCE : AT_ONCE;
  const picked = positions.filter(({ pick }) => pick);
  /** @type {Record<string, (at: number) => Promise<{ status: number, ms: number }>>} */
  const kinds = {
    entry: (at) =>
      owner.send('POST', `positions/${of(positions, at).id}/entries`, {
        id: randomUUID(),
        kind: 'note',
        text: `write ${at}`,
        happenedAt: new Date().toISOString(),
      }),
    'order line': (at) =>
      owner.send('POST', `jobs/${job.id}/orders/lines`, {
        lines: [{ id: randomUUID(), text: `1 in ball valve ${at}`, quantity: 1 }],
      }),
    pick: (at) => {
      const { id, version, pick } = of(picked, at);
      return owner.send('PUT', `positions/${id}/pick`, { version, modelId: pick.modelId, reason: 'again' });
    },
    duty: (at) => {
      const { id, version, duty } = of(positions, at);
      return owner.send('PUT', `positions/${id}/duty`, { version, duty });
    },
    name: (at) => {
      const { id, version, tag } = of(positions, at);
      return owner.send('PUT', `positions/${id}/name`, { version, tag, remarks: `place ${at}` });
    },
    'hook-up': (at) => {
      const { id, version } = of(positions, at);
      return owner.send('PUT', `positions/${id}/hook-up`, { version, hookUp: { limits: ['no-torch'] } });
    },
    job: (at) => owner.send('POST', 'jobs', { name: `Job ${at} ${randomUUID()}` }),
    model: (at) => {
      const { id: _id, version: _version, retired: _retired, ...model } = of(models, at);
      return owner.send('POST', 'catalogue', {
        model: { ...model, model: `${model.model} ${randomUUID()}` },
      });
    },
    'house rules': () =>
      owner.send('PUT', 'company/house-rules', { version: 0, houseRules: { stops: 'quarter-turn' } }),
  };
  /** @type {string[]} */
  const wrong = [];
  for (const [kind, write] of Object.entries(kinds)) {
    const from = performance.now();
    const answers = await Promise.all(Array.from({ length: count }, (_, at) => write(at)));
    const ms = performance.now() - from;
    const statuses = tally(answers.map(({ status }) => String(status)));
    const isWrong = answers.some(({ status }) => status >= 500) || ms > 100 * count;
    console.log(`${isWrong ? 'WRONG ' : ''}${count} × ${kind} at once: ${Math.round(ms)} ms, ${statuses}`);
    if (isWrong) wrong.push(`${kind}: ${Math.round(ms)} ms, ${statuses}`);
  }
  return wrong;
}

/** @template T @param {readonly T[]} list @param {number} at @returns {T} */
const of = (list, at) => /** @type {T} */ (list[at % list.length]);

/** @param {readonly string[]} values */
export function tally(values) {
  const counts = new Map();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts].map(([value, count]) => `${count} × ${value}`).join(', ');
}
