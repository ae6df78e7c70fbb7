// Opening the line-up of the next position, and frames while its questions are worked out, against the same without looking ahead.
import { launchBrowser } from '../setup/launch-browser.mjs';
import { middle, report } from './measure.mjs';
import { openDemoLine, withApp } from './running-app.mjs';

const ROUNDS = 20;
const FRAMES = 60;

await withApp(async ({ address }) => {
  const browser = await launchBrowser();
  /** @param {boolean} isAhead */
  const measure = async (isAhead) => {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    if (!isAhead)
      await page.addInitScript(() => {
        window.Worker = /** @type {any} */ (
          class {
            addEventListener() {}
            removeEventListener() {}
            postMessage() {}
          }
        );
      });
    await page.goto(await openDemoLine(page, address));
    await page.getByRole('columnheader').first().waitFor();
    await page.waitForTimeout(2000);
    /** @type {number[]} */
    const opened = [];
    /** @type {number[]} */
    const frames = [];
    for (let round = 0; round < ROUNDS; round += 1) {
      const key = round % 2 === 0 ? 'ArrowRight' : 'ArrowLeft';
      opened.push(
        await page.evaluate(async (pressed) => {
          const from = performance.now();
          const title = document.querySelector('h1')?.textContent;
          document.body.dispatchEvent(new KeyboardEvent('keydown', { key: pressed, bubbles: true }));
          while (document.querySelector('h1')?.textContent === title)
            await new Promise((drawn) => requestAnimationFrame(drawn));
          await new Promise((drawn) => requestAnimationFrame(drawn));
          return performance.now() - from;
        }, key),
      );
      frames.push(
        ...(await page.evaluate(async (count) => {
          /** @type {number[]} */
          const times = [];
          let before = performance.now();
          for (let frame = 0; frame < count; frame += 1) {
            document.body.dispatchEvent(
              new KeyboardEvent('keydown', { key: frame % 2 === 0 ? '[' : ']', bubbles: true }),
            );
            const now = await new Promise((drawn) => requestAnimationFrame(drawn));
            times.push(now - before);
            before = now;
          }
          return times.slice(1);
        }, FRAMES)),
      );
    }
    await context.close();
    return { opened: middle(opened), frame: middle(frames) };
  };
  const without = await measure(false);
  const ahead = await measure(true);
  report('opening the next line-up', ahead.opened, 'the same without looking ahead', without.opened);
  report('a frame while the handle moves', ahead.frame, 'the same without looking ahead', without.frame);
  await browser.close();
});
