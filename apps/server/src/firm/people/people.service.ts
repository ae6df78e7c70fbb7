import type {
  AcceptInvitationRequest,
  InvitationOfferView,
  InvitationView,
  NewInvitationView,
  PersonView,
  Role,
} from '@grevik/contracts';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { currentPersonId, inCompany } from '../../ground/database/company-scope.js';
import { secretKeyHash } from '../../ground/access/secret-key.js';
import { CompanyService } from '../company/company.service.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Attempts } from '../../ground/sessions/attempts.js';
import { PasswordLink } from './password-link.model.js';
import { SecondFactor } from './second-factor.model.js';
import { SessionsService } from './sessions.service.js';
import { linkSecret } from './link-secret.js';
import { Invitation } from './invitation.model.js';
import { personView } from './person-view.js';
import { Person } from './person.model.js';
import { personNotFound } from './person-not-found.js';
import { SignInService } from './sign-in.service.js';

const OPEN_FOR_MS = 7 * 24 * 3600 * 1000;

/** Who is in the company, and how others come in. */
@Injectable()
export class PeopleService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Person) private readonly people: typeof Person,
    @InjectModel(Invitation) private readonly invitations: typeof Invitation,
    @InjectModel(SecondFactor) private readonly factors: typeof SecondFactor,
    @InjectModel(PasswordLink) private readonly links: typeof PasswordLink,
    private readonly company: CompanyService,
    private readonly signIn: SignInService,
    private readonly sessions: SessionsService,
    private readonly attempts: Attempts,
    private readonly log: ChangeLog,
    private readonly clusters: Clusters,
  ) {}

  /** Everybody’s name by id, those who left too. */
  async names(): Promise<ReadonlyMap<string, string>> {
    return new Map((await this.people.findAll()).map(({ id, name }) => [id, name]));
  }

  /** Whoever does the current work. */
  current(): Promise<Person> {
    return this.people.findByPk(currentPersonId(), { rejectOnEmpty: true });
  }

  async list(): Promise<PersonView[]> {
    const people = await this.people.findAll({ where: { leftAt: null }, order: [['name', 'ASC']] });
    return people.map(personView);
  }

  setRole(id: string, version: number, role: Role): Promise<PersonView> {
    return this.change(id, async (person) => {
      if (person.version !== version) throw changedMeanwhile(person);
      if (person.role === 'owner' && role !== 'owner') await this.keepAnOwner();
      const before = person.role;
      await person.update({ role, version: version + 1 });
      await this.log.record({ kind: 'role', subjectId: id, what: person.name, before, after: role });
    });
  }

  /** Somebody leaves: what they did stays signed with their name, and their sessions end. They can be invited again. */
  async remove(id: string): Promise<PersonView> {
    const left = await this.change(id, async (person) => {
      if (person.role === 'owner') await this.keepAnOwner();
      // Their name signs what they did; how they came in is forgotten.
      await person.update({
        leftAt: new Date(),
        version: person.version + 1,
        email: `removed-${id}`,
        passwordHash: null,
      });
      await this.factors.destroy({ where: { personId: id } });
      await this.links.destroy({ where: { personId: id } });
      await this.log.record({
        kind: 'left',
        subjectId: id,
        what: person.name,
        before: person.role,
        after: null,
      });
    });
    await this.sessions.closeAll(id);
    return left;
  }

  async openInvitations(): Promise<InvitationView[]> {
    const open = await this.invitations.findAll({
      where: { expiresAt: { [Op.gt]: new Date() } },
      include: [Person],
      order: [['expiresAt', 'ASC']],
    });
    return open.map(invitationView);
  }

  async invite(role: Role): Promise<NewInvitationView> {
    const token = linkSecret();
    return inTransaction(this.sequelize, async () => {
      const { id } = await this.invitations.create({
        role,
        tokenHash: secretKeyHash(token),
        invitedBy: currentPersonId(),
        expiresAt: new Date(Date.now() + OPEN_FOR_MS),
      });
      await this.log.record({ kind: 'invited', subjectId: id, what: role, before: null, after: { role } });
      const made = await this.invitations.findByPk(id, { include: [Person], rejectOnEmpty: true });
      return { ...invitationView(made), token };
    });
  }

  withdraw(id: string): Promise<void> {
    return inTransaction(this.sequelize, async () => {
      const invitation = await this.invitations.findByPk(id, { lock: true });
      if (!invitation) throw new NotFoundException('That invitation is no longer open.');
      await invitation.destroy();
      const { role } = invitation;
      await this.log.record({
        kind: 'invitation-withdrawn',
        subjectId: id,
        what: role,
        before: { role },
        after: null,
      });
    });
  }

  async offer(token: string, address: string): Promise<InvitationOfferView> {
    await this.attempts.count('address', address);
    const { companyId, role, inviter } = await this.invitation(token);
    const company = await inCompany(companyId, () => this.company.current());
    return { company: company.name, role, invitedBy: inviter.name };
  }

  /** Joins by a link, which then is used up. */
  async accept({ token, ...joining }: AcceptInvitationRequest, address: string): Promise<Person> {
    await this.attempts.count('joining', address);
    const { id, companyId, role } = await this.invitation(token);
    return inCompany(companyId, () =>
      inTransaction(this.sequelize, async () => {
        // Of two who use one link at once, one deletes it; the other finds it gone.
        if ((await this.invitations.destroy({ where: { id } })) === 0) throw notOpen();
        return this.signIn.join(joining, role);
      }),
    );
  }

  private async invitation(token: string): Promise<Invitation> {
    const found = await this.clusters.findOne(() =>
      this.invitations.findOne({
        where: { tokenHash: secretKeyHash(token), expiresAt: { [Op.gt]: new Date() } },
        include: [Person],
      }),
    );
    if (!found) throw notOpen();
    return found;
  }

  private change(id: string, work: (person: Person) => Promise<void>): Promise<PersonView> {
    return inTransaction(this.sequelize, async () => {
      // All owners are held, so that two cannot demote one another at once.
      await this.people.findAll({ where: { role: 'owner' }, lock: true });
      const person = await this.people.findOne({ where: { id, leftAt: null } });
      if (!person) throw personNotFound();
      await work(person);
      return personView(person);
    });
  }

  private async keepAnOwner(): Promise<void> {
    const owners = await this.people.count({ where: { role: 'owner', leftAt: null } });
    if (owners === 1)
      throw new ConflictException('A company needs an owner. Make another person owner first.');
  }
}

const changedMeanwhile = ({ name }: Person): Refusal =>
  new Refusal(409, {
    code: 'stale',
    field: 'version',
    message: `The role of ${name} was changed in the meantime. Reload it, then change it again.`,
  });

const notOpen = (): NotFoundException =>
  new NotFoundException('This invitation was used, withdrawn or is over a week old. Ask for a new link.');

function invitationView({ id, role, inviter, expiresAt }: Invitation): InvitationView {
  return { id, role, invitedBy: inviter.name, expiresAt: expiresAt.toISOString() };
}
