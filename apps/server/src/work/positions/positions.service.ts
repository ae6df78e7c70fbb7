import { isDeepStrictEqual } from 'node:util';
import type {
  NameKept,
  PickKept,
  PlaceKept,
  NameRequest,
  PickManyRequest,
  PickRequest,
  PositionView,
} from '@grevik/contracts';
import {
  type Duty,
  type ChangeKind,
  type HookUpChoices,
  InvalidInput,
  type PositionDuty,
  formatNominalSize,
  judgePick,
  modelWords,
  ownDuty,
  pickEdges,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes, UniqueConstraintError } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { JobHouseRules } from '../jobs/job-house-rules.service.js';
import { Line } from '../lines/line.model.js';
import { Pick } from './pick.model.js';
import { type SignedPick, signedPick } from './signed-pick.js';
import { positionNotFound } from './position-not-found.js';
import { Position } from './position.model.js';
import { readPosition } from './read-positions.js';

/** What is changed of one position, and taken back here. */
const POSITION_KINDS: readonly ChangeKind[] = ['duty', 'pick', 'name', 'hook-up', 'place'];

@Injectable()
export class PositionsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
    @InjectModel(Line) private readonly lines: typeof Line,
    private readonly catalogue: CatalogueService,
    private readonly settings: JobHouseRules,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(POSITION_KINDS, (change) => this.takeBack(change));
  }

  changeDuty(id: string, version: number, duty: PositionDuty): Promise<PositionView> {
    return this.change(id, version, 'duty', { duty }, (position) => keepDuty(position, duty));
  }

  settleHookUp(id: string, version: number, hookUp: HookUpChoices): Promise<PositionView> {
    return this.change(id, version, 'hook-up', { hookUp }, (position) => position.set({ hookUp }));
  }

  pick(id: string, { version, modelId, reason }: PickRequest): Promise<PositionView> {
    const sent = { modelId, reason: reason.trim() };
    return this.change(id, version, 'pick', { pick: sent }, async (position) => {
      await this.keepPick(id, { ...sent, ...(await this.defensible(position, modelId)) });
    });
  }

  /** One model for many positions, each judged on its own duty: all of them, or none. */
  pickMany(jobId: string, { modelId, reason, positions }: PickManyRequest): Promise<PositionView[]> {
    const picked = { modelId, reason: reason.trim() };
    return inTransaction(this.sequelize, async () => {
      const views: PositionView[] = [];
      // In one order for everybody, so that two who pick for many do not wait for each other.
      for (const { id, version } of [...positions].sort((a, b) => (a.id < b.id ? -1 : 1))) {
        const position = await this.held(id);
        if (position.jobId !== jobId) throw positionNotFound();
        if (position.version !== version) throw stale(position);
        const before = await this.kept('pick', position);
        await this.keepPick(id, { ...picked, ...(await this.defensible(position, modelId)) });
        await this.sign(position, { kind: 'pick', before });
        views.push(await this.view(id));
      }
      return views;
    });
  }

  /** Gives it another tag, or says anew where it is. */
  name(id: string, { version, tag, remarks }: NameRequest): Promise<PositionView> {
    const name = { tag: tag.trim(), remarks: remarks.trim() };
    return this.change(id, version, 'name', { name }, (position) => keepName(position, name));
  }

  unpick(id: string, version: number): Promise<PositionView> {
    return this.change(id, version, 'pick', { pick: null }, (_position) => this.keepPick(id, null));
  }

  /** Takes a change of a position back, where the same thing was not changed since. */
  private async takeBack({ id, positionId, kind, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const position = await this.held(positionId ?? '');
      const now = await this.kept(kind, position);
      if (!isAsLeft(now, after))
        throw new Refusal(409, {
          code: 'stale',
          message: `${position.tag} was changed since. Check it as it is now, and change it by hand.`,
          current: await this.view(position.id),
        });
      if (kind === 'duty') keepDuty(position, before as PositionDuty);
      else if (kind === 'name') await keepName(position, before as NameKept);
      else if (kind === 'hook-up') position.set({ hookUp: before as HookUpChoices });
      else if (kind === 'place')
        position.set((before as PlaceKept | null) ?? { longitude: null, latitude: null });
      else await this.restorePick(position.id, before as SignedPick | null);
      await this.sign(position, { kind, before: after, undoes: id });
    });
  }

  /**
   * Judges a model for a position.
   *
   * @throws Refusal where it is ruled out there or retired; InvalidInput where it is not made in its size
   */
  async pickable(position: Position, modelId: string) {
    const model = await this.catalogue.get(modelId);
    const line = await this.lines.findByPk(position.lineId, { rejectOnEmpty: true });
    const settings = await this.settings.of(position.jobId);
    const { duty: own } = await this.view(position.id);
    const duty: Duty = { ...own, medium: line.medium };
    if (model.retired)
      throw new Refusal(422, {
        code: 'ruled-out',
        field: 'modelId',
        message: `${modelWords(model).from} is retired. Pick another model, or restore this one first.`,
      });
    const { size, verdict, reasons } = judgePick(duty, model, settings);
    if (!size)
      throw new InvalidInput(
        'modelId',
        `${modelWords(model).from} is not made in ${formatNominalSize(duty.dn, 'us')} (DN${duty.dn}).`,
      );
    if (verdict === 'out') {
      const why = reasons.filter((reason) => reason.verdict === 'out').map(({ text }) => text);
      throw new Refusal(422, {
        code: 'ruled-out',
        field: 'modelId',
        message: `${modelWords(model).from} is ruled out here. ${why.join(' ')}`,
      });
    }
    return { model, size, verdict, duty, settings };
  }

  /** A model’s verdict at a position, and until when it holds. What is ruled out cannot be picked. */
  private async defensible(
    position: Position,
    modelId: string,
  ): Promise<globalThis.Pick<PickKept, 'verdict' | 'edges'>> {
    const { model, verdict, duty, settings } = await this.pickable(position, modelId);
    return { verdict, edges: pickEdges(duty, model, settings) };
  }

  /** One transaction a change: the version seen is the version changed, it goes up by one, and the log has it. */
  private change(
    id: string,
    version: number,
    kind: 'duty' | 'pick' | 'name' | 'hook-up',
    sent: object,
    work: (position: Position) => unknown,
  ): Promise<PositionView> {
    return inTransaction(this.sequelize, async () => {
      const position = await this.held(id);
      if (position.version !== version) {
        throw stale(position, { current: await this.view(id), sent });
      }
      const before = await this.kept(kind, position);
      await work(position);
      await this.sign(position, { kind, before });
      return this.view(id);
    });
  }

  /** Says where positions of a job are on the earth: all of them, or none. Those that are there already stay as they are. */
  placeAll(places: ReadonlyMap<string, PlaceKept>): Promise<void> {
    return inTransaction(this.sequelize, async () => {
      const held = await this.positions.findAll({
        where: { id: [...places.keys()] },
        order: [['id', 'ASC']],
        lock: true,
      });
      const moved = held.flatMap((position) => {
        const before = placeOf(position);
        const after = places.get(position.id) ?? null;
        return isDeepStrictEqual(before, after) ? [] : [{ position, before, after }];
      });
      if (moved.length === 0) return;
      const changes = await this.log.recordAll(
        moved.map(({ position, before, after }) => ({
          kind: 'place' as const,
          jobId: position.jobId,
          positionId: position.id,
          what: position.tag,
          before,
          after,
        })),
      );
      await this.sequelize.query(
        `UPDATE positions p SET longitude = m.longitude, latitude = m.latitude, version = p.version + 1,
           changed_by = :personId, last_change = m.change, updated_at = now()
         FROM jsonb_to_recordset(:moved::jsonb) AS m (id uuid, longitude float8, latitude float8, change uuid)
         WHERE p.id = m.id AND p.company_id = :companyId`,
        {
          type: QueryTypes.UPDATE,
          replacements: {
            companyId: currentCompanyId(),
            personId: currentPersonId(),
            moved: JSON.stringify(
              moved.map(({ position, after }, at) => ({
                id: position.id,
                ...after,
                change: changes[at]?.id,
              })),
            ),
          },
        },
      );
    });
  }

  /** Throws where the company has no such position. */
  async require(id: string): Promise<void> {
    if (!(await this.positions.findByPk(id, { attributes: ['id'] }))) throw positionNotFound();
  }

  /** A position that nobody else can change until the transaction ends. */
  private async held(id: string): Promise<Position> {
    const position = await this.positions.findByPk(id, { lock: true });
    if (!position) throw positionNotFound();
    return position;
  }

  /** Raises the version, puts the change into the log, signed, and stores what was set. */
  private async sign(
    position: Position,
    { kind, before, undoes }: { kind: Change['kind']; before: unknown; undoes?: string },
  ): Promise<void> {
    const { id } = await this.log.record({
      kind,
      jobId: position.jobId,
      positionId: position.id,
      what: position.tag,
      before,
      after: await this.kept(kind, position),
      ...(undoes !== undefined && { undoes }),
    });
    position.set({ version: position.version + 1, changedBy: currentPersonId(), lastChange: id });
    await position.save();
  }

  /** What the log keeps of a position for a kind of change. */
  private async kept(
    kind: Change['kind'],
    position: Position,
  ): Promise<PositionDuty | NameKept | HookUpChoices | PlaceKept | SignedPick | null> {
    if (kind === 'duty') return position.duty;
    if (kind === 'hook-up') return position.hookUp;
    if (kind === 'name') return { tag: position.tag, remarks: position.remarks };
    if (kind === 'place') return placeOf(position);
    const pick = await this.picks.findByPk(position.id);
    return pick && signedPick(pick);
  }

  /** Brings a pick back as it was, with whoever picked it. */
  private async restorePick(positionId: string, pick: SignedPick | null): Promise<void> {
    await this.picks.destroy({ where: { positionId } });
    if (pick) await this.picks.create({ ...pick, positionId });
  }

  private async keepPick(positionId: string, pick: PickKept | null): Promise<void> {
    await this.picks.destroy({ where: { positionId } });
    if (pick) await this.picks.create({ positionId, ...pick, pickedBy: currentPersonId() });
  }

  private async view(id: string): Promise<PositionView> {
    const position = await readPosition(this.sequelize, id);
    if (!position) throw positionNotFound();
    return position;
  }
}

