import type { ErrorBody } from '@grevik/contracts';

/** What to tell a person when a request failed: the server's own words, or that it does not answer. */
export function failureText(error: unknown): string {
  const body = (error as { data?: Partial<ErrorBody> } | undefined)?.data;
  return (
    body?.error?.message ??
    'Grevik’s server does not answer. What you entered is still here: try again in a moment.'
  );
}
