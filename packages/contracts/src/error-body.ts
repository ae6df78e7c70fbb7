/** Why a request was refused, in words a person can act on. */
export const ERROR_CODES = [
  'invalid-input',
  'signed-out',
  'not-allowed',
  'not-found',
  'stale',
  'conflict',
  'ruled-out',
  'too-large',
  'too-many',
  'over-budget',
  'unavailable',
  'fault',
] as const;
export type ErrorCode = (typeof ERROR_CODES)[number];

/** The one shape of every refusal. */
export interface ErrorBody {
  error: {
    code: ErrorCode;
    message: string;
    /** The field at fault, as the request names it. */
    field?: string;
    /** For `stale`: the position as it is now, beside what was sent. */
    current?: unknown;
    sent?: unknown;
    /** For a fault: what to quote when asking for help. */
    reference?: string;
  };
}
