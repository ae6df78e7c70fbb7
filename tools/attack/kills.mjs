// The server killed hard while people write: what was acknowledged is there, once, and nothing else is there twice.
import { setTimeout as pause } from 'node:timers/promises';
import { compareStored, startWriters } from './acknowledged-writes.mjs';

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function kills(server, isLarge) {
  const { acknowledged, unanswered, stop } = await startWriters(server.address);
  const times = isLarge ? 70 : 4;
  for (let kill = 0; kill < times; kill += 1) {
    await pause(200 + Math.random() * 800);
    await server.kill('SIGKILL');
    await server.start();
  }
  await stop();
  const { lost, doubled, unknown } = await compareStored(server.databaseUrl, acknowledged);
  const found = `${lost} lost, ${doubled} doubled, ${unknown} stored that nobody was told of`;
  console.log(`${times} kills, ${acknowledged.size} writes acknowledged: ${found}`);
  if (unanswered() === 0) return ['no kill came while somebody wrote'];
  return lost + doubled + unknown > 0 ? [found] : [];
}
