import type { LiveNoticeView, PresenceView } from '@grevik/contracts';
import { Injectable, type BeforeApplicationShutdown, type MessageEvent } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Observable, type Subscriber } from 'rxjs';
import { Clusters } from '../clusters/clusters.service.js';
import { inCompany } from '../database/company-scope.js';
import { companyRows } from '../database/company-rows.js';
import { Refusal } from '../errors/refusal.js';
import type { Acting } from '../sessions/acting.js';
import { LiveListener } from './live-listener.service.js';
import { type LiveNotice, type PlaceNotice, isPlace } from './live-notice.js';
import { PresenceService } from './presence.service.js';

/** So often a stream says that it is there, and its session is looked at. */
const PULSE_MS = 20_000;
/** A browser whose stream ended asks for another after so long. */
const RETRY_MS = 1_000;
/** Changes of others that were stored so shortly before the last one known may have been committed after it. */
const OVERLAP_S = 10;
/** Open pages of one session at one server. */
const MOST_OF_A_SESSION = 30;
/** What is told goes to each page in pieces: the first after the shorter time, and none sooner than the longer one after another, ms. */
const GATHER_MS = { first: 20, between: 400 };
/** More missed than this are told as one. */
const MOST_MISSED = 200;

/** Who listens with which page, and from where on. */
export interface StreamAsked {
  acting: Acting;
  sessionId: string;
  tab: string;
  /** Number of the last change that was told or shown. */
  after: number;
}

interface Stream extends StreamAsked {
  out: Subscriber<MessageEvent>;
  /** The position it has open. */
  at: string | null;
  /** Number of the last change it was told. */
  last: number;
}

