import { isDeepStrictEqual } from 'node:util';
import type { EditWalkRequest, PositionView, WalkEdited, WalkInsert } from '@grevik/contracts';
import { InvalidInput, type WalkItem, walkBeside, walkedPositions } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { lineNotFound } from '../lines/line-not-found.js';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { readPosition } from '../positions/read-positions.js';
import { type Neighbour, newPosition } from './new-positions.js';
import { refuseOddWalk } from './odd-walk.js';
import { type PositionKept, UNPLACED, WalkPositions } from './walk-positions.service.js';
import { Walk } from './walk.model.js';

/** One side of an edit, as the log keeps it: the whole walk would be kept a thousand times. */
interface Stretch {
  lineId: string;
  at: number;
  items: WalkItem[];
  positions: PositionKept[];
}

@Injectable()
export class WalksService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Walk) private readonly walks: typeof Walk,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly ofWalk: WalkPositions,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['walk'], (change) => this.takeBack(change));
  }

  /** The walk of a line as it is stored; null where nobody has walked it. */
  of(lineId: string): Promise<Pick<Walk, 'version' | 'items'> | null> {
    return this.walks.findByPk(lineId, { attributes: ['version', 'items'], raw: true });
  }

  /** Puts items in place of others, makes positions for new valves, and lets go those that went. */
  edit(lineId: string, { id, version, at, remove, insert }: EditWalkRequest): Promise<WalkEdited> {
    return inTransaction(this.sequelize, async () => {
      const { line, walk } = await this.held(lineId);
      const before = id === undefined ? null : await this.log.find(id, 'walk');
      if (before) return this.edited(walk.version, before);
      const stale = walk.version !== version;
      if (stale || at + remove > walk.items.length)
        throw new Refusal(409, {
          code: 'stale',
          field: stale ? 'version' : 'remove',
          message: `The walk of ${line.name} was changed by somebody else in the meantime. Reload it, then enter your change again.`,
        });
      const gone = walk.items.slice(at, at + remove);
      const items = await this.settled(line, walk.items.slice(0, at), gone, insert);
      const change = await this.replace({ line, walk, at, gone, items, kept: [], id });
      return this.edited(walk.version, change);
    });
  }

  /** What an edit came to, as the log keeps it. */
  private async edited(version: number, { id: changeId, before, after }: Change): Promise<WalkEdited> {
    const gone = (before as Stretch).items;
    const { at, items } = after as Stretch;
    const fresh = new Set(walkedPositions(items));
    for (const id of walkedPositions(gone)) fresh.delete(id);
    const positions: PositionView[] = [];
    for (const id of fresh) {
      const position = await readPosition(this.sequelize, id);
      if (position) positions.push(position);
    }
    return { version, changeId, at, remove: gone.length, items, positions };
  }

  /** Takes an edit back, where the walk still stands as it left it. */
  private async takeBack({ id, before, after }: Change): Promise<void> {
    const was = before as Stretch;
    const now = after as Stretch;
    await inTransaction(this.sequelize, async () => {
      const { line, walk } = await this.held(now.lineId);
      const stands = walk.items.slice(now.at, now.at + now.items.length);
      if (!isDeepStrictEqual(stands, now.items))
        throw new Refusal(409, {
          code: 'stale',
          message: `The walk of ${line.name} was changed since. Check it as it is now, and change it by hand.`,
        });
      await this.replace({
        line,
        walk,
        at: now.at,
        gone: stands,
        items: was.items,
        kept: was.positions,
        undoes: id,
      });
    });
  }

  /** A line and its walk that nobody else can change until the transaction ends. */
  private async held(lineId: string): Promise<{ line: Line; walk: Walk }> {
    const line = await this.lines.findByPk(lineId, { lock: true });
    if (!line) throw lineNotFound();
    const positions = await this.positions.findAll({
      where: { lineId },
      attributes: ['id'],
      order: [['placeOnLine', 'ASC']],
    });
    const stored = await this.walks.findByPk(lineId);
    const items = walkBeside(
      stored?.items ?? [],
      positions.map(({ id }) => id),
    );
    const walk = stored ?? this.walks.build({ lineId, jobId: line.jobId, version: 0, items });
    walk.items = items;
    return { line, walk };
  }

  /** The items that come, each valve with its position: its own where it was there before, a new one where it is new. */
  private async settled(
    line: Line,
    ahead: readonly WalkItem[],
    gone: readonly WalkItem[],
    insert: readonly WalkInsert[],
  ): Promise<WalkItem[]> {
    const own = new Set(walkedPositions(gone));
    const tags = new Set(
      (await this.positions.findAll({ where: { jobId: line.jobId }, attributes: ['tag'] })).map(({ tag }) =>
        tag.toLowerCase(),
      ),
    );
    let dn = [...ahead].reverse().find(({ kind }) => kind === 'run')?.dn;
    let beforeId = walkedPositions(ahead).at(-1);
    let before: Neighbour | undefined;
    const items: WalkItem[] = [];
    for (const { valve, ...item } of insert) {
      if (item.kind === 'run' && item.dn !== undefined) dn = item.dn;
      if (item.kind !== 'valve') {
        if (item.positionId !== undefined)
          throw new InvalidInput(
            'insert.positionId',
            `A ${item.kind} has no position: leave positionId out.`,
          );
        items.push(item);
        continue;
      }
      if (item.positionId !== undefined) {
        if (!own.delete(item.positionId))
          throw new InvalidInput(
            'insert.positionId',
            `${item.positionId} is not among the items that are replaced: a position stands on a line once.`,
          );
        beforeId = item.positionId;
        before = undefined;
        items.push(item);
        continue;
      }
      // Looked up only where a new valve follows it: a long stretch that is moved asks for none.
      before ??= await this.neighbour(beforeId);
      const made = newPosition(
        { ...item, ...(valve && { valve }) },
        { medium: line.medium, before, dn },
        tags,
      );
      const { name: _remarks, ...plain } = item;
      const { id } = await this.positions.create({
        ...made,
        jobId: line.jobId,
        lineId: line.id,
        placeOnLine: UNPLACED + items.length,
      });
      before = made;
      items.push({ ...plain, positionId: id });
    }
    return items;
  }

  private async neighbour(id: string | undefined): Promise<Neighbour | undefined> {
    return id === undefined ? undefined : ((await this.positions.findByPk(id)) ?? undefined);
  }

  private async replace({
    line,
    walk,
    at,
    gone,
    items,
    kept,
    undoes,
    id,
  }: {
    line: Line;
    walk: Walk;
    at: number;
    gone: readonly WalkItem[];
    items: WalkItem[];
    kept: readonly PositionKept[];
    undoes?: string;
    id?: string | undefined;
  }): Promise<Change> {
    await this.ofWalk.bringBack(line, kept);
    const next = [...walk.items.slice(0, at), ...items, ...walk.items.slice(at + gone.length)];
    refuseOddWalk(next);
    const staying = new Set(walkedPositions(items));
    const leaving = walkedPositions(gone).filter((id) => !staying.has(id));
    const letGo = await this.ofWalk.letGo(leaving);
    await walk.set({ items: next, version: walk.version + 1 }).save();
    await this.ofWalk.place(line.id, walkedPositions(next));
    const made = await this.ofWalk.kept(
      [...staying].filter((id) => !gone.some(({ positionId }) => positionId === id)),
    );
    const stretch = (of: readonly WalkItem[], positions: PositionKept[]): Stretch => ({
      lineId: line.id,
      at,
      items: [...of],
      positions,
    });
    return this.log.record({
      kind: 'walk',
      jobId: line.jobId,
      positionId: null,
      what: line.name,
      before: stretch(gone, letGo),
      after: stretch(items, made),
      ...(undoes !== undefined && { undoes }),
      ...(id !== undefined && { id }),
    });
  }
}
