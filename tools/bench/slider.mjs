// Script time of each frame while the handle moves all cutaways, against a key that does nothing.
import { launchBrowser } from '../setup/launch-browser.mjs';
import { middle } from './measure.mjs';
import { openDemoLine, withApp } from './running-app.mjs';

const STEPS = 60;

await withApp(async ({ address }) => {
  const browser = await launchBrowser();
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.addInitScript("localStorage.setItem('grevik.line-up', '\"models\"')");
  await page.goto(await openDemoLine(page, address));
  await page.getByRole('img', { name: /^At half open/ }).waitFor();
  const cutaways = await page.locator('thead').getByRole('img').count();
  const devtools = await context.newCDPSession(page);
  await devtools.send('Performance.enable');
  const scriptMs = async () => {
    const { metrics } = await devtools.send('Performance.getMetrics');
    return 1000 * (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0);
  };
  /** @param {string} key */
  const frames = async (key) => {
    /** @type {number[]} */
    const times = [];
    for (let step = 0; step < STEPS; step += 1) {
      const before = await scriptMs();
      await page.keyboard.press(key);
      await page.evaluate(
        'new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))',
      );
      times.push((await scriptMs()) - before);
    }
    return times;
  };
  await page.getByRole('slider', { name: 'Handle' }).focus();
  await frames('ArrowLeft');
  const moved = await frames('ArrowRight');
  const idle = middle(await frames('Shift'));
  const most = Math.max(...moved);
  console.log(
    `a step of the handle over ${cutaways} cutaways: ${middle(moved).toFixed(2)} ms of script median, ${most.toFixed(2)} ms at most, ${(middle(moved) / idle).toFixed(1)} x a key that does nothing (${idle.toFixed(2)} ms)`,
  );
  await browser.close();
});
