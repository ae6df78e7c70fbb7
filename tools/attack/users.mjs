// The people of one company who pick and order, half a second between acts: no 5xx, and 99 of 100 answers within two seconds. What a server
// answers in its first seconds, while its code is compiled, is told apart.
import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { tally } from './parallel-writes.mjs';
import { Person } from './person.mjs';

const BETWEEN_MS = 500;
/** Answers asked for so soon after the beginning are a fresh server's. */
const FRESH_MS = 5_000;
/** 99 of 100 answers come within this; in the tests, on whatever machine, within what would be a hang. */
const LONGEST_MS = { large: 2_000, small: 10_000 };

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function users({ address }, isLarge) {
  const people = isLarge ? 200 : 20;
  const first = await Person.demo(address);
  const job = await first.demoJob();
  /** @type {any[]} */
  const positions = [];
  for (const line of job.lines)
    positions.push(...(await first.send('GET', `lines/${line.id}`)).body.positions);
  const picked = positions.filter(({ pick }) => pick);
  /** @type {{ status: number, ms: number, what: string, isFresh: boolean }[]} */
  const answers = [];
  const freshUntilMs = Date.now() + (isLarge ? FRESH_MS : 0);
  const untilMs = freshUntilMs + (isLarge ? 20_000 : 6_000);
  const act = async (/** @type {number} */ number) => {
    const person = new Person(address, first.cookie);
    let turn = number;
    await pause((number * BETWEEN_MS) / people);
    while (Date.now() < untilMs) {
      const seen = picked[turn % picked.length];
      const isFresh = Date.now() < freshUntilMs;
      turn += people + 1;
      const isOrder = turn % 2 === 0;
      const answer = isOrder
        ? await person.send('POST', `jobs/${job.id}/orders/lines`, {
            lines: [{ id: randomUUID(), text: `1 in ball valve ${turn}`, quantity: 1 }],
          })
        : await person.send('PUT', `positions/${seen.id}/pick`, {
            version: seen.version,
            modelId: seen.pick.modelId,
            reason: 'again',
          });
      if (!isOrder) {
        const { body } = answer;
        seen.version = body?.version ?? body?.error?.current?.version ?? seen.version;
      }
      const { status, ms } = answer;
      answers.push({ status, ms, what: isOrder ? 'order' : 'pick', isFresh });
      await pause(BETWEEN_MS);
    }
  };
  await Promise.all(Array.from({ length: people }, (_, number) => act(number)));
  /** @type {string[]} */
  const wrong = [];
  for (const what of ['pick', 'order']) {
    const own = answers.filter((one) => one.what === what);
    const warm = timesOf(own.filter(({ isFresh }) => !isFresh));
    const fresh = timesOf(own.filter(({ isFresh }) => isFresh));
    const statuses = tally(own.map(({ status }) => String(status)));
    const isWrong =
      own.some(({ status }) => status >= 500) || at(warm, 0.99) > LONGEST_MS[isLarge ? 'large' : 'small'];
    const said = `${people} people, ${own.length} × ${what}: half within ${at(warm, 0.5)} ms, 99 of 100 within ${at(warm, 0.99)} ms (of a fresh server ${at(fresh, 0.99)} ms), ${statuses}`;
    console.log(`${isWrong ? 'WRONG ' : ''}${said}`);
    if (isWrong) wrong.push(said);
  }
  return wrong;
}

/** @param {readonly { ms: number }[]} answers @returns {number[]} from the shortest on */
const timesOf = (answers) => answers.map(({ ms }) => ms).sort((a, b) => a - b);
/** @param {readonly number[]} times @param {number} share */
const at = (times, share) => Math.round(times[Math.floor(share * times.length)] ?? 0);
