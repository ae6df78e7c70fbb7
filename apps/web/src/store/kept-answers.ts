import { device } from './device-database';

/** Answers kept at most: those of the last few lines. */
const MOST = 40;

/** Keeps what the server answered, for the person who asked. */
export async function keepAnswer(path: string, body: unknown, ownerId: string): Promise<void> {
  await device.answers.put({ path, ownerId, body, keptAt: new Date().toISOString() });
  const over = (await device.answers.count()) - MOST;
  if (over > 0)
    await device.answers.bulkDelete(await device.answers.orderBy('keptAt').limit(over).primaryKeys());
}

/** What the server answered last; undefined where it is not kept. */
export async function keptAnswer(path: string): Promise<unknown> {
  return (await device.answers.get(path))?.body;
}
