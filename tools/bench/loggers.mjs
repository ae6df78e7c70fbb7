// Readings: twenty loggers at one sample a second beside the health of the server, and a long reading drawn in the browser.
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { launchBrowser } from '../setup/launch-browser.mjs';
import { middle, report } from './measure.mjs';
import { withApp } from './running-app.mjs';

const LOGGERS = 20;
const SECONDS = 20;
const SAMPLES = 200_000;
const GIVEN = { kind: 'air', testPressurePa: 345_000, holdS: SAMPLES - 1, gaugeResolutionPa: 70 };

await withApp(async ({ address }) => {
  const browser = await launchBrowser();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const { request } = page;
  await request.post(`${address}/api/session/demo`, { data: { role: 'owner' } });
  const [job] = await (await request.get(`${address}/api/jobs`)).json();
  const line = async () => {
    const made = await request.post(`${address}/api/jobs/${job.id}/lines`, {
      data: { name: `Line ${randomUUID().slice(0, 8)}`, medium: 'potable-cold' },
    });
    return (await made.json()).id;
  };
  /** @param {string} lineId @param {object} more */
  const begin = async (lineId, more) => {
    const reading = { id: randomUUID(), given: GIVEN, ...more };
    const begun = await request.post(`${address}/api/lines/${lineId}/start-up/readings`, { data: reading });
    if (begun.status() !== 201) throw new Error(`no reading began: ${await begun.text()}`);
    return reading.id;
  };

  const health = async () => {
    const from = performance.now();
    await (await fetch(`${address}/api/health`)).arrayBuffer();
    return performance.now() - from;
  };
  /** @param {number} seconds */
  const healthFor = async (seconds) => {
    const times = [];
    for (const until = performance.now() + seconds * 1000; performance.now() < until;) {
      times.push(await health());
      await new Promise((later) => setTimeout(later, 20));
    }
    return times.sort((a, b) => a - b);
  };
  await healthFor(2);
  const idle = middle(await healthFor(5));

  /** @type {string[]} */
  const keys = [];
  for (let at = 0; at < LOGGERS; at += 1) {
    const added = await request.post(`${address}/api/devices`, { data: { name: `L${at}`, kind: 'logger' } });
    const { id, key } = await added.json();
    await begin(await line(), { source: 'device', deviceId: id });
    keys.push(key);
  }
  /** @type {Map<number, number>} */
  const answers = new Map();
  // Loggers know nothing of one another: each reports at its own moment of the second.
  const timers = keys.map((key, at) => {
    const send = () => {
      const sentAt = new Date().toISOString();
      void fetch(`${address}/api/devices/samples`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', authorization: `Bearer ${key}` },
        body: JSON.stringify({ sentAt, samples: [{ at: sentAt, pressurePa: 345_000, temperatureC: 15 }] }),
      }).then(({ status }) => answers.set(status, (answers.get(status) ?? 0) + 1));
    };
    return setTimeout(() => timers.push(setInterval(send, 1000)), (at * 1000) / LOGGERS);
  });
  const busy = await healthFor(SECONDS);
  timers.forEach(clearInterval);
  report(`health beside ${LOGGERS} loggers at one report a second`, middle(busy), 'health alone', idle);
  report('  99 of 100 of them', busy[Math.floor(busy.length * 0.99)] ?? 0, 'health alone', idle);
  report('  the longest of them', busy.at(-1) ?? 0, 'health alone', idle);
  console.log(`  answers: ${[...answers].map(([status, count]) => `${count} × ${status}`).join(', ')}`);

  // A line with positions: an empty one has no step to open.
  const [{ id: long }] = (await (await request.get(`${address}/api/jobs/${job.id}`)).json()).lines;
  const id = await begin(long, { source: 'imported' });
  const timeS = Array.from({ length: SAMPLES }, (_, at) => at);
  const samples = {
    timeS,
    pressurePa: timeS.map((time) => 345_000 + 70 * Math.sin(time) - (time === 70_000 ? 50_000 : 0)),
    temperatureC: timeS.map(() => 15),
  };
  const added = await request.post(`${address}/api/readings/${id}/samples`, { data: samples });
  if (!added.ok()) throw new Error(await added.text());
  await page.goto(`${address}/jobs/${job.id}/lines/${long}/start-up?step=hold`);
  await page.locator('.recharts-line-curve').first().waitFor({ timeout: 60_000 });
  await page.waitForTimeout(2000);
  /** From the press on a step until what is asked for stands on the screen. @param {string} step @param {string} awaited */
  const opened = (step, awaited) =>
    page.evaluate(
      async ([name, selector]) => {
        const buttons = [...document.querySelectorAll('ol button')];
        const button = buttons.find((of) => of.querySelector('b')?.textContent === name);
        const from = performance.now();
        /** @type {HTMLElement} */ (button).click();
        while (!document.querySelector(selector ?? ''))
          await new Promise((next) => requestAnimationFrame(next));
        await new Promise((next) => requestAnimationFrame(next));
        return performance.now() - from;
      },
      [step, awaited],
    );
  /** @type {number[]} */
  const others = [];
  /** @type {number[]} */
  const drawn = [];
  for (let round = 0; round < 9; round += 1) {
    others.push(await opened('Inspect', 'section:not(:has(.recharts-line-curve)) h2'));
    await page.waitForTimeout(300);
    drawn.push(await opened('Hold', '.recharts-line-curve'));
    await page.waitForTimeout(300);
  }
  report(
    `a hold of ${SAMPLES} samples judged and drawn`,
    middle(drawn),
    'opening another step',
    middle(others),
  );
  await browser.close();
});
