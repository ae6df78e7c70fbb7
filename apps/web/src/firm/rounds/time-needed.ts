import type { Words } from '../../words';

/** How long something takes: "2 h 10 min". */
export function timeNeeded(minutes: number, words: Words): string {
  const whole = Math.round(minutes);
  return whole < 60
    ? words('rounds.min', { minutes: whole })
    : words('rounds.hourMin', { hours: Math.floor(whole / 60), minutes: whole % 60 });
}
