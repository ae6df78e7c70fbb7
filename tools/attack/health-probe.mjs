import { spawn } from 'node:child_process';

/** Asks for health every 20 ms, in a process of its own so that the attacker's work does not count. */
const ASKING = `
  const { Agent, get } = require('node:http');
  const agent = new Agent({ keepAlive: true, maxSockets: 1 });
  const waits = [];
  let going = true;
  const ask = () => {
    if (!going) return process.send(waits, () => process.exit(0));
    const from = performance.now();
    get(process.argv[1] + '/api/health', { agent }, (answer) => {
      answer.resume();
      answer.on('end', () => { waits.push(performance.now() - from); setTimeout(ask, 20); });
    }).on('error', () => { waits.push(1e9); setTimeout(ask, 20); });
  };
  process.on('message', () => { going = false; });
  ask();
`;

/**
 * Measures how long health waits while something else is done.
 * @template T @param {string} address @param {() => Promise<T>} work
 * @returns {Promise<{ result: T, worstMs: number, asked: number }>}
 */
export async function whileAsking(address, work) {
  const probe = spawn(process.execPath, ['-e', ASKING, address], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  await new Promise((resolve) => setTimeout(resolve, 400));
  const result = await work();
  const answered = new Promise((resolve) => probe.once('message', resolve));
  probe.send('stop');
  // The first ones open the connection.
  const waits = /** @type {number[]} */ (await answered).slice(3);
  return { result, worstMs: Math.max(0, ...waits), asked: waits.length };
}
