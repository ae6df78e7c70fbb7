import type { ErrorBody } from '@grevik/contracts';

/** A request that was understood and is refused, with what the person needs to go on. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly error: ErrorBody['error'],
  ) {
    super(error.message);
  }
}
