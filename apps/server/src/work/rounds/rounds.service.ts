import type {
  RoundChangeRequest,
  RoundListing,
  RoundRequest,
  RoundStopView,
  RoundView,
} from '@grevik/contracts';
import { MOST_STOPS } from '@grevik/contracts';
import { InvalidInput, type Task, valveInService, walkingOrder } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { isDeepStrictEqual } from 'node:util';
import type { Sequelize } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { companyRows } from '../../ground/database/company-rows.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { DueIndex } from '../due/due-index.service.js';
import { idsOrNone, readKeptPositions } from '../due/kept-positions.js';
import { Photo } from '../photos/photo.model.js';
import { byPosition } from '../positions/by-position.js';
import { type PlannedVisit, daysOf, plannedVisit } from './planned-visit.js';
import { Round } from './round.model.js';
import { RoundVisits } from './round-visits.service.js';

/** What of a round can be changed, and taken back. */
type Changed = Partial<Pick<Round, 'name' | 'startsOn' | 'hoursADay' | 'personId' | 'stops'>>;

/** Rounds: due tasks gathered in walking order, shared out over days, done one position after the other. */
@Injectable()
export class RoundsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Round) private readonly rounds: typeof Round,
    @InjectModel(Person) private readonly people: typeof Person,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    private readonly index: DueIndex,
    private readonly visits: RoundVisits,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['round-change'], (change) => this.takeBack(change));
  }

  /** Every round, the next one first. */
  async list(): Promise<RoundListing[]> {
    const rows = await this.rounds.findAll({
      include: ['person'],
      order: [['startsOn', 'DESC']],
      limit: 500,
    });
    const progress = await this.visits.progress();
    return rows.map((round) => listing(round, progress.get(round.id) ?? { done: 0, notDone: 0 }));
  }

  /** A round with its stops, each with what one needs there. */
  async one(id: string): Promise<RoundView> {
    await this.index.refresh();
    const round = await this.found(id);
    const visited = await this.visits.ofRound(id);
    const counts = { done: 0, notDone: 0 };
    const stops = await this.stopsOf(round, visited);
    for (const { visit } of stops) if (visit) counts[visit.visit.done.length > 0 ? 'done' : 'notDone'] += 1;
    return { ...listing(round, counts), version: round.version, changeId: null, stopsInOrder: stops };
  }

  /** Makes a round of what is due on some jobs. Sent again under the same id it is found. */
  async add(request: RoundRequest): Promise<RoundView> {
    const { id, name, jobIds, startsOn, hoursADay, personId = null } = request;
    if (!(await this.rounds.findOne({ where: { id } }))) {
      await this.refuseStranger(personId);
      const stops = await this.gather(request);
      await inTransaction(this.sequelize, async () => {
        await this.rounds.create({
          ...{ id, name: name.trim(), jobIds, startsOn, hoursADay, personId, stops },
          createdBy: currentPersonId(),
        });
        await this.log.record({
          kind: 'round',
          subjectId: id,
          what: name.trim(),
          before: null,
          after: { stops: stops.length },
        });
      });
    }
    return this.one(id);
  }

  /** Changes name, days, person or order, in the version that was seen. */
  async change(
    id: string,
    { version, order, name, startsOn, hoursADay, personId }: RoundChangeRequest,
  ): Promise<RoundView> {
    if (personId !== undefined) await this.refuseStranger(personId);
    const changeId = await inTransaction(this.sequelize, async () => {
      const round = await this.found(id, true);
      if (round.version !== version) throw stale();
      return this.keep(round, {
        ...(name !== undefined && { name: name.trim() }),
        ...(startsOn !== undefined && { startsOn }),
        ...(hoursADay !== undefined && { hoursADay }),
        ...(personId !== undefined && { personId }),
        ...(order && { stops: inOrder(round.stops, order) }),
      });
    });
    return { ...(await this.one(id)), changeId };
  }

  private async keep(round: Round, to: Changed, undoes?: string): Promise<string> {
    const before = Object.fromEntries(Object.keys(to).map((field) => [field, round.get(field)]));
    await round.update({ ...to, version: round.version + 1 });
    const { id } = await this.log.record({
      kind: 'round-change',
      subjectId: round.id,
      what: round.name,
      before,
      after: to,
      ...(undoes !== undefined && { undoes }),
    });
    return id;
  }

  private async takeBack({ id, subjectId, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const round = await this.found(subjectId ?? '', true);
      const set = Object.entries(after as Changed);
      if (!set.every(([field, value]) => isDeepStrictEqual(round.get(field), value))) throw stale();
      await this.keep(round, before as Changed, id);
    });
  }

  /** What is due on the jobs until the day asked, in walking order. */
  private async gather({ jobIds, until }: RoundRequest): Promise<PlannedVisit[]> {
    await this.index.refresh();
    const due = await companyRows<{ id: string; tasks: Task[] }>(
      this.sequelize,
      `SELECT position_id AS id, array_agg(task ORDER BY task) AS tasks FROM due_tasks
       WHERE company_id = :companyId AND job_id = ANY(ARRAY[:jobIds]::uuid[]) AND (due_on IS NULL OR due_on <= :until)
       GROUP BY 1 ORDER BY min(due_on) NULLS FIRST LIMIT ${MOST_STOPS}`,
      { jobIds, until },
    );
    if (due.length === 0)
      throw new InvalidInput(
        'until',
        `until is ${until}, and nothing is due by then on these jobs: choose a later day or other jobs.`,
      );
    const tasksOf = new Map(due.map(({ id, tasks }) => [id, tasks]));
    const positions = await readKeptPositions(this.sequelize, [...tasksOf.keys()]);
    const byId = new Map(positions.map((position) => [position.id, position]));
    const placed = positions.map((position) => ({
      ...position,
      // Lines of one job after the other.
      line: jobIds.indexOf(position.jobId) * 10_000 + position.line,
    }));
    return walkingOrder(placed).flatMap((positionId): PlannedVisit[] => {
      const position = byId.get(positionId);
      const valve = position && valveInService(position);
      if (!position || !valve) return [];
      return [plannedVisit(position, valve.type, tasksOf.get(positionId) ?? [])];
    });
  }

  private async stopsOf(
    round: Round,
    visited: Awaited<ReturnType<RoundVisits['ofRound']>>,
  ): Promise<RoundStopView[]> {
    const ids = round.stops.map(({ positionId }) => positionId);
    const positions = new Map((await readKeptPositions(this.sequelize, ids)).map((one) => [one.id, one]));
    const earlier = await this.visits.before(round.id, ids);
    const notOperated = await this.notOperated(ids);
    const photos = await this.photos.findAll({
      where: { positionId: ids },
      attributes: ['id', 'positionId'],
      order: [['takenAt', 'DESC']],
    });
    const photosOf = byPosition(photos, (photo) => photo.id as string);
    const planned = daysOf(round);
    return round.stops.flatMap(({ positionId, tasks, minutes }, at): RoundStopView[] => {
      const position = positions.get(positionId);
      if (!position) return [];
      const { on = round.startsOn, fromMin = 0 } = planned[at] ?? {};
      const { tag, remarks, jobId, jobName, lineId, lineName, medium, duty, condition, coordinates } =
        position;
      return [
        {
          ...{ positionId, tag, remarks, jobId, jobName, lineId, lineName, medium, condition, coordinates },
          ...{ function: duty.function, dn: duty.dn, place: duty.place ?? null, tasks, on, fromMin, minutes },
          type: valveInService(position)?.type ?? null,
          doNotOperate: notOperated.get(positionId) ?? null,
          photos: photosOf.get(positionId) ?? [],
          visit: visited.get(positionId) ?? null,
          lastVisit: earlier.get(positionId) ?? null,
        },
      ];
    });
  }

  /** Why those of the positions are not operated that are not. */
  private async notOperated(ids: readonly string[]): Promise<Map<string, RoundStopView['doNotOperate']>> {
    const rows = await companyRows<{ id: string; why: RoundStopView['doNotOperate'] }>(
      this.sequelize,
      `SELECT position_id AS id, why FROM not_operated
       WHERE company_id = :companyId AND position_id = ANY(ARRAY[:ids]::uuid[])`,
      { ids: idsOrNone(ids) },
    );
    return new Map(rows.map(({ id, why }) => [id, why]));
  }

  private async found(id: string, lock = false): Promise<Round> {
    const round = await this.rounds.findOne({
      where: { id },
      ...(lock ? { lock } : { include: ['person'] }),
    });
    if (!round) throw new NotFoundException('This round was not found. Open the list of rounds again.');
    return round;
  }

  private async refuseStranger(personId: string | null): Promise<void> {
    if (personId === null || (await this.people.count({ where: { id: personId } })) > 0) return;
    throw new InvalidInput(
      'personId',
      `personId ${personId} is nobody of this company: choose somebody from the list.`,
    );
  }
}

const stale = (): Refusal =>
  new Refusal(409, {
    code: 'stale',
    field: 'version',
    message: 'This round was changed in the meantime. Reload it, then change it again.',
  });

function listing(round: Round, { done, notDone }: { done: number; notDone: number }): RoundListing {
  const { id, name, jobIds, startsOn, hoursADay, person, stops } = round;
  const endsOn = daysOf(round).at(-1)?.on ?? startsOn;
  return {
    ...{ id, name, jobIds, startsOn, endsOn, hoursADay, done, notDone },
    person: person && { id: person.id, name: person.name },
    stops: stops.length,
  };
}

/** The stops in another order; those that are not named leave the round. */
function inOrder(stops: readonly PlannedVisit[], order: readonly string[]): PlannedVisit[] {
  const byId = new Map(stops.map((stop) => [stop.positionId, stop]));
  return order.map((id, at) => {
    const stop = byId.get(id);
    if (!stop)
      throw new InvalidInput(`order[${at}]`, `order[${at}] is ${id}, which is no position of this round.`);
    return stop;
  });
}
