// Visits written in a browser while network, tab and server go away at random: what was said to be kept is stored, once.
import pg from 'pg';
import { launchBrowser } from '../setup/launch-browser.mjs';
import { Person } from './person.mjs';

const ROUND = 'Lift station, October';
const WORD = 'lost network';
const MOST_MS = 60_000;
const AGAIN_MS = 250;

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function lostNetwork(server, isLarge) {
  const person = await Person.demo(server.address);
  const rounds = /** @type {{ id: string, name: string }[]} */ ((await person.send('GET', 'rounds')).body);
  const id = rounds.find(({ name }) => name === ROUND)?.id ?? '';
  const stops = /** @type {{ positionId: string }[]} */ (
    (await person.send('GET', `rounds/${id}`)).body.stopsInOrder
  );
  const browser = await launchBrowser();
  const context = await browser.newContext({
    serviceWorkers: 'allow',
    baseURL: server.address,
    reducedMotion: 'reduce',
  });
  await context.request.post('/api/session/demo', { data: { role: 'owner' } });
  const story = whatWasSent(context);
  let page = await context.newPage();
  const at = (/** @type {number} */ run) => `/rounds/${id}/${stops[run % stops.length]?.positionId ?? ''}`;
  await page.goto(at(0));
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.getByText(/is kept on this device/).waitFor();

  /** @type {Set<string>} */
  const kept = new Set();
  const times = isLarge ? 100 : 6;
  for (let run = 0; run < times; run += 1) {
    const text = `${WORD} ${run}`;
    const luck = Math.random();
    const isOffline = luck < 0.35;
    const isKilled = luck >= 0.35 && luck < 0.6;
    const closesTab = Math.random() < 0.3;
    story.push(
      `run ${run}:${isOffline ? ' offline' : ''}${isKilled ? ' killed' : ''}${closesTab ? ' tab closed' : ''}`,
    );
    await context.setOffline(isOffline);
    await page.goto(at(run));
    const change = page.getByRole('button', { name: 'Change' });
    await page
      .getByRole('button', { name: 'Previous' })
      .or(page.getByRole('link', { name: 'Previous' }))
      .waitFor();
    if (await change.isVisible()) await change.click();
    await page.getByLabel('Note').fill(text);
    const restarted = isKilled ? server.kill('SIGKILL').then(() => server.start()) : undefined;
    await page.getByRole('button', { name: /^Save and/ }).click();
    if (closesTab) {
      // Nothing was said yet: it may be there or not, once at most.
      await page.close();
      page = await context.newPage();
    } else {
      const said = page.getByText(/ saved$| is kept on this device and sent later$/).first();
      await said.waitFor({ timeout: 30_000 });
      story.push(`said: ${await said.innerText()}`);
      kept.add(text);
    }
    await restarted;
  }
  await context.setOffline(false);
  await page.goto('/rounds');
  await page.getByRole('heading', { name: 'Due' }).waitFor();
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  // What waits is asked of the device: a banner that has not come yet is hidden as well.
  // Asked here again and again: a promise that a page waits for counts as true before it has an answer.
  for (const until = Date.now() + MOST_MS; !(await page.evaluate(nothingWaits));) {
    if (Date.now() > until) return ['what waits on the device was not sent within a minute'];
    await page.waitForTimeout(AGAIN_MS);
  }
  await browser.close();

  const client = new pg.Client(server.databaseUrl);
  await client.connect();
  const { rows } = await client.query(
    `SELECT text, count(*)::int AS count FROM entries WHERE text LIKE '${WORD} %' GROUP BY 1`,
  );
  await client.end();
  const counts = new Map(rows.map(({ text, count }) => [text, count]));
  console.log(`lost network: ${times} visits, ${kept.size} said to be kept, ${counts.size} stored`);
  const lost = [...kept].filter((text) => !counts.has(text));
  if (lost.length > 0) console.log(story.join('\n'));
  return [
    ...lost.map((text) => `${text} was kept and is not stored`),
    ...[...counts]
      .filter(([, count]) => count > 1)
      .map(([text, count]) => `${text} is stored ${count} times`),
  ];
}

/**
 * Every entry that a browser sends, with what was answered, for when one is lost.
 *
 * @param {import('@playwright/test').BrowserContext} context
 * @returns {string[]} grows as they are sent
 */
function whatWasSent(context) {
  /** @type {string[]} */
  const story = [];
  const isEntry = (/** @type {import('@playwright/test').Request} */ request) =>
    request.method() === 'POST' && /entries$/.test(request.url());
  const texts = (/** @type {import('@playwright/test').Request} */ request) =>
    [...(request.postData() ?? '').matchAll(/"text":"([^"]*)"/g)].map(([, text]) => text).join(', ');
  context.on('request', (request) => isEntry(request) && story.push(`sent: ${texts(request)}`));
  context.on('requestfailed', (request) => isEntry(request) && story.push(`no answer: ${texts(request)}`));
  context.on('response', async (response) => {
    if (!isEntry(response.request())) return;
    const body = await response.text().catch(() => '');
    story.push(`${response.status()}: ${texts(response.request())} ${body.slice(0, 200)}`);
  });
  return story;
}

/** Whether nothing waits on the device to be sent; asked in the browser. */
function nothingWaits() {
  return new Promise((answer) => {
    const open = indexedDB.open('grevik');
    open.onsuccess = () => {
      const count = open.result.transaction('unsent').objectStore('unsent').count();
      count.onsuccess = () => {
        open.result.close();
        answer(count.result === 0);
      };
    };
  });
}
