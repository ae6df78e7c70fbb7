import { spawn } from 'node:child_process';

/**
 * Runs a program to its end, with its output shown on stderr or kept.
 * @param {string} program
 * @param {readonly string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv, show?: boolean, took?: (printed: string) => void }} [options] `took` gets what is printed as it comes
 * @returns {Promise<{ code: number, output: string }>} code 127 where the program is not there
 */
export function run(program, args, { cwd, env, show = false, took } = {}) {
  return new Promise((resolve) => {
    const child = spawn(program, args, { cwd, env, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (/** @type {Buffer} */ chunk) => {
        output += chunk.toString();
        took?.(chunk.toString());
        if (show) process.stderr.write(chunk);
      });
    }
    child.on('error', (error) => resolve({ code: 127, output: error.message }));
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** The last lines of an output, for a message. @param {string} output @param {number} [count] */
export function tail(output, count = 8) {
  return output.trim().split('\n').slice(-count).join('\n');
}
