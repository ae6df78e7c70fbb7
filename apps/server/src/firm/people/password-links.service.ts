import type { NewPasswordLinkView, NewPasswordRequest, PasswordLinkOfferView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { secretKeyHash } from '../../ground/access/secret-key.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentPersonId, inCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Attempts } from '../../ground/sessions/attempts.js';
import { refuseCommonPassword } from '../../ground/sessions/common-password.js';
import { hashPassword } from '../../ground/sessions/password.js';
import { CompanyService } from '../company/company.service.js';
import { linkSecret } from './link-secret.js';
import { PasswordLink } from './password-link.model.js';
import { Person } from './person.model.js';
import { personNotFound } from './person-not-found.js';
import { SessionsService } from './sessions.service.js';
import { SignInService } from './sign-in.service.js';

const OPEN_FOR_MS = 24 * 3600 * 1000;

/** Links by which somebody who has forgotten their password chooses another: the owner makes one and gives it to them. */
@Injectable()
export class PasswordLinks {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(PasswordLink) private readonly links: typeof PasswordLink,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly company: CompanyService,
    private readonly sessions: SessionsService,
    private readonly signIn: SignInService,
    private readonly attempts: Attempts,
    private readonly log: ChangeLog,
    private readonly clusters: Clusters,
  ) {}

  /** Makes a link for a person; one that was made before opens nothing any more. */
  make(personId: string): Promise<NewPasswordLinkView> {
    const token = linkSecret();
    const expiresAt = new Date(Date.now() + OPEN_FOR_MS);
    return inTransaction(this.sequelize, async () => {
      const person = await this.people.findOne({ where: { id: personId, leftAt: null }, lock: true });
      if (!person) throw personNotFound();
      await this.links.destroy({ where: { personId } });
      await this.links.create({
        personId,
        tokenHash: secretKeyHash(token),
        madeBy: currentPersonId(),
        expiresAt,
      });
      await this.log.record({
        kind: 'password-link',
        subjectId: personId,
        what: person.name,
        before: null,
        after: null,
      });
      return { name: person.name, token, expiresAt: expiresAt.toISOString() };
    });
  }

  async offer(token: string, address: string): Promise<PasswordLinkOfferView> {
    await this.attempts.count('address', address);
    const { companyId, personId } = await this.find(token);
    return inCompany(companyId, async () => {
      const { name } = await this.people.findByPk(personId, { rejectOnEmpty: true });
      return { name, company: (await this.company.current()).name };
    });
  }

  /** Takes a new password; the link is used up, and every session of the person ends. */
  async use({ token, password }: NewPasswordRequest, address: string): Promise<Person> {
    await this.attempts.count('joining', address);
    const { companyId, personId } = await this.find(token);
    const person = await inCompany(
      companyId,
      async () => {
        const { email } = await this.people.findByPk(personId, { rejectOnEmpty: true });
        refuseCommonPassword(password, email);
        const passwordHash = await hashPassword(password);
        return inTransaction(this.sequelize, async () => {
          // Of two who use one link at once, one deletes it; the other finds it gone.
          const used = await this.links.destroy({ where: { personId, tokenHash: secretKeyHash(token) } });
          const found = await this.people.findOne({ where: { id: personId, leftAt: null }, lock: true });
          if (used === 0 || !found) throw notOpen();
          return this.signIn.keepPassword(found, passwordHash);
        });
      },
      { personId },
    );
    await this.sessions.closeAll(personId);
    await this.attempts.forget('account', person.email);
    return person;
  }

  private async find(token: string): Promise<PasswordLink> {
    const found = await this.clusters.findOne(() =>
      this.links.findOne({
        where: { tokenHash: secretKeyHash(token), expiresAt: { [Op.gt]: new Date() } },
      }),
    );
    if (!found) throw notOpen();
    return found;
  }
}

const notOpen = (): NotFoundException =>
  new NotFoundException('This link was used, replaced or is over a day old. Ask the owner for a new one.');
