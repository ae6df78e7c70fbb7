// Puts a backup in the place of what is there: all of it, or nothing. Grevik must be stopped.
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { dataFolder, refuseRunning } from './setup/data-folder.mjs';
import { apartFromPassword, withDatabase } from './setup/database-tools.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { run, tail } from './setup/run.mjs';
import { clearTerminal, onTerminal, tableProgress } from './setup/table-progress.mjs';

await endingPlainly(async () => {
  const [name, agreed] = process.argv.slice(2);
  if (name === undefined || agreed !== '--replace')
    throw new PlainFailure(
      'Use: npm run restore -- FILE --replace. What is there now is replaced: make a backup of it first.',
    );
  const file = resolve(process.env.INIT_CWD ?? '.', name);
  if (!existsSync(file)) throw new PlainFailure(`${file} is not there.`);
  if (!process.env.DATABASE_URL) refuseRunning(dataFolder());
  await withDatabase(async ({ bin, url }) => {
    const tool = join(bin, 'pg_restore');
    // Read to its end first: a file that is cut or not a backup changes nothing.
    const { code: unreadable } = await run(tool, ['--file=/dev/null', file]);
    if (unreadable !== 0)
      throw new PlainFailure(`${file} is not a whole backup of Grevik. Nothing was changed.`);
    const { address, env } = apartFromPassword(url);
    const { code, output } = await run(
      tool,
      [
        '--verbose',
        '--clean',
        '--if-exists',
        '--single-transaction',
        '--exit-on-error',
        '--no-owner',
        `--dbname=${address}`,
        file,
      ],
      { env, took: tableProgress(await tablesIn(tool, file), onTerminal('Restoring')) },
    );
    clearTerminal();
    if (code !== 0)
      throw new PlainFailure(`The backup could not be restored, and nothing was changed: ${tail(output, 2)}`);
  });
  console.log(`Restored from ${file}. Start Grevik again: it brings an older backup up to date by itself.`);
});

/** The tables of a backup, each as much as another: it does not say how large they are. @param {string} tool @param {string} file */
async function tablesIn(tool, file) {
  const { output } = await run(tool, ['--list', file]);
  const names = [...output.matchAll(/ TABLE DATA public (\w+) /g)].map(([, name]) => name ?? '');
  return new Map(names.map((name) => [name, 1]));
}
