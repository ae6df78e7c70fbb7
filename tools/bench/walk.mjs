// Dividing a grid of 100,000 links, and opening a job of 5,000 positions.
import * as core from '@grevik/core';
import { median, middle, report } from './measure.mjs';

const SIDE = 224;
const POSITIONS = 5_000;
const FRAME_MS = 1_000 / 60;

/** A town of streets and lanes with a valve in two of three pipes. */
function grid() {
  /** @type {import('@grevik/core').NetworkNode[]} */
  const nodes = [];
  /** @type {import('@grevik/core').NetworkLink[]} */
  const links = [];
  for (let north = 0; north < SIDE; north += 1) {
    for (let east = 0; east < SIDE; east += 1) {
      const at = north * SIDE + east;
      nodes.push({ id: `n${at}`, kind: at === 0 ? 'source' : at % 3 === 0 ? 'user' : 'junction' });
      if (east + 1 < SIDE) links.push(pipe(`e${at}`, at, at + 1, (east + north * 3) % 4 !== 0));
      if (north + 1 < SIDE) links.push(pipe(`s${at}`, at, at + SIDE, (east * 2 + north) % 3 !== 0));
    }
  }
  return { nodes, links };
}

/** @param {string} id @param {number} from @param {number} to @param {boolean} isValve @returns {import('@grevik/core').NetworkLink} */
const pipe = (id, from, to, isValve) => ({
  id,
  from: `n${from}`,
  to: `n${to}`,
  ...(isValve ? { kind: 'valve' } : { kind: 'pipe', lengthM: 80, diameterM: 0.15 }),
});

const network = grid();
// First, so that nothing but the lists and its own work is in memory.
const divided = await median(() => core.segments(network), 15);
console.log(
  `memory after dividing ${network.links.length} links: ${Math.round(process.memoryUsage().rss / 1e6)} MB resident`,
);
const { default: graphology } = await import('graphology');
const { default: components } = await import('graphology-components');
/** The same network in the library’s own form; its routine then finds what hangs together. */
const inLibrary = () => {
  const graph = new graphology.MultiUndirectedGraph();
  for (const { id } of network.nodes) graph.addNode(id);
  for (const { id, from, to } of network.links) graph.addEdgeWithKey(id, from, to);
  return graph;
};
const whole = await median(() => components.connectedComponents(inLibrary()), 5);
report(
  `segments of ${network.links.length} links`,
  divided,
  'connected components from the same lists',
  whole,
);
const graph = inLibrary();
const alone = await median(() => components.connectedComponents(graph), 15);
report('the same', divided, 'connected components of a graph that is built already', alone);

const { withApp } = await import('./running-app.mjs');
const { launchBrowser } = await import('../setup/launch-browser.mjs');
await withApp(async ({ address }) => {
  const door = await fetch(`${address}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{"role":"owner"}',
  });
  const cookie = door.headers.get('set-cookie')?.split(';')[0] ?? '';
  const headers = { cookie, 'content-type': 'application/json' };
  const positions = Array.from({ length: POSITIONS }, (_, at) => ({
    tag: `P-${at}`,
    remarks: `place ${at}`,
    duty: { function: 'isolate', dn: 20, pressurePa: 5e5, temperatureC: 10, pipe: { material: 'copper' } },
    entries: [],
    photos: [],
  }));
  const walk = [
    { id: 's', kind: 'source', depth: 0 },
    ...positions.flatMap(({ tag }, at) => [
      { id: `r${at}`, kind: 'run', depth: 0, material: 'copper', dn: 20, lengthM: 3 },
      { id: `v${at}`, kind: 'valve', depth: 0, tag },
    ]),
  ];
  const lines = [{ name: 'Long line', medium: 'potable-cold', walked: true, walk, positions }];
  const archive = { format: 'grevik-job', version: 1, job: 'Five thousand', models: [], lines };
  const taken = await fetch(`${address}/api/archive/jobs`, {
    method: 'POST',
    headers,
    body: JSON.stringify(archive),
  });
  const { jobId } = /** @type {{ jobId: string }} */ (await taken.json());
  const job = await (await fetch(`${address}/api/jobs/${jobId}`, { headers })).json();

  const browser = await launchBrowser();
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const [name = '', value = ''] = cookie.split('=');
  await context.addCookies([{ name, value, url: address }]);
  const page = await context.newPage();
  const walkAt = `${address}/jobs/${jobId}/lines/${job.lines[0].id}/walk`;
  const leave = () => page.goto('about:blank');
  const open = async () => {
    await page.goto(walkAt);
    await page.getByRole('treeitem').first().waitFor();
  };
  const empty = await median(
    async () => {
      await page.goto(`${address}/house-rules`);
      await page.getByRole('radio').first().waitFor();
    },
    9,
    leave,
  );
  report(
    `a job of ${POSITIONS} positions opens its walk`,
    await median(open, 9, leave),
    'a screen without a line',
    empty,
  );

  /** Frames of a list scrolled by eight rows each, ms, in their order of length. @param {string} list */
  const scroll = (list) =>
    page.evaluate(async (selector) => {
      const scrolled = document.querySelector(selector);
      /** @type {number[]} */
      const times = [];
      let last = performance.now();
      for (let frame = 0; frame < 240; frame += 1) {
        scrolled?.scrollBy(0, 240);
        await new Promise((next) => requestAnimationFrame(next));
        const now = performance.now();
        times.push(now - last);
        last = now;
      }
      return times.slice(5).sort((a, b) => a - b);
    }, list);
  /** @param {number[]} frames */
  const dropped = (frames) => frames.filter((ms) => ms > 1.5 * FRAME_MS).length;
  // What the screen still does after it opened is over.
  await page.waitForTimeout(6_000);
  const outline = await scroll('[role="tree"]');
  const rows = Array.from({ length: 2 * POSITIONS }, (_, at) => `<div style="height:28px">row ${at}</div>`);
  await page.setContent(`<div id="plain" style="height:500px;overflow:auto">${rows.join('')}</div>`);
  const plain = await scroll('#plain');
  report(
    'a frame of its outline scrolled',
    middle(outline),
    'one of a plain list of as many rows',
    middle(plain),
  );
  console.log(
    `dropped frames of ${outline.length}: ${dropped(outline)}, in the plain list ${dropped(plain)}`,
  );
  await browser.close();
});
