import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../database/company-rows.js';
import { currentCompanyId, currentPersonId } from '../database/company-scope.js';
import { LiveNotices } from './live-notices.service.js';

/** A page that was not heard of for so long is gone: its server was killed. */
const GONE_AFTER_S = 60;

const OWN = 'company_id = :companyId AND tab = :tab AND person_id = :personId';
const SEEN = 'position_id AS "positionId"';

interface Seen {
  positionId: string;
}

/** Who has which position open, on every server. */
@Injectable()
export class PresenceService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly notices: LiveNotices,
  ) {}

  /** A page opens a position, or none. */
  async go(tab: string, positionId: string | null): Promise<void> {
    if (positionId === null) return this.leave(tab);
    const of = { tab, positionId, personId: currentPersonId() };
    const [before] = await companyRows<Seen>(
      this.sequelize,
      `SELECT ${SEEN} FROM presences WHERE ${OWN}`,
      of,
    );
    await this.run(
      `INSERT INTO presences (company_id, tab, person_id, position_id) VALUES (:companyId, :tab, :personId, :positionId)
       ON CONFLICT (company_id, tab) DO UPDATE SET position_id = excluded.position_id, seen_at = now()
       WHERE presences.person_id = excluded.person_id`,
      of,
    );
    await this.notices.tellPlace(tab, before?.positionId ?? null, positionId);
  }

  async leave(tab: string): Promise<void> {
    // Whoever leaves also clears away what servers left that were killed.
    const gone = await companyRows<Seen & { tab: string }>(
      this.sequelize,
      `DELETE FROM presences WHERE (${OWN}) OR (company_id = :companyId AND seen_at < now() - interval '1 day') RETURNING tab, ${SEEN}`,
      { tab, personId: currentPersonId() },
    );
    const left = gone.find((one) => one.tab === tab);
    if (left) await this.notices.tellPlace(tab, left.positionId, null);
  }

  /** Says that a page is still where it was. */
  async stay(tab: string): Promise<void> {
    await this.run('UPDATE presences SET seen_at = now() WHERE company_id = :companyId AND tab = :tab', {
      tab,
    });
  }

  /** Who has a position open, each once. */
  at(positionId: string): Promise<{ id: string; name: string }[]> {
    return companyRows(
      this.sequelize,
      `SELECT DISTINCT p.id, p.name FROM presences s JOIN people p ON p.company_id = s.company_id AND p.id = s.person_id
       WHERE s.company_id = :companyId AND s.position_id = :positionId AND s.seen_at > now() - interval '${GONE_AFTER_S} s'
       ORDER BY p.name`,
      { positionId },
    );
  }

  private async run(sql: string, replacements: Record<string, unknown>): Promise<void> {
    await this.sequelize.query(sql, { replacements: { companyId: currentCompanyId(), ...replacements } });
  }
}
