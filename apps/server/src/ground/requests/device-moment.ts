import { InvalidInput } from '@grevik/core';

const DAY_MS = 24 * 3600 * 1000;

/**
 * A moment by the clock of the device that sends it.
 *
 * @param field   names it
 * @param sent    ISO
 * @param aheadMs how far that clock may be ahead of the server's; a day unless told
 * @throws InvalidInput where it is further ahead: nothing was done tomorrow
 *
 * @example
 * deviceMoment('happenedAt', '2026-11-20T08:30:00Z')
 */
export function deviceMoment(field: string, sent: string, aheadMs = DAY_MS): Date {
  const moment = new Date(sent);
  if (moment.getTime() > Date.now() + aheadMs)
    throw new InvalidInput(
      field,
      `${field} is ${sent}, which is in the future: check the clock of the device.`,
    );
  return moment;
}
