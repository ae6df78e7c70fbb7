import type {
  SignInOptionsView,
  JoinRequest,
  Role,
  SignInRequest,
  StartCompanyRequest,
} from '@grevik/contracts';
import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { currentPersonId, inCompany } from '../../ground/database/company-scope.js';
import { COMPANIES_OPEN, CompanyService } from '../company/company.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Attempts } from '../../ground/sessions/attempts.js';
import { refuseCommonPassword } from '../../ground/sessions/common-password.js';
import { hashPassword, passwordMatches } from '../../ground/sessions/password.js';
import { Person } from './person.model.js';
import { SecondFactors } from './second-factors.service.js';

/** Most companies of one e-mail that a password is tried for, the longest there first. */
const MOST_COMPANIES = 10;

/** The ways in: by password, into the demo company, as the owner of a new company. */
@Injectable()
export class SignInService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly company: CompanyService,
    private readonly attempts: Attempts,
    private readonly factors: SecondFactors,
    private readonly log: ChangeLog,
    @Inject(COMPANIES_OPEN) private readonly companiesOpen: boolean,
    private readonly clusters: Clusters,
  ) {}

  async doors(): Promise<SignInOptionsView> {
    return { demo: (await this.company.demo()) !== null, company: this.companiesOpen };
  }

  /**
   * Whoever has this e-mail and password. One e-mail may be in several companies, so that none of them tells who is in another; where both go
   * together in more than one, the company has to be named.
   */
  async byPassword({ email, password, company, code }: SignInRequest, address: string): Promise<Person> {
    const account = email.toLowerCase();
    await this.attempts.count('address', address);
    await this.attempts.count('account', account);
    await this.attempts.count('password', `${address} ${account}`);
    const found = await this.clusters.find(() =>
      this.people.findAll({
        where: { email: account, leftAt: null },
        order: [['joinedAt', 'ASC']],
        limit: MOST_COMPANIES,
      }),
    );
    const people = found.sort((a, b) => Number(a.joinedAt) - Number(b.joinedAt)).slice(0, MOST_COMPANIES);
    const matching: Person[] = [];
    // Somebody unknown takes as long as a wrong password.
    if (people.length === 0) await passwordMatches(null, password);
    for (const person of people)
      if (await passwordMatches(person.passwordHash, password)) matching.push(person);
    if (matching.length === 0) throw wrongPassword();
    const person = matching.length === 1 ? (matching[0] as Person) : await this.ofCompany(matching, company);
    // Guessed codes count like guessed passwords.
    await this.factors.admit(person, code);
    await this.attempts.forget('password', `${address} ${account}`);
    await this.attempts.forget('account', account);
    return person;
  }

  private async ofCompany(people: readonly Person[], company: string | undefined): Promise<Person> {
    const names: string[] = [];
    for (const person of people) {
      const { name } = await inCompany(person.companyId, () => this.company.current());
      if (company !== undefined && name.toLowerCase() === company.trim().toLowerCase()) return person;
      names.push(name);
    }
    throw new Refusal(409, {
      code: 'conflict',
      field: 'company',
      message: `You belong to more than one company with this e-mail and password: enter one of ${names.join(', ')}.`,
    });
  }

  async asDemo(role: Role, address: string): Promise<Person> {
    await this.attempts.count('demo', address);
    const demo = await this.company.demo();
    const person =
      demo && (await inCompany(demo.id, () => this.people.findOne({ where: { role, leftAt: null } })));
    if (!person)
      throw new NotFoundException(
        'There is no demo company on this server. Sign in, or create your own company.',
      );
    return person;
  }

  /** A new company with its owner. What was entered before people signed in goes to the first who starts one. */
  async startCompany({ company, ...owner }: StartCompanyRequest, address: string): Promise<Person> {
    if (!this.companiesOpen)
      throw new Refusal(403, {
        code: 'not-allowed',
        message:
          'New companies cannot be created on this server. Ask the owner of your company for an invitation.',
      });
    await this.attempts.count('joining', address);
    refuseCommonPassword(owner.password, owner.email);
    const passwordHash = await hashPassword(owner.password);
    return inTransaction(this.sequelize, async () => {
      const { id } = await this.company.start(company.trim());
      return inCompany(id, () => this.addPerson(owner, 'owner', passwordHash));
    });
  }

  /** Adds somebody to the open company. */
  async join(person: JoinRequest, role: Role): Promise<Person> {
    refuseCommonPassword(person.password, person.email);
    return this.addPerson(person, role, await hashPassword(person.password));
  }

  async changePassword(current: string, next: string, address: string): Promise<Person> {
    const person = await this.people.findByPk(currentPersonId(), { rejectOnEmpty: true });
    await this.attempts.count('account', person.email);
    await this.attempts.count('password', `${address} ${person.email}`);
    if (!(await passwordMatches(person.passwordHash, current)))
      throw new Refusal(400, {
        code: 'invalid-input',
        field: 'current',
        message:
          person.passwordHash === null
            ? 'People of the demo company have no password to change.'
            : 'That is not your current password.',
      });
    refuseCommonPassword(next, person.email, 'next');
    await this.attempts.forget('password', `${address} ${person.email}`);
    await this.attempts.forget('account', person.email);
    return this.keepPassword(person, await hashPassword(next));
  }

  /** Keeps a person’s new password, and that it is another now. */
  keepPassword(person: Person, passwordHash: string): Promise<Person> {
    return inTransaction(this.sequelize, async () => {
      await this.log.record({
        kind: 'password',
        subjectId: person.id,
        what: person.name,
        before: null,
        after: null,
      });
      return person.update({ passwordHash });
    });
  }

  private async addPerson(
    { name, email }: Pick<JoinRequest, 'name' | 'email'>,
    role: Role,
    passwordHash: string,
  ): Promise<Person> {
    try {
      const person = await this.people.create({
        name: name.trim(),
        email: email.toLowerCase(),
        role,
        passwordHash,
        joinedAt: new Date(),
      });
      await inCompany(
        person.companyId,
        () =>
          this.log.record({
            kind: 'joined',
            subjectId: person.id,
            what: person.name,
            before: null,
            after: role,
          }),
        { personId: person.id },
      );
      return person;
    } catch (error) {
      if (error instanceof UniqueConstraintError)
        throw new ConflictException(
          `Somebody in this company has already joined with ${email.toLowerCase()}. Sign in with it, or use another address.`,
        );
      throw error;
    }
  }
}

const wrongPassword = (): Refusal =>
  new Refusal(401, {
    code: 'signed-out',
    field: 'password',
    message: 'E-mail or password is wrong. Check both and try again.',
  });
