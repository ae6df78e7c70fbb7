import { existsSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './setup/installation.mjs';

const DIST = join(__dirname, '../apps/web/dist');
const LARGEST_BYTES = 400 * 1024;

describe('the first load', () => {
  beforeAll(() => build('web'), 120_000);
  const page = (): string => readFileSync(join(DIST, 'index.html'), 'utf8');
  const scripts = (): string[] =>
    [...page().matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map(([, path]) => path ?? '');

  /** What is sent: the compressed file where there is one, as of all but the smallest. */
  const sentBytes = (path: string): number => {
    const file = join(DIST, path);
    return statSync(existsSync(`${file}.gz`) ? `${file}.gz` : file).size;
  };

  it('is under 400 kB of script as it is sent', () => {
    const bytes = scripts().reduce((sum, path) => sum + sentBytes(path), 0);
    expect(scripts().length).toBeGreaterThan(0);
    expect(bytes).toBeLessThan(LARGEST_BYTES);
  });

  it('leaves the charts for when they are first drawn, and nothing to fetch from elsewhere', () => {
    expect(scripts().some((path) => path.includes('Charts'))).toBe(false);
    expect(page()).not.toMatch(/https?:\/\//);
    expect(existsSync(join(DIST, 'sw.js'))).toBe(true);
  });
});
