import type { ErrorBody } from '@grevik/contracts';

/** What can run in a thread of its own: the application names its tasks here, so that this floor knows none of them. */
// oxlint-disable-next-line typescript/no-empty-object-type
export interface Tasks {}

/** What a thread is told to do. */
export interface Ordered {
  task: keyof Tasks;
  given: unknown;
}

/** What a thread answers: classes do not pass between threads, so that a refusal is told as what it says. */
export type Answered =
  | Uint8Array
  | { value: unknown }
  | { refused: { status: number; error: ErrorBody['error'] } };
