import dayjs from 'dayjs';
import relativeTime from 'dayjs/plugin/relativeTime';

dayjs.extend(relativeTime);

/**
 * When something was: "5 minutes ago" on the same day, "14 May 2018" before.
 *
 * @example
 * whenWords('2018-05-14T08:10:00Z') // '14 May 2018'
 */
export function whenWords(at: string, now = new Date()): string {
  const time = dayjs(at);
  return time.isSame(now, 'day') ? time.from(now) : dateWords(at);
}

/** A date as it stands on paper: "14 May 2018". */
export function dateWords(at: string): string {
  return dayjs(at).format('D MMM YYYY');
}

/** A time of day as one says it: "14:05". */
export function timeWords(at: string): string {
  return dayjs(at).format('H:mm');
}
