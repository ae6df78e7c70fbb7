// A whole job judged anew in the browser: every position against every model of the catalogue.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { launchBrowser } from '../setup/launch-browser.mjs';
import { ROOT } from '../setup/installation.mjs';
import { report } from './measure.mjs';
import { withApp } from './running-app.mjs';

const CORE = 'http://core.bench/';

await withApp(async ({ address }) => {
  const door = await fetch(`${address}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{"role":"owner"}',
  });
  const headers = { cookie: door.headers.get('set-cookie')?.split(';')[0] ?? '' };
  /** @param {string} path */
  const ask = async (path) => (await fetch(`${address}/api/${path}`, { headers })).json();
  const [job] = await ask('jobs');
  const [{ lines }, models] = await Promise.all([ask(`jobs/${job.id}/walk`), ask('catalogue')]);
  const duties = lines.flatMap(
    (/** @type {{ medium: string, positions: { duty: object }[] }} */ { medium, positions }) =>
      positions.map(({ duty }) => ({ ...duty, medium })),
  );

  const browser = await launchBrowser();
  const page = await browser.newPage();
  // The core as it is built, served to the page file by file.
  await page.route(`${CORE}**`, (route) => {
    const { pathname } = new URL(route.request().url());
    if (pathname === '/') return route.fulfill({ contentType: 'text/html', body: '<!doctype html>' });
    return route.fulfill({
      contentType: 'text/javascript',
      body: readFileSync(join(ROOT, 'packages/core/dist', pathname)),
    });
  });
  await page.goto(CORE);
  const [judged, copied] = await page.evaluate(
    async ({ asked, held, from }) => {
      /** @type {typeof import('@grevik/core')} */
      const core = await import(`${from}index.js`);
      document.title = 'bench';
      /** @param {() => unknown} work */
      const middle = (work) => {
        /** @type {number[]} */
        const times = [];
        for (let round = 0; round < 40; round += 1) {
          const before = performance.now();
          work();
          if (round >= 10) times.push(performance.now() - before);
        }
        return times.sort((a, b) => a - b)[15] ?? 0;
      };
      // Duties are new objects each round, as they are after a change: nothing worked out before is found again.
      const fresh = () => asked.map((/** @type {object} */ duty) => ({ ...duty }));
      const settings = core.houseRuleSettings();
      return [
        middle(() => {
          core.lineUpEach(/** @type {import('@grevik/core').Duty[]} */ (fresh()), held, settings);
        }),
        middle(() =>
          fresh().map((/** @type {object} */ duty) =>
            held.map((/** @type {object} */ model) => ({ ...model, duty })),
          ),
        ),
      ];
    },
    { asked: duties, held: models, from: CORE },
  );
  report(
    `${duties.length} positions (${new Set(duties.map((/** @type {object} */ duty) => JSON.stringify(duty))).size} different duties) against ${models.length} models in the browser`,
    judged ?? 0,
    'copying each model for each position',
    copied ?? 0,
  );
  await browser.close();
});
