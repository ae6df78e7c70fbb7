import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';
import { personNotFound } from './person-not-found.js';

/** Everything that is kept of a person, as they may ask for it. */
@Injectable()
export class PersonData {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  async of(personId: string): Promise<object> {
    const [person] = await this.rows(
      `SELECT name, email, role, language, joined_at AS "joinedAt", left_at AS "leftAt" FROM people WHERE company_id = :companyId AND id = :personId`,
      personId,
    );
    if (!person) throw personNotFound();
    return {
      person,
      sessions: await this.rows(
        `SELECT sess->>'openedAt' AS "openedAt", sess->>'userAgent' AS device, expire AS "expiresAt" FROM sessions
         WHERE sess->>'companyId' = :companyId::text AND sess->>'personId' = :personId`,
        personId,
      ),
      entries: await this.rows(
        `SELECT e.kind, p.tag, e.text, e.happened_at AS "happenedAt", e.received_at AS "receivedAt" FROM entries e
           JOIN positions p ON p.company_id = e.company_id AND p.id = e.position_id
         WHERE e.company_id = :companyId AND e.person_id = :personId ORDER BY e.happened_at`,
        personId,
      ),
      changes: await this.rows(
        `SELECT number, kind, what, at FROM changes WHERE company_id = :companyId AND person_id = :personId ORDER BY number`,
        personId,
      ),
      drills: await this.rows(
        `SELECT kind, level, is_right AS "isRight", score, took_s AS "tookS", taken_at AS "takenAt" FROM drill_results
         WHERE company_id = :companyId AND person_id = :personId ORDER BY taken_at`,
        personId,
      ),
    };
  }

  private rows(sql: string, personId: string): Promise<object[]> {
    return companyRows(this.sequelize, sql, { personId });
  }
}
