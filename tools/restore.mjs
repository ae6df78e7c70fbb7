// Puts a backup in the place of what is there: all of it, or nothing. Grevik must be stopped.
import { spawn } from 'node:child_process';
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
    const { code, output } = await inOneTransaction({
      from: [tool, ['--verbose', '--no-owner', '--file=-', file]],
      into: [join(bin, 'psql'), ['-X', '-q', '-v', 'ON_ERROR_STOP=1', '-f', '-', address]],
      env,
      took: tableProgress(await tablesIn(tool, file), onTerminal('Restoring')),
    });
    clearTerminal();
    if (code !== 0)
      throw new PlainFailure(`The backup could not be restored, and nothing was changed: ${tail(output, 2)}`);
  });
  console.log(`Restored from ${file}. Start Grevik again: it brings an older backup up to date by itself.`);
});

/**
 * Empties the database and fills it with what a program writes as SQL: all of it, or nothing.
 * @param {{ from: [string, string[]], into: [string, string[]], env: NodeJS.ProcessEnv, took: (printed: string) => void }} way
 * @returns {Promise<{ code: number, output: string }>}
 */
function inOneTransaction({ from, into, env, took }) {
  return new Promise((resolve) => {
    const reading = spawn(...from, { stdio: ['ignore', 'pipe', 'pipe'] });
    const writing = spawn(...into, { env, stdio: ['pipe', 'ignore', 'pipe'] });
    let output = '';
    reading.stderr.on('data', (/** @type {Buffer} */ printed) => took(printed.toString()));
    writing.stderr.on('data', (/** @type {Buffer} */ printed) => (output += printed.toString()));
    // Where the database refused something, nothing more is taken.
    writing.stdin.on('error', () => reading.kill());
    writing.stdin.write('BEGIN;\nDROP SCHEMA public CASCADE;\nCREATE SCHEMA public;\n');
    reading.stdout.pipe(writing.stdin, { end: false });
    reading.on('close', (code) => writing.stdin.end(code === 0 ? 'COMMIT;\n' : 'ROLLBACK;\n'));
    writing.on('error', (error) => resolve({ code: 127, output: error.message }));
    writing.on('close', (code) => {
      const isWhole = code === 0 && reading.exitCode === 0;
      resolve({ code: isWhole ? 0 : 1, output });
    });
  });
}

/** The tables of a backup, each as much as another: it does not say how large they are. @param {string} tool @param {string} file */
async function tablesIn(tool, file) {
  const { output } = await run(tool, ['--list', file]);
  const names = [...output.matchAll(/ TABLE DATA public (\w+) /g)].map(([, name]) => name ?? '');
  return new Map(names.map((name) => [name, 1]));
}
