import { Worker } from 'node:worker_threads';

/** Asks for health every 20 ms, in a thread of its own so that the attacker's work does not count. */
const ASKING = `
  const { parentPort, workerData } = require('node:worker_threads');
  const { Agent, get } = require('node:http');
  const agent = new Agent({ keepAlive: true, maxSockets: 2 });
  const waits = [];
  let going = true;
  const ask = () => {
    if (!going) return parentPort.postMessage(waits);
    const from = performance.now();
    get(workerData + '/api/health', { agent }, (answer) => {
      answer.resume();
      answer.on('end', () => { waits.push(performance.now() - from); setTimeout(ask, 20); });
    }).on('error', () => { waits.push(Infinity); setTimeout(ask, 20); });
  };
  parentPort.on('message', () => { going = false; });
  ask();
`;

/**
 * Measures how long health waits while something else is done.
 * @template T @param {string} address @param {() => Promise<T>} work
 * @returns {Promise<{ result: T, worstMs: number, asked: number }>}
 */
export async function whileAsking(address, work) {
  const probe = new Worker(ASKING, { eval: true, workerData: address });
  await new Promise((resolve) => setTimeout(resolve, 300));
  const result = await work();
  const answered = new Promise((resolve) => probe.once('message', resolve));
  probe.postMessage('stop');
  const waits = /** @type {number[]} */ (await answered);
  await probe.terminate();
  // The first opens the connection.
  const counted = waits.slice(2);
  return { result, worstMs: Math.max(...counted), asked: counted.length };
}
