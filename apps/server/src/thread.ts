import 'reflect-metadata';
import { InvalidInput } from '@grevik/core';
import { move } from 'piscina';
import { Refusal } from './ground/errors/refusal.js';
import { stepBack } from './ground/threads/step-back.js';
import type { Answered, Ordered } from './ground/threads/task.js';
import { TASKS } from './tasks.js';

stepBack();

/** Runs one task. The only code of a worker thread. */
export default async function run({ task, given }: Ordered): Promise<Answered> {
  try {
    const work = (await TASKS[task]()) as (given: unknown) => Promise<unknown>;
    const value = await work(given);
    // Bytes are handed over as they are, and not copied.
    return value instanceof Uint8Array ? (move(value) as unknown as Uint8Array) : { value };
  } catch (error) {
    if (error instanceof InvalidInput)
      return {
        refused: { status: 400, error: { code: error.code, field: error.field, message: error.message } },
      };
    if (error instanceof Refusal) return { refused: { status: error.status, error: error.error } };
    throw error;
  }
}
