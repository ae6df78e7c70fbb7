// Every endpoint as nobody, as each role, and as the owner of another company: nobody reaches what is not theirs.
import { randomUUID } from 'node:crypto';
import { Person } from './person.mjs';

const ROLES = ['owner', 'estimator', 'foreman', 'technician', 'apprentice'];
const OPEN =
  /^\/api\/(?:health|calc|price-desk|session|archive\/schema\.json|people\/invitations\/(?:look|accept)|calendar\/|owner\/)/;

/**
 * @param {import('./running-server.mjs').RunningServer} server
 * @returns {Promise<string[]>} what went wrong
 */
export async function matrix({ address }) {
  const owner = await Person.demo(address);
  const stranger = await Person.owner(address, 'Strangers');
  const people = await Promise.all(ROLES.map((role) => Person.demo(address, role)));
  const { paths } = (await owner.send('GET', 'docs.json')).body;
  const job = await owner.demoJob();
  const { positions } = (await owner.send('GET', `lines/${job.lines[0].id}`)).body;
  const { orders } = (await owner.send('GET', `jobs/${job.id}/orders`)).body;
  const [model] = (await owner.send('GET', 'catalogue')).body;
  const [person] = (await owner.send('GET', 'people')).body;
  const ids = {
    jobs: job.id,
    lines: job.lines[0].id,
    positions: positions[0].id,
    orders: orders[0].id,
    'order-lines': orders[0].lines[0].id,
    catalogue: model.id,
    people: person.id,
  };
  /** The address of an endpoint with ids that the demo company has. @param {string} path */
  const own = (path) =>
    path
      .replace('/api/', '')
      .replace(
        /(jobs|lines|positions|orders|order-lines|catalogue|people)\/\{id\}/,
        (_all, kind) => `${kind}/${ids[/** @type {keyof typeof ids} */ (kind)]}`,
      )
      .replace(/\{\w+\}/g, randomUUID());
  /** @type {string[]} */
  const wrong = [];
  let cells = 0;
  for (const [path, verbs] of Object.entries(paths))
    for (const verb of Object.keys(/** @type {object} */ (verbs))) {
      if (OPEN.test(path)) continue;
      const check = (
        /** @type {string} */ who,
        /** @type {number} */ status,
        /** @type {readonly number[]} */ good,
      ) => {
        cells += 1;
        if (!good.includes(status)) wrong.push(`${verb} ${path} as ${who}: ${status}`);
      };
      const send = (/** @type {Person} */ as, /** @type {string} */ to) =>
        as.send(verb.toUpperCase(), to, verb === 'get' ? undefined : { nonsense: true });
      check('nobody', (await send(new Person(address), own(path))).status, [401]);
      // Nonsense is refused before anything is looked for; what is looked for is not found.
      if (path.includes('{id}'))
        check('a stranger', (await send(stranger, own(path))).status, [400, 403, 404]);
      for (const [at, as] of people.entries()) {
        const { status } = await send(as, own(path.replace('{id}', '{other}')));
        // A device reports with its key: no person is one.
        const good = /^\/api\/devices\/(samples|levels)$/.test(path)
          ? [401]
          : [200, 201, 202, 204, 400, 403, 404];
        check(ROLES[at] ?? '', status, good);
      }
    }
  console.log(`${cells} cells of role and endpoint, ${wrong.length} wrong`);
  for (const one of wrong.slice(0, 10)) console.log(`WRONG ${one}`);
  return wrong;
}
