// Requests nobody would send, to every endpoint that the published description has: no 5xx, and never a message without end.
import { randomInt, randomUUID } from 'node:crypto';
import { tally } from './parallel-writes.mjs';
import { Person } from './person.mjs';

const ODD = [
  null,
  true,
  -1,
  1e308,
  '',
  '\u0000',
  'x'.repeat(3000),
  '../../etc/passwd',
  [],
  {},
  [[[]]],
  { __proto__: 1 },
  "'; DROP TABLE jobs; --",
];

/** @template T @param {readonly T[]} list @returns {T} */
const any = (list) => /** @type {T} */ (list[randomInt(list.length)]);

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function hostile({ address }, isLarge) {
  const owner = await Person.owner(address, 'Hostile');
  const nobody = new Person(address);
  const { paths, components } = (await owner.send('GET', 'docs.json')).body;
  const operations = Object.entries(paths).flatMap(([path, verbs]) =>
    Object.entries(/** @type {Record<string, any>} */ (verbs))
      // Whoever signs out is not there for the next request.
      .filter(([verb]) => !(verb === 'delete' && path.startsWith('/api/session')))
      .map(([verb, operation]) => ({
        verb,
        path,
        schema: operation.requestBody?.content?.['application/json']?.schema,
      })),
  );
  /** A value near what a schema asks, with something odd in it now and then. @param {any} schema @param {number} depth @returns {unknown} */
  const near = (schema, depth = 0) => {
    if (depth > 6 || Math.random() < 0.12) return any(ODD);
    const { $ref, type, properties = {}, items, enum: choices, oneOf, anyOf } = schema ?? {};
    if ($ref) return near(components.schemas[String($ref).split('/').at(-1) ?? ''], depth + 1);
    if (choices) return any(choices);
    if (oneOf || anyOf) return near(any(oneOf ?? anyOf), depth + 1);
    if (type === 'array') return Array.from({ length: randomInt(4) }, () => near(items, depth + 1));
    if (type === 'integer' || type === 'number') return any([0, 1, 3, 20, 5e5, 0.02]);
    if (type === 'boolean') return Math.random() < 0.5;
    if (type === 'object')
      return Object.fromEntries(
        Object.entries(properties)
          .filter(() => Math.random() < 0.85)
          .map(([name, inner]) => [name, near(inner, depth + 1)]),
      );
    return any([randomUUID(), 'text', '2026-01-01T00:00:00.000Z', 'CW-04']);
  };
  /** @type {string[]} */
  const wrong = [];
  /** @type {string[]} */
  const statuses = [];
  const count = isLarge ? 34_500 : 600;
  for (let sent = 0; sent < count; sent += 20)
    await Promise.all(
      Array.from({ length: 20 }, async () => {
        const { verb, path, schema } = any(operations);
        const to = path
          .replace(/^\/api\//, '')
          .replace(/\{\w+\}/g, () => encodeURIComponent(String(any([randomUUID(), 'x', '%00', '1e9']))));
        const body = verb === 'get' ? undefined : near(schema);
        const { status, body: said } = await any([owner, owner, owner, nobody]).send(
          verb.toUpperCase(),
          to,
          JSON.stringify(body),
        );
        statuses.push(String(status));
        const message = said?.error?.message ?? '';
        // An outgoing answer of a simulated supplier that is to be busy is 503 on purpose.
        const isMeant = status === 503 && path.startsWith('/api/price-desk');
        if ((status >= 500 && !isMeant) || message.length > 500)
          wrong.push(
            `${verb} ${path} ${JSON.stringify(body)?.slice(0, 200)}: ${status} ${message.slice(0, 100)}`,
          );
      }),
    );
  console.log(`${count} hostile requests: ${tally(statuses)}`);
  for (const one of wrong.slice(0, 10)) console.log(`WRONG ${one}`);
  return wrong;
}
