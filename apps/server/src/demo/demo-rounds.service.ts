import { randomUUID } from 'node:crypto';
import {
  TURNING_TASKS,
  type Task,
  type Visit,
  type ValveType,
  dueAt,
  houseRuleSettings,
  stemTurns,
  thinnedCurve,
  valveInService,
  walkingOrder,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { playTurns } from '../stand-ins/turn-counter/play-turns.js';
import { type LocatedPosition, readKeptPositions } from '../work/due/kept-positions.js';
import { conditionFrom } from '../work/entries/condition-from.js';
import { Entry } from '../work/entries/entry.model.js';
import { Position } from '../work/positions/position.model.js';
import { type PlannedVisit, daysOf, plannedVisit } from '../work/rounds/planned-visit.js';
import { Round } from '../work/rounds/round.model.js';

const DAY_MS = 24 * 3600 * 1000;
const YEARS = 8;
const HOURS_A_DAY = 6;
/** October, in the middle. */
const FALL = '-10-12';
/** Points kept of a curve that the demo plays. */
const CURVE_POINTS = 40;
/** Turns from which they are counted. */
const COUNTED = 1;
/** How much stiffer a valve became each year, as a share of the torque at which one stops. */
const STIFFER_A_YEAR = 0.07;

/** A valve that is visited, with what is done there every year. */
interface Visited {
  position: LocatedPosition;
  type: ValveType;
  tasks: Task[];
}

/**
 * Rounds of the demo job: every fall for eight years; one that should have been done last month and was not begun; one under way with half of it done; and
 * fire valves last looked at ten days ago.
 */
@Injectable()
export class DemoRounds {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Round) private readonly rounds: typeof Round,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  /** @param crew people who go on rounds, in turn; the first plans them */
  async add(jobId: string, positionIds: readonly string[], crew: readonly string[]): Promise<void> {
    const now = new Date();
    const valves = inWalkingOrder(await this.valves(positionIds, now));
    const [planner = ''] = crew;
    const round = (
      name: string,
      startsOn: string,
      stops: readonly Visited[],
      personId: string,
    ): Promise<Round> =>
      this.rounds.create({
        ...{ id: randomUUID(), name, jobIds: [jobId], startsOn, hoursADay: HOURS_A_DAY, personId },
        stops: stops.map(visitTo),
        createdBy: planner,
        createdAt: new Date(startsOn),
      });

    const stations = valves.filter(({ position: { lineName } }) => lineName === 'Lift station main');
    const grid = valves.filter(
      ({ position: { coordinates, lineName } }) => coordinates || lineName === 'Quay wash-down',
    );
    for (let ago = YEARS; ago >= 0; ago -= 1) {
      const year = now.getUTCFullYear() - ago;
      const fall = `${year}${FALL}`;
      // This year’s is over where its month is; what is overdue or under way was not on it.
      if (ago === 0 && now < new Date(`${year}-10-31`)) continue;
      const known = valves.filter(
        (valve) =>
          isThere(valve.position, fall) && (ago > 0 || !(stations.includes(valve) || grid.includes(valve))),
      );
      const person = crew[ago % crew.length] ?? planner;
      const { id } = await round(`Fall round ${year}`, fall, known, person);
      await this.visit(known, id, { from: new Date(`${fall}T08:00:00Z`), person, yearsAgo: ago });
    }
    const fire = valves.filter(({ position: { medium } }) => medium === 'fire-water');
    await this.looked(fire, new Date(now.getTime() - 10 * DAY_MS), crew.at(-1) ?? planner);

    await round('Lift station, October', dayBefore(now, 40), stations, crew[1] ?? planner);

    const half = grid.slice(0, Math.ceil(grid.length / 2));
    const underWay = await round('Harbour round', dayBefore(now, 1), grid, crew[1] ?? planner);
    const from = new Date(now.getTime() - Math.min(DAY_MS, half.length * 30 * 60_000 + 3600_000));
    await this.visit(half, underWay.id, { from, person: crew[1] ?? planner, yearsAgo: 0, isToday: true });
    await this.rewriteConditions(valves.map(({ position }) => position.id));
  }

  private async valves(positionIds: readonly string[], now: Date): Promise<Visited[]> {
    const settings = houseRuleSettings({});
    return (await readKeptPositions(this.sequelize, positionIds)).flatMap((position): Visited[] => {
      const valve = valveInService(position);
      const due = dueAt(position, settings, now);
      // What was found bad stays as it was found, and what nobody knows of an old gate stays unknown.
      if (!valve || !due || due.doNotOperate || valve.type === 'gate-solid') return [];
      const tasks = due.tasks
        .filter(({ every }) => 'months' in every && every.months >= 6)
        .map(({ task }) => task);
      return tasks.length > 0 ? [{ position, type: valve.type, tasks }] : [];
    });
  }

  private async visit(
    valves: readonly Visited[],
    roundId: string,
    {
      from,
      person,
      yearsAgo,
      isToday = false,
    }: { from: Date; person: string; yearsAgo: number; isToday?: boolean },
  ): Promise<void> {
    const planned = daysOf({
      stops: valves.map(visitTo),
      startsOn: from.toISOString().slice(0, 10),
      hoursADay: HOURS_A_DAY,
    });
    await this.entries.bulkCreate(
      valves.map((valve, at) => ({
        id: randomUUID(),
        positionId: valve.position.id,
        personId: person,
        kind: 'visit',
        text: remark(valve, yearsAgo),
        visit: visitOf(valve, roundId, yearsAgo, at),
        happenedAt: isToday
          ? new Date(from.getTime() + at * 30 * 60_000)
          : new Date(
              `${planned[at]?.on ?? ''}T${String(8 + Math.floor((planned[at]?.fromMin ?? 0) / 60)).padStart(2, '0')}:10:00Z`,
            ),
      })),
    );
  }

  private async looked(valves: readonly Visited[], at: Date, personId: string): Promise<void> {
    const visit: Visit = { done: ['fire-look'], left: 'open' };
    await this.entries.bulkCreate(
      valves.map(({ position }) => ({
        id: randomUUID(),
        positionId: position.id,
        personId,
        kind: 'visit',
        text: '',
        visit,
        happenedAt: at,
      })),
    );
  }

  private async rewriteConditions(ids: readonly string[]): Promise<void> {
    const all = await this.entries.findAll({
      where: { positionId: [...ids] },
      include: ['person', 'importer'],
    });
    for (const id of ids)
      await this.positions.update(
        { condition: conditionFrom(all.filter(({ positionId }) => positionId === id)) },
        { where: { id }, silent: true },
      );
  }
}

