import type { DoorsView, JoinRequest, Role, StartCompanyRequest } from '@grevik/contracts';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../database/work-context.js';
import { acrossCompanies, currentPersonId, inCompany } from '../company/company-scope.js';
import { CompanyService } from '../company/company.service.js';
import { Refusal } from '../errors/refusal.js';
import { Attempts } from '../sessions/attempts.js';
import { hashPassword, passwordMatches } from '../sessions/password.js';
import { Person } from './person.model.js';

/** The ways in: by password, into the demo company, as the owner of a new company. */
@Injectable()
export class SignInService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly company: CompanyService,
    private readonly attempts: Attempts,
  ) {}

  async doors(): Promise<DoorsView> {
    return { demo: (await this.company.demo()) !== null };
  }

  async byPassword(email: string, password: string, address: string): Promise<Person> {
    const account = email.toLowerCase();
    await this.attempts.count('address', address);
    await this.attempts.count('password', `${address} ${account}`);
    const person = await acrossCompanies(() =>
      this.people.findOne({ where: { email: account, leftAt: null } }),
    );
    const matches = await passwordMatches(person?.passwordHash, password);
    if (!person || !matches)
      throw new Refusal(401, {
        code: 'signed-out',
        field: 'password',
        message: 'That e-mail and password do not go together. Check both, and try again.',
      });
    await this.attempts.forget('password', `${address} ${account}`);
    return person;
  }

  async asDemo(role: Role, address: string): Promise<Person> {
    await this.attempts.count('demo', address);
    const demo = await this.company.demo();
    const person =
      demo && (await inCompany(demo.id, () => this.people.findOne({ where: { role, leftAt: null } })));
    if (!person)
      throw new NotFoundException(
        'There is no demo company on this server. Sign in, or start your own company.',
      );
    return person;
  }

  /** A new company with its owner. What was entered before people signed in goes to the first who starts one. */
  async startCompany({ company, ...owner }: StartCompanyRequest, address: string): Promise<Person> {
    await this.attempts.count('joining', address);
    const passwordHash = await hashPassword(owner.password);
    return inTransaction(this.sequelize, async () => {
      const { id } = await this.company.start(company.trim());
      return inCompany(id, () => this.addPerson(owner, 'owner', passwordHash));
    });
  }

  /** Adds somebody to the open company. */
  async join(person: JoinRequest, role: Role): Promise<Person> {
    return this.addPerson(person, role, await hashPassword(person.password));
  }

  async changePassword(current: string, next: string, address: string): Promise<Person> {
    const person = await this.people.findByPk(currentPersonId(), { rejectOnEmpty: true });
    await this.attempts.count('password', `${address} ${person.email}`);
    if (!(await passwordMatches(person.passwordHash, current)))
      throw new Refusal(400, {
        code: 'invalid-input',
        field: 'current',
        message:
          person.passwordHash === null
            ? 'People of the demo company have no password to change.'
            : 'That is not your password as it is now.',
      });
    await this.attempts.forget('password', `${address} ${person.email}`);
    return person.update({ passwordHash: await hashPassword(next) });
  }

  private async addPerson(
    { name, email }: Pick<JoinRequest, 'name' | 'email'>,
    role: Role,
    passwordHash: string,
  ): Promise<Person> {
    try {
      return await this.people.create({ name: name.trim(), email: email.toLowerCase(), role, passwordHash });
    } catch (error) {
      if (error instanceof UniqueConstraintError)
        throw new ConflictException(
          `Somebody has joined with ${email.toLowerCase()} already. Sign in with it, or give another address.`,
        );
      throw error;
    }
  }
}
