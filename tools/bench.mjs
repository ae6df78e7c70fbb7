// Speed as ratios against a named baseline in the same run.
import { build, installPackages } from './setup/installation.mjs';

await installPackages();
await build('core', 'server', 'web');
/** What is measured, in this order; all of it unless named. */
const PARTS = [
  'core',
  'outlook',
  'job',
  'api',
  'line',
  'walk',
  'slider',
  'opening',
  'loggers',
  'rounds',
  'budget',
  'station',
  'hammer',
  'orders',
  'start',
];
const wanted = process.argv.slice(2);
for (const part of PARTS) {
  if (wanted.length === 0 || wanted.includes(part)) await import(`./bench/${part}.mjs`);
}
