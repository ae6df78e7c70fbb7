// Writes everything that was entered into one file, with PostgreSQL's own tool. Grevik may run meanwhile.
import { existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { withDatabase } from './setup/database-tools.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { run, tail } from './setup/run.mjs';

await endingPlainly(async () => {
  const stamp = new Date().toISOString().slice(0, 16).replace(/[-:]/g, '').replace('T', '-');
  const file = resolve(process.env.INIT_CWD ?? '.', process.argv[2] ?? `grevik-${stamp}.backup`);
  if (existsSync(file)) throw new PlainFailure(`${file} is there already: give another name.`);
  await withDatabase(async ({ bin, url }) => {
    // A name of its own until it is whole.
    const part = `${file}.part`;
    const { code, output } = await run(join(bin, 'pg_dump'), ['--format=custom', `--file=${part}`, url]);
    if (code !== 0) {
      rmSync(part, { force: true });
      throw new PlainFailure(`The backup could not be written: ${tail(output, 2)}`);
    }
    renameSync(part, file);
  });
  console.log(`Kept in ${file} (${Math.ceil(statSync(file).size / 1024)} kB).`);
});