/** The streams of open pages at this server: each is told what changes in its company, wherever it was done. */
@Injectable()
export class LiveStreams implements BeforeApplicationShutdown {
  private readonly streams = new Map<string, Stream>();
  private readonly gathered = new Map<string, LiveNotice[]>();
  /** When each company was told last. */
  private readonly toldAt = new Map<string, number>();
  private readonly heard;

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    listener: LiveListener,
    private readonly presence: PresenceService,
    private readonly clusters: Clusters,
  ) {
    this.heard = listener.told.subscribe((told) =>
      isPlace(told) ? void this.move(told) : this.gather(told),
    );
    // What was missed is sent when the pages ask for another stream.
    this.heard.add(listener.gaps.subscribe(() => this.endAll()));
  }

  /** After the server has said that it is ending, so that pages go to another one. */
  beforeApplicationShutdown(): void {
    this.heard.unsubscribe();
    this.endAll();
  }

  /** How many pages listen at this server. */
  get count(): number {
    return this.streams.size;
  }

  /**
   * A stream of what changes from a number on; it ends with its session.
   *
   * @throws Refusal 429 where the session has too many
   */
  open(asked: StreamAsked): Observable<MessageEvent> {
    const own = [...this.streams.values()].filter(({ sessionId }) => sessionId === asked.sessionId);
    if (own.length >= MOST_OF_A_SESSION)
      throw new Refusal(429, {
        code: 'too-many',
        message: `You have ${own.length} pages of Grevik open here: close some, so that this one is kept up to date.`,
      });
    return new Observable((out) => {
      const { acting, tab } = asked;
      const stream: Stream = { ...asked, out, at: null, last: asked.after };
      this.streams.get(tab)?.out.complete();
      this.streams.set(tab, stream);
      const inItsCompany = <T>(work: () => T): T =>
        inCompany(acting.companyId, work, { personId: acting.personId });
      const failed = (): void => out.complete();
      send(stream, { type: 'begin', data: '', retry: RETRY_MS });
      void inItsCompany(() => this.sendMissed(stream)).catch(failed);
      const pulse = setInterval(() => void inItsCompany(() => this.pulse(stream)).catch(failed), PULSE_MS);
      return () => {
        clearInterval(pulse);
        if (this.streams.get(tab) !== stream) return;
        this.streams.delete(tab);
        if (stream.at !== null) void inItsCompany(() => this.presence.leave(tab)).catch(() => undefined);
      };
    });
  }

  private endAll(): void {
    for (const { out } of [...this.streams.values()]) out.complete();
  }

  private gather(notice: LiveNotice): void {
    const { companyId } = notice;
    const gathered = this.gathered.get(companyId);
    if (gathered) gathered.push(notice);
    else {
      this.gathered.set(companyId, [notice]);
      const since = Date.now() - (this.toldAt.get(companyId) ?? 0);
      setTimeout(() => this.pass(companyId), Math.max(GATHER_MS.first, GATHER_MS.between - since));
    }
  }

  private pass(companyId: string): void {
    const told = this.gathered.get(companyId) ?? [];
    this.gathered.delete(companyId);
    this.toldAt.set(companyId, Date.now());
    const tabs = new Set(told.map(({ tab }) => tab));
    // Written down once for all pages that did nothing of it.
    const changes = changesOf(told);
    for (const stream of this.streams.values())
      if (stream.acting.companyId === companyId)
        sendChanges(
          stream,
          tabs.has(stream.tab) ? changesOf(told.filter(({ tab }) => tab !== stream.tab)) : changes,
        );
  }

  /** Somebody opened or left a position: whoever has it open is told who is there now. */
  private async move({ companyId, tab, from, at }: PlaceNotice): Promise<void> {
    const stream = this.streams.get(tab);
    if (stream?.acting.companyId === companyId) stream.at = at;
    for (const positionId of new Set([from, at])) {
      const open = [...this.streams.values()].filter(
        (one) => one.acting.companyId === companyId && one.at === positionId,
      );
      if (positionId === null || open.length === 0) continue;
      const there = await inCompany(companyId, () => this.presence.at(positionId)).catch(() => []);
      for (const other of open) {
        const people = there.filter(({ id }) => id !== other.acting.personId);
        send(other, { type: 'presence', data: { positionId, people } satisfies PresenceView });
      }
    }
  }

  private async sendMissed(stream: Stream): Promise<void> {
    const { after, acting } = stream;
    const missed = await companyRows<LiveNoticeView & { number: string }>(
      this.sequelize,
      `SELECT number, kind, job_id AS "jobId", position_id AS "positionId", subject_id AS "subjectId" FROM changes
       WHERE company_id = :companyId AND number > :after - ${MOST_MISSED}
         AND (number > :after OR (at > now() - interval '${OVERLAP_S} s' AND person_id <> :personId))
       ORDER BY number DESC LIMIT ${MOST_MISSED + 1}`,
      { after, personId: acting.personId },
    );
    const [newest] = missed;
    if (missed.length > MOST_MISSED && newest) {
      const everything = { kind: 'many', jobId: null, positionId: null, subjectId: null } as const;
      return sendChanges(stream, changesOf([{ ...everything, number: Number(newest.number) }]));
    }
    sendChanges(stream, changesOf(missed.reverse().map((one) => ({ ...one, number: Number(one.number) }))));
  }

  /** Says that the stream is there; ends it where its session has. */
  private async pulse(stream: Stream): Promise<void> {
    const { out, sessionId, acting, at, tab } = stream;
    const { personId } = acting;
    const [isOpen] = await this.clusters.atHome(() =>
      this.sequelize.query<object>(
        `SELECT 1 AS one FROM sessions WHERE sid = :sessionId AND expire > now() AND sess->>'personId' = :personId`,
        { type: QueryTypes.SELECT, replacements: { sessionId, personId } },
      ),
    );
    const [isThere] = await companyRows<object>(
      this.sequelize,
      `SELECT 1 AS one FROM people WHERE company_id = :companyId AND id = :personId AND left_at IS NULL`,
      { personId },
    );
    if (!isOpen || !isThere) {
      send(stream, { type: 'ended', data: '' });
      return out.complete();
    }
    if (at !== null) await this.presence.stay(tab);
    send(stream, { type: 'pulse', data: '' });
  }
}

/** Each event carries the number of the last change, which a browser gives back when its stream was cut. */
function send(stream: Stream, event: MessageEvent): void {
  stream.out.next({ ...event, id: String(stream.last) });
}

/** Changes as they are sent, with the number of the last of them. */
interface Changes {
  data: string;
  last: number;
  count: number;
}

function changesOf(notices: readonly (LiveNoticeView & { number: number | null })[]): Changes {
  const views = notices.map(({ kind, jobId, positionId, subjectId }): LiveNoticeView => ({
    kind,
    jobId,
    positionId,
    subjectId,
  }));
  return {
    data: JSON.stringify(views),
    last: Math.max(0, ...notices.map(({ number }) => number ?? 0)),
    count: views.length,
  };
}

function sendChanges(stream: Stream, { data, last, count }: Changes): void {
  if (count === 0) return;
  stream.last = Math.max(stream.last, last);
  send(stream, { type: 'changes', data });
}
