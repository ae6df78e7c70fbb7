// 300 people of one company for ten minutes, each with a page open that is told of changes, five seconds between acts: most open lines and boards,
// some look at a line-up, write entries or change duties, order and pick. No errors; of 100 answers 99 within half a second to read, a second to write.
import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { setTimeout as pause } from 'node:timers/promises';
import { Person } from './person.mjs';

const SIZES = {
  large: { people: 300, forMs: 600_000, betweenMs: 5_000, mostMs: { read: 500, write: 1_000 } },
  // In the tests, on whatever machine: within what would be a hang.
  small: { people: 20, forMs: 6_000, betweenMs: 500, mostMs: { read: 10_000, write: 10_000 } },
};
/** Answers asked for so soon after the beginning are a fresh server's, whose code is being compiled, ms. */
const FRESH_MS = 20_000;
/** A connection that breaks is an answer that failed. */
const BROKEN = { status: 599, ms: 0 };
const ROLES = ['owner', 'estimator', 'foreman'];

/**
 * @param {{ address: string }} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function crowd({ address }, isLarge) {
  const { people, forMs, betweenMs, mostMs } = isLarge ? SIZES.large : SIZES.small;
  const first = await Person.demo(address);
  const job = await first.demoJob();
  /** @type {any[]} */
  const positions = [];
  for (const line of job.lines)
    positions.push(...(await first.send('GET', `lines/${line.id}`)).body.positions);
  const picked = positions.filter(({ pick }) => pick);
  const [until, freshUntil] = [Date.now() + forMs, Date.now() + (isLarge ? FRESH_MS : 0)];
  /** @type {{ of: 'read' | 'write', what: string, status: number, ms: number }[]} */
  const answers = [];
  let told = 0;
  const one = async (/** @type {number} */ number) => {
    // Nobody begins a day in the same instant as 299 others.
    await pause((number * betweenMs) / people);
    const person = await Person.demo(address, ROLES[number % ROLES.length]);
    const stream = request(`${address}/api/live?tab=${randomUUID()}`, { headers: { cookie: person.cookie } });
    stream.on('response', (answer) => answer.on('data', () => (told += 1)).on('error', () => undefined));
    stream.on('error', () => undefined);
    stream.end();
    while (Date.now() < until) {
      const isFresh = Date.now() < freshUntil;
      for (const { of, what, answer } of await act(person)) {
        const { status, ms } = await answer;
        if (!isFresh) answers.push({ of, what, status, ms });
      }
      await pause(betweenMs);
    }
    stream.destroy();
  };
  const any = (/** @type {any[]} */ list) => list[Math.floor(Math.random() * list.length)];
  /** Changes a position in the version seen last, whoever saw it. @param {Person} person @param {any} position @param {string} what @param {object} to */
  const changing = async (person, position, what, to) => {
    const answer = await person.send('PUT', `positions/${position.id}/${what}`, {
      version: position.version,
      ...to,
    });
    position.version = answer.body?.version ?? answer.body?.error?.current?.version ?? position.version;
    return answer;
  };
  /** What somebody does next, as their page asks for it. @param {Person} person */
  const act = async (person) => {
    const [chance, line, position] = [Math.random(), any(job.lines), any(positions)];
    const read = (/** @type {string} */ what, /** @type {string} */ path) => ({
      of: /** @type {const} */ ('read'),
      what,
      answer: person.send('GET', path).catch(() => BROKEN),
    });
    const write = (/** @type {string} */ what, /** @type {Promise<any>} */ answer) => ({
      of: /** @type {const} */ ('write'),
      what,
      answer: answer.catch(() => BROKEN),
    });
    if (chance < 0.3) return [read('line', `lines/${line.id}`)];
    if (chance < 0.6) return [read('board', `jobs/${job.id}/board`)];
    if (chance < 0.75)
      return [
        read('line-up', `lines/${line.id}`),
        read('life', `positions/${position.id}/life`),
        read('history', `positions/${position.id}/history`),
      ];
    const happenedAt = new Date().toISOString();
    if (chance < 0.83)
      return [
        write(
          'entry',
          person.send('POST', `positions/${position.id}/entries`, {
            id: randomUUID(),
            kind: 'note',
            text: 'Handle is stiff.',
            happenedAt,
          }),
        ),
      ];
    if (chance < 0.9) {
      const { function: of, dn, pressurePa, temperatureC } = position.duty;
      const duty = { function: of, dn, pressurePa, temperatureC };
      return [write('duty', changing(person, position, 'duty', { duty }))];
    }
    if (chance < 0.95)
      return [
        write(
          'order',
          person.send('POST', `jobs/${job.id}/orders/lines`, {
            lines: [{ id: randomUUID(), text: '1 in ball valve', quantity: 1 }],
          }),
        ),
      ];
    const seen = any(picked);
    const pick = { modelId: seen.pick.modelId, reason: 'again' };
    return [write('pick', changing(person, seen, 'pick', pick))];
  };
  await Promise.all(Array.from({ length: people }, (_, number) => one(number)));
  /** @type {string[]} */
  const wrong = [];
  for (const kind of /** @type {const} */ (['read', 'write']))
    for (const what of new Set(answers.filter(({ of }) => of === kind).map((answer) => answer.what))) {
      const own = answers.filter((answer) => answer.of === kind && answer.what === what);
      const times = own.map(({ ms }) => ms).sort((a, b) => a - b);
      const at = (/** @type {number} */ share) => Math.round(times[Math.floor(share * times.length)] ?? 0);
      const failed = own.filter(({ status }) => status >= 500).length;
      const said = `${people} people, ${own.length} × ${what}: half within ${at(0.5)} ms, 99 of 100 within ${at(0.99)} ms, ${failed} failed`;
      const isWrong = failed > 0 || at(0.99) > mostMs[kind];
      console.log(`${isWrong ? 'WRONG ' : ''}${said}`);
      if (isWrong) wrong.push(said);
    }
  console.log(`${told} pieces told on ${people} streams`);
  return wrong;
}
