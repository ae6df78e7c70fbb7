import type { LiveNoticeView, LiveTopic } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../database/company-scope.js';
import { currentTab } from '../database/work-context.js';
import { CHANNEL, type Told } from './live-notice.js';

/** More at once are told as one. */
const MOST_APART = 20;

type Numbered = LiveNoticeView & { number: number };

/** Tells every server what changed: in the transaction of the change, so that nothing is told that was not stored. */
@Injectable()
export class LiveNotices {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /** Tells of changes in the log, in their order. */
  async tellChanges(changes: readonly Numbered[]): Promise<void> {
    const last = changes[changes.length - 1];
    if (!last) return;
    if (changes.length > MOST_APART) {
      const jobId = changes.every((one) => one.jobId === last.jobId) ? last.jobId : null;
      return this.tell([
        this.notice({ kind: 'many', number: last.number, jobId, positionId: null, subjectId: null }),
      ]);
    }
    return this.tell(changes.map((change) => this.notice(change)));
  }

  /** Tells of what is not in the log: samples that came in, an answer of a supplier. */
  tellTopic(kind: LiveTopic, of: Partial<Omit<LiveNoticeView, 'kind'>> = {}): Promise<void> {
    return this.tell([
      this.notice({ jobId: null, positionId: null, subjectId: null, ...of, kind, number: null }),
    ]);
  }

  /** Tells that a page went from one position to another. */
  tellPlace(tab: string, from: string | null, at: string | null): Promise<void> {
    return this.tell([{ companyId: currentCompanyId(), tab, from, at }]);
  }

  private notice(of: LiveNoticeView & { number: number | null }): Told {
    const { kind, jobId, positionId, subjectId, number } = of;
    return {
      companyId: currentCompanyId(),
      tab: currentTab() ?? null,
      kind,
      jobId,
      positionId,
      subjectId,
      number,
    };
  }

  private async tell(told: readonly Told[]): Promise<void> {
    await this.sequelize.query(
      `SELECT pg_notify('${CHANNEL}', told::text) FROM jsonb_array_elements(:told::jsonb) AS told`,
      { replacements: { told: JSON.stringify(told) } },
    );
  }
}
