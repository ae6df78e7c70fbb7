import { createHash } from 'node:crypto';
import type { OpenSessionView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import bowser from 'bowser';
import type { Request } from 'express';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { actingIn } from '../../ground/sessions/acting.js';

interface Row {
  sid: string;
  openedAt: string | null;
  userAgent: string | null;
}

/** The sessions of whoever asks, on all their devices. */
@Injectable()
export class OpenSessions {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly clusters: Clusters,
  ) {}

  /** The newest first. */
  async list(request: Request): Promise<OpenSessionView[]> {
    const rows = await this.rows(request);
    return rows.map(({ sid, openedAt, userAgent }) => ({
      id: idOf(sid),
      device: deviceOf(userAgent),
      openedAt,
      isThis: sid === request.sessionID,
    }));
  }

  async end(request: Request, id: string): Promise<void> {
    const found = (await this.rows(request)).find(({ sid }) => idOf(sid) === id);
    if (!found) throw new NotFoundException('This session has ended already.');
    await this.clusters.atHome(() =>
      this.sequelize.query('DELETE FROM sessions WHERE sid = :sid', { replacements: { sid: found.sid } }),
    );
  }

  private async rows(request: Request): Promise<Row[]> {
    const acting = actingIn(request);
    const rows = await this.clusters.atHome(() =>
      this.sequelize.query<Row>(
        `SELECT sid, sess->>'openedAt' AS "openedAt", sess->>'userAgent' AS "userAgent" FROM sessions
         WHERE sess->>'personId' = :personId AND expire > now() ORDER BY sess->>'openedAt' DESC NULLS LAST`,
        { type: QueryTypes.SELECT, replacements: { personId: acting?.personId ?? '' } },
      ),
    );
    // Visitors of the demo company are many as the same person.
    return acting?.isDemo ? rows.filter(({ sid }) => sid === request.sessionID) : rows;
  }
}

/** A session's own id opens it: what is shown is a fingerprint. */
const idOf = (sid: string): string => createHash('sha256').update(sid).digest('hex').slice(0, 32);

function deviceOf(userAgent: string | null): string | null {
  if (!userAgent) return null;
  const { browser, os } = bowser.parse(userAgent);
  return [browser.name, os.name].filter(Boolean).join(', ') || null;
}
