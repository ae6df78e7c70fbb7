import {
  type PlannedStop,
  type PositionDuty,
  type Task,
  type ValveType,
  planDays,
  stopMinutes,
} from '@grevik/core';

/** A position of a round, with what is done there and how long that takes. */
export interface PlannedVisit {
  positionId: string;
  tasks: Task[];
  minutes: number;
}

/** What a round keeps of a valve that is visited. */
export const plannedVisit = (
  { id, duty: { dn, place } }: { id: string; duty: PositionDuty },
  type: ValveType,
  tasks: Task[],
): PlannedVisit => ({ positionId: id, tasks, minutes: stopMinutes({ type, dn, place, tasks }) });

interface PlannedRound {
  stops: readonly PlannedVisit[];
  startsOn: string;
  hoursADay: number;
}

/** When each stop of a round has its turn. */
export const daysOf = ({ stops, startsOn, hoursADay }: PlannedRound): PlannedStop[] =>
  planDays(
    stops.map(({ minutes }) => minutes),
    { startsOn, hoursADay },
  );