const placeOf = ({ longitude, latitude }: Position): PlaceKept | null =>
  longitude === null || latitude === null ? null : { longitude, latitude };

/** Whether something still is as a change left it: in all that the change kept of it. */
function isAsLeft(now: unknown, after: unknown): boolean {
  if (typeof now !== 'object' || now === null || typeof after !== 'object' || after === null)
    return now === after;
  return isDeepStrictEqual(
    JSON.parse(JSON.stringify(now)),
    // Of a pick an earlier version kept less: what it did not keep counts as it is.
    'modelId' in after ? { ...now, ...after } : after,
  );
}

const stale = ({ tag }: Position, beside: object = {}): Refusal =>
  new Refusal(409, {
    code: 'stale',
    field: 'version',
    message: `${tag} was changed by somebody else in the meantime. Compare both and choose what to keep.`,
    ...beside,
  });

/** The whole duty is replaced: what is left out of it is not known any more. */
function keepDuty(position: Position, duty: PositionDuty): void {
  position.set({ duty: ownDuty(duty) });
}

async function keepName(position: Position, name: NameKept): Promise<void> {
  try {
    await position.update(name);
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error;
    throw new Refusal(409, {
      code: 'conflict',
      field: 'tag',
      message: `${name.tag} is already used on this job. Enter another tag.`,
    });
  }
}