/** Whether it was there: what was found stood there all along. */
const isThere = ({ handedOverAt }: LocatedPosition, day: string): boolean =>
  handedOverAt === undefined || handedOverAt.slice(0, 10) <= day;

function inWalkingOrder(valves: readonly Visited[]): Visited[] {
  const byId = new Map(valves.map((valve) => [valve.position.id, valve]));
  return walkingOrder(valves.map(({ position }) => position)).flatMap((id) => byId.get(id) ?? []);
}

const visitTo = ({ position, type, tasks }: Visited): PlannedVisit => plannedVisit(position, type, tasks);

const dayBefore = (now: Date, days: number): string =>
  new Date(now.getTime() - days * DAY_MS).toISOString().slice(0, 10);

function visitOf({ position, type, tasks }: Visited, roundId: string, yearsAgo: number, seed: number): Visit {
  const { dn } = position.duty;
  const usual = stemTurns(type, dn);
  const isTurned = tasks.some((task) => TURNING_TASKS.includes(task));
  if (!isTurned) return { roundId, done: tasks };
  const stiffness = Math.max(0, (YEARS - yearsAgo) * STIFFER_A_YEAR);
  const isRecorded = position.coordinates !== null && usual > COUNTED;
  const points = playTurns({
    ...{ dn, turns: usual, stiffness, seed: seed * 31 + yearsAgo },
    fault: seed % 3 === 0 ? 'tight-patch' : 'none',
  });
  return {
    roundId,
    done: tasks,
    ...(usual > COUNTED && { turns: Math.round(usual) }),
    ...(isRecorded && { curve: thinnedCurve(points, CURVE_POINTS) }),
    left: 'open',
  };
}

const remark = ({ position, type }: Visited, yearsAgo: number): string =>
  position.coordinates !== null && stemTurns(type, position.duty.dn) > COUNTED && yearsAgo === 1
    ? 'Stiffer than last year.'
    : '';
