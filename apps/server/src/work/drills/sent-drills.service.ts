import type { DrillSendRequest, SentDrillView } from '@grevik/contracts';
import { type DrillKind, InvalidInput, houseRuleSettings, shownDrill } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import { Person } from '../../firm/people/person.model.js';
import { PeopleService } from '../../firm/people/people.service.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { DrillResult } from './drill-result.model.js';
import { SentDrill } from './sent-drill.model.js';

const SHOWN = 100;

/** Drills about real positions that a foreman sends. */
@Injectable()
export class SentDrills {
  constructor(
    @InjectModel(SentDrill) private readonly sent: typeof SentDrill,
    @InjectModel(DrillResult) private readonly results: typeof DrillResult,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly names: PeopleService,
    private readonly notices: LiveNotices,
  ) {}

  /** Sends a drill, once however often it is sent. */
  async send({ id, positionId, kind, shown, personIds }: DrillSendRequest): Promise<SentDrillView> {
    const { question } = shownDrill(kind, shown, houseRuleSettings());
    if (!(await this.positions.findByPk(positionId))) throw positionNotFound();
    const known = await this.people.count({ where: { id: personIds, leftAt: null } });
    if (known !== personIds.length)
      throw new InvalidInput('personIds', 'personIds names somebody who is not in this company.');
    await this.sent.bulkCreate(
      [{ id, positionId, kind, shown: question as object, personIds, sentBy: currentPersonId() }],
      { ignoreDuplicates: true },
    );
    await this.notices.tellTopic('drills');
    const row = await this.sent.findOne({ where: { id }, rejectOnEmpty: true });
    if (row.sentBy !== currentPersonId())
      throw new Refusal(409, {
        code: 'conflict',
        field: 'id',
        message: 'This id is taken by another drill: make a new one.',
      });
    return (await this.views([row]))[0] as SentDrillView;
  }

  /** Drills sent to whoever asks, or by them, the newest first. */
  async list(): Promise<SentDrillView[]> {
    const me = currentPersonId();
    const rows = await this.sent.findAll({
      where: { [Op.or]: [{ sentBy: me }, { personIds: { [Op.contains]: [me] } }] },
      order: [['sentAt', 'DESC']],
      limit: SHOWN,
    });
    return this.views(rows);
  }

  /** What a drill shows to whoever it was sent to. */
  async shownTo(id: string, kind: DrillKind): Promise<unknown> {
    const row = await this.sent.findOne({ where: { id, personIds: { [Op.contains]: [currentPersonId()] } } });
    if (!row) throw new NotFoundException('This drill was not found.');
    if (row.kind !== kind)
      throw new InvalidInput('kind', `kind is ${kind}, but the drill that was sent is ${row.kind}.`);
    return row.shown;
  }

  private async views(rows: readonly SentDrill[]): Promise<SentDrillView[]> {
    const me = currentPersonId();
    const [names, positions, results] = await Promise.all([
      this.names.names(),
      this.positions.findAll({
        where: { id: rows.map(({ positionId }) => positionId) },
        attributes: ['id', 'tag', 'jobId', 'lineId'],
      }),
      this.results.findAll({
        where: { sentId: rows.map(({ id }) => id) },
        attributes: ['sentId', 'personId', 'isRight', 'takenAt'],
        order: [['takenAt', 'ASC']],
      }),
    ]);
    return rows.flatMap((row) => {
      const position = positions.find(({ id }) => id === row.positionId);
      if (!position) return [];
      const answers = results
        .filter(({ sentId, personId }) => sentId === row.id && (row.sentBy === me || personId === me))
        .map(({ personId, isRight, takenAt }) => ({
          personId,
          name: names.get(personId) ?? '',
          right: isRight,
          takenAt: takenAt.toISOString(),
        }));
      return [
        {
          id: row.id,
          kind: row.kind,
          shown: row.shown,
          jobId: position.jobId,
          lineId: position.lineId,
          tag: position.tag,
          sentBy: names.get(row.sentBy) ?? '',
          sentAt: row.sentAt.toISOString(),
          answers,
          people: row.personIds.length,
          isMine: row.personIds.includes(me),
        },
      ];
    });
  }
}
