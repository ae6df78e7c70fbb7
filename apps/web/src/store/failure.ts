import type { ErrorBody } from '@grevik/contracts';
import { words } from '../words';

/** What the server said of a request that failed; nothing where it did not answer. */
export function refusalOf(error: unknown): ErrorBody['error'] | undefined {
  return (error as { data?: Partial<ErrorBody> } | undefined)?.data?.error;
}

/** What to tell a person when a request failed: the server's own words, or that it does not answer. */
export function failureText(error: unknown): string {
  return refusalOf(error)?.message ?? words('app.noAnswer');
}
