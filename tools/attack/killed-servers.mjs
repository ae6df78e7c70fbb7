// Runs browser tests against three server processes of which one is killed hard every ten seconds.
// node tools/attack/killed-servers.mjs [--every 10] [SPEC ...]
import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../setup/installation.mjs';
import { run } from '../setup/run.mjs';

const PORT = '4393';
const SERVERS = 3;
/** Files that start or break servers of their own. */
const OWN_SERVERS = ['start.spec.ts', 'faults.spec.ts'];

/** A page whose server was killed asks another one, as it must. */
const ASKS_NOTHING = 'nothing is asked of the server while nothing happens';

const args = process.argv.slice(2);
const at = args.indexOf('--every');
const everyS = at < 0 ? 10 : Number(args.splice(at, 2)[1]);
const specs =
  args.length > 0
    ? args
    : readdirSync(join(ROOT, 'e2e')).filter(
        (name) => name.endsWith('.spec.ts') && !OWN_SERVERS.includes(name),
      );

/** A server that runs for so long listens. */
const UP_AFTER_MS = 6_000;

/** The server processes of this run that listen, the longest running first. */
const servers = () =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => {
      try {
        const isServer = readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('apps/server/dist/main.js');
        const isUp = Date.now() - statSync(`/proc/${pid}`).ctimeMs > UP_AFTER_MS;
        const env = readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0');
        return isServer && isUp && env.includes(`PORT=${PORT}`);
      } catch {
        return false;
      }
    })
    .sort((a, b) => a - b);

let kills = 0;
const killing = setInterval(() => {
  const running = servers();
  // Two stay, also while one that was killed is being started again.
  const [oldest] = running;
  if (running.length < SERVERS || oldest === undefined) return;
  process.kill(oldest, 'SIGKILL');
  kills += 1;
}, everyS * 1000);
const { code, output } = await run(
  join(ROOT, 'node_modules/.bin/playwright'),
  ['test', '--grep-invert', ASKS_NOTHING, ...specs.map((name) => `e2e/${name.replace(/^e2e\//, '')}`)],
  {
    cwd: ROOT,
    env: {
      ...process.env,
      GREVIK_E2E_PORT: PORT,
      GREVIK_E2E_SERVERS: String(SERVERS),
      GREVIK_E2E_WORKERS: '1',
    },
  },
);
clearInterval(killing);
const lines = output.split('\n');
console.log(output.slice(output.indexOf('  1) ')).slice(0, 40_000));
console.log(
  `${lines.filter((line) => line.includes('✓')).length} passed, ${lines.filter((line) => line.includes('✘')).length} failed, ${kills} servers killed`,
);
process.exitCode = code ?? 1;
