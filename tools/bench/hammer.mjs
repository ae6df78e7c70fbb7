// The hammer: its loop against the same in C, and one case as it is dragged against a frame.
import { benchValve, hammerCase, hammerFilm, transient, valuesOf } from '@grevik/core';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { median, middle, report } from './measure.mjs';

const REACHES = 2000;
const STEPS = 200_000;
const FRAME_MS = 1000 / 60;
const PIPE = {
  lengthM: 1000,
  diameterM: 0.1,
  frictionFactor: 0.02,
  waveSpeedMs: 1200,
  sourceHeadM: 50,
  initialFlowM3s: 0.01,
  reaches: REACHES,
  vapourHeadM: -10,
};
/** @param {number} timeS */
const evenly = (timeS) => Math.max(0, 1 - timeS);
const lastS = (STEPS * PIPE.lengthM) / REACHES / PIPE.waveSpeedMs;

const folder = mkdtempSync(join(tmpdir(), 'grevik-bench-'));
try {
  const program = join(folder, 'hammer');
  const source = fileURLToPath(new URL('hammer.c', import.meta.url));
  execFileSync('cc', ['-O3', '-march=native', '-o', program, source, '-lm']);
  /** @type {number[]} */
  const inC = [];
  /** @type {number[]} */
  const ours = [];
  for (let round = 0; round < 5; round += 1) {
    const [ms = 0, peakM = 0] = execFileSync(program, [String(REACHES), String(STEPS)])
      .toString()
      .split(' ')
      .map(Number);
    inC.push(ms);
    const from = performance.now();
    const { highestM } = transient(PIPE, evenly, lastS);
    ours.push(performance.now() - from);
    if (Math.abs((highestM[REACHES] ?? 0) / peakM - 1) > 1e-9) throw new Error('the two do not agree');
  }
  report(
    `a hammer of ${REACHES} reaches and ${STEPS} steps`,
    middle(ours),
    'the same loop in C, -O3 with vectors',
    middle(inC),
  );
} catch (error) {
  if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'ENOENT') throw error;
  console.log('the hammer’s loop in C: needs a C compiler as "cc" (apt-get install gcc libc6-dev)');
} finally {
  rmSync(folder, { recursive: true });
}

const dragged = { ...PIPE, reaches: 50 };
report(
  'a dragged hammer of 50 reaches, followed for ten seconds',
  await median(() => transient(dragged, evenly, 10)),
  'a frame',
  FRAME_MS,
);

const duty = /** @type {import('@grevik/core').Duty} */ ({
  function: 'isolate',
  medium: 'potable-cold',
  dn: 25,
  pressurePa: 5e5,
  temperatureC: 10,
  flowM3s: 9e-4,
  pipe: { material: 'copper', lengthUpstreamM: 17 },
});
const of = valuesOf(hammerCase(duty, benchValve(duty, 'ball')));
report(
  'the same as the bench asks it while it is dragged, with its film',
  await median(() => hammerFilm(of)),
  'a frame',
  FRAME_MS,
);
