import type { ErrorBody } from '@grevik/contracts';
import { translated, words } from '../words';

/** What the server said of a request that failed; nothing where it did not answer. */
export function refusalOf(error: unknown): ErrorBody['error'] | undefined {
  return (error as { data?: Partial<ErrorBody> } | undefined)?.data?.error;
}

const KEPT = 'kept';

/** Of a write that found no server and waits on this device. */
export const kept = () => ({
  status: 'CUSTOM_ERROR' as const,
  error: KEPT,
  data: { error: { code: 'unavailable', message: words('unsent.kept') } } satisfies ErrorBody,
});

/** Whether a request that failed waits on this device, to be sent later. */
export const isKept = (error: unknown): boolean => (error as { error?: unknown } | undefined)?.error === KEPT;

interface Asked {
  isError: boolean;
  error?: unknown;
  data?: unknown;
}

/** Whether a screen cannot go on: the server refused, or did not answer and nothing is here from before. */
export const isStopped = ({ isError, error, data }: Asked): boolean =>
  isError && (data === undefined || refusalOf(error) !== undefined);

/** What to tell a person when a request failed: the server's own words, or that it does not answer. */
export function failureText(error: unknown): string {
  const message = refusalOf(error)?.message;
  return message === undefined ? words('app.noAnswer') : translated(message);
}
