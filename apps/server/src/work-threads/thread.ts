import 'reflect-metadata';
import { InvalidInput } from '@grevik/core';
import type { ErrorBody } from '@grevik/contracts';
import { move } from 'piscina';
import { Refusal } from '../errors/refusal.js';
import { stepBack } from './step-back.js';
import { TASKS, type Tasks } from './tasks.js';

stepBack();

export interface Ordered {
  task: keyof Tasks;
  given: unknown;
}

/** What a thread answers: classes do not pass between threads, so that a refusal is told as what it says. */
export type Answered =
  Uint8Array | { value: unknown } | { refused: { status: number; error: ErrorBody['error'] } };

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
