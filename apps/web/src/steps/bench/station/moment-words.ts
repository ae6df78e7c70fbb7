import dayjs from 'dayjs';
import { words } from '../../../words';

const DAY_S = 86_400;
/** Times before are no calendar’s: a log that counts seconds. */
const CALENDAR_S = 1e8;

/** A moment of a log: by the calendar where it has one, else by its day and time. */
export function momentWords(timeS: number, fromS: number): string {
  if (fromS > CALENDAR_S) return dayjs(timeS * 1000).format('D MMM H:mm');
  const since = timeS - fromS;
  const hours = Math.floor((since % DAY_S) / 3600);
  const minutes = Math.floor((since % 3600) / 60);
  return words('station.moment', {
    day: Math.floor(since / DAY_S) + 1,
    time: `${hours}:${String(minutes).padStart(2, '0')}`,
  });
}
