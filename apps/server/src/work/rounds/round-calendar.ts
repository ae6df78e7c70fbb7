import { TASK_WORDS } from '@grevik/core';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { LocatedPosition } from '../due/kept-positions.js';
import type { Round } from './round.model.js';
import { daysOf } from './planned-visit.js';

/** A day of a round begins at this hour, wherever one is. */
const STARTS_AT_H = 8;

/** A round with its positions, to be written into a calendar. */
export interface RoundInCalendar {
  round: Pick<Round, 'id' | 'name' | 'stops' | 'startsOn' | 'hoursADay'>;
  positions: ReadonlyMap<string, Pick<LocatedPosition, 'tag' | 'remarks' | 'jobName' | 'lineName'>>;
}

/**
 * Rounds as iCalendar: each of their days is an event, with its valves and what is done at each. Times are those of the clock on the wall.
 *
 * @param address of this server, so that an event leads to its round
 */
export function roundCalendar(name: string, rounds: readonly RoundInCalendar[], address: string): string {
  const calendar = ical({
    name,
    prodId: { company: 'Grevik', product: 'Rounds' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { round, positions } of rounds) {
    const planned = daysOf(round);
    for (const day of new Set(planned.map(({ on }) => on))) {
      const stops = round.stops.filter((_stop, at) => planned[at]?.on === day);
      const start = new Date(`${day}T${String(STARTS_AT_H).padStart(2, '0')}:00:00`);
      const minutes = stops.reduce((sum, stop) => sum + stop.minutes, 0);
      const known = stops.flatMap(({ positionId, tasks }) => {
        const position = positions.get(positionId);
        return position ? [{ ...position, tasks }] : [];
      });
      calendar.createEvent({
        id: `${round.id}-${day}@grevik`,
        start,
        end: new Date(start.getTime() + minutes * 60_000),
        floating: true,
        summary: `${round.name}: ${stops.length} ${stops.length === 1 ? 'valve' : 'valves'}`,
        location: [...new Set(known.map(({ jobName }) => jobName))].join(', '),
        description: known
          .map(
            ({ tag, remarks, tasks }) =>
              `${tag} ${remarks}: ${tasks.map((task) => TASK_WORDS[task]).join(', ')}`,
          )
          .join('\n'),
        url: `${address}/rounds/${round.id}`,
      });
    }
  }
  return calendar.toString();
}
