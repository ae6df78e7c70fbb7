import { promisify } from 'node:util';
import type { Role, SessionView } from '@grevik/contracts';
import type { Language } from '@grevik/words';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Request } from 'express';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { permissionsOf } from '../../ground/access/permission-table.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { companyRows } from '../../ground/database/company-rows.js';
import { inCompany } from '../../ground/database/company-scope.js';
import { CompanyService, DEMO_SLUG } from '../company/company.service.js';
import { Person } from './person.model.js';
import { personView } from './person-view.js';
import { type Acting, actingIn } from '../../ground/sessions/acting.js';

@Injectable()
export class SessionsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly company: CompanyService,
    private readonly log: ChangeLog,
    private readonly clusters: Clusters,
  ) {}

  /** Opens a session for a person, under a new id: what an earlier visitor knew of the old one is worth nothing. */
  async open(request: Request, person: Person): Promise<SessionView> {
    await promisify(request.session.regenerate.bind(request.session))();
    request.session.personId = person.id;
    request.session.companyId = person.companyId;
    request.session.openedAt = new Date().toISOString();
    request.session.userAgent = (request.get('user-agent') ?? '').slice(0, 400);
    await promisify(request.session.save.bind(request.session))();
    return this.viewOf(person);
  }

  /** Who the request's session belongs to; undefined where it belongs to nobody, or to somebody who has left. */
  async find({ session }: Request): Promise<Acting | undefined> {
    const { personId, companyId } = session;
    if (personId === undefined || companyId === undefined) return undefined;
    // One plain query: it comes before everything that is asked.
    const [person] = await inCompany(companyId, () =>
      companyRows<{ role: Role; slug: string }>(
        this.sequelize,
        `SELECT p.role, c.slug FROM people p JOIN companies c ON c.id = p.company_id
         WHERE p.company_id = :companyId AND p.id = :personId AND p.left_at IS NULL`,
        { personId },
      ),
    );
    return person && { personId, companyId, role: person.role, isDemo: person.slug === DEMO_SLUG };
  }

  async show(request: Request): Promise<SessionView | null> {
    const acting = actingIn(request);
    return acting ? this.viewOf(await this.people.findByPk(acting.personId, { rejectOnEmpty: true })) : null;
  }

  /** Keeps the language of whoever asks; the people of the demo company are everybody's, and keep none. */
  async speak(request: Request, language: Language): Promise<void> {
    const acting = actingIn(request);
    if (acting && !acting.isDemo) await this.people.update({ language }, { where: { id: acting.personId } });
  }

  async close({ session }: Request): Promise<void> {
    await promisify(session.destroy.bind(session))();
  }

  /** Ends every session of whoever asks; a visitor of the demo company is one of many as the same person, and ends their own. */
  async closeEverywhere(request: Request): Promise<void> {
    const acting = actingIn(request);
    if (!acting || acting.isDemo) return this.close(request);
    await this.closeAll(acting.personId);
  }

  /** Ends every session of a person, on every device. */
  async closeAll(personId: string): Promise<void> {
    await this.clusters.atHome(() =>
      this.sequelize.query(`DELETE FROM sessions WHERE sess->>'personId' = :personId`, {
        replacements: { personId },
      }),
    );
  }

  private viewOf(person: Person): Promise<SessionView> {
    return inCompany(person.companyId, async () => {
      const { name, slug } = await this.company.current();
      return {
        person: personView(person),
        company: { name, isDemo: slug === DEMO_SLUG },
        language: person.language ?? null,
        may: permissionsOf(person.role),
        changeNumber: await this.log.lastNumber(),
      };
    });
  }
}
