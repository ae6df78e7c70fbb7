// Writes everything that was entered into one file, with PostgreSQL's own tool. Grevik may run meanwhile.
import { closeSync, existsSync, openSync, renameSync, rmSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { apartFromPassword, tableSizes, withDatabase } from './setup/database-tools.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { run, tail } from './setup/run.mjs';
import { clearTerminal, onTerminal, tableProgress } from './setup/table-progress.mjs';

/** Who is signed in, secrets that open a door, and what was tried: none of it is anybody's data. */
const LEFT_OUT = ['sessions', 'installation', 'attempts', 'presences', 'password_links', 'second_factors'];

await endingPlainly(async () => {
  const stamp = new Date().toISOString().slice(0, 16).replace(/[-:]/g, '').replace('T', '-');
  const file = resolve(process.env.INIT_CWD ?? '.', process.argv[2] ?? `grevik-${stamp}.backup`);
  if (existsSync(file)) throw new PlainFailure(`${file} is there already: give another name.`);
  await withDatabase(async ({ bin, url }) => {
    // A name of its own until it is whole.
    const part = `${file}.part`;
    // For its owner alone from its first byte on.
    closeSync(openSync(part, 'wx', 0o600));
    const { address, env } = apartFromPassword(url);
    const { code, output } = await run(
      join(bin, 'pg_dump'),
      [
        '--format=custom',
        '--verbose',
        `--file=${part}`,
        ...LEFT_OUT.map((table) => `--exclude-table-data=${table}`),
        // The queue’s own tables: what waits is sent to it again from the tasks.
        '--exclude-schema=pgboss',
        address,
      ],
      { env, took: tableProgress(await tableSizes(url), onTerminal('Backing up')) },
    );
    clearTerminal();
    if (code !== 0) {
      rmSync(part, { force: true });
      throw new PlainFailure(`The backup could not be written: ${tail(output, 2)}`);
    }
    renameSync(part, file);
  });
  console.log(`Kept in ${file} (${Math.ceil(statSync(file).size / 1024)} kB).`);
});
