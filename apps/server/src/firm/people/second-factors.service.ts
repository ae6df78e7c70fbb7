import { randomInt } from 'node:crypto';
import type { RecoveryCodesView, SecondFactorOfferView, SecondFactorView } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Secret, TOTP } from 'otpauth';
import type { Sequelize } from 'sequelize-typescript';
import { secretKeyHash } from '../../ground/access/secret-key.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentPersonId, inCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Person } from './person.model.js';
import { SecondFactor } from './second-factor.model.js';

/** Codes for a lost phone. */
const CODES = 8;
const CODE_LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const CODE_LENGTH = 10;
const STEP_S = 30;

/** A second factor at sign-in: codes that a phone makes (TOTP, RFC 6238), and codes for when it is lost. */
@Injectable()
export class SecondFactors {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(SecondFactor) private readonly factors: typeof SecondFactor,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly log: ChangeLog,
  ) {}

  async own(): Promise<SecondFactorView> {
    const factor = await this.factors.findOne({ where: { personId: currentPersonId(), isConfirmed: true } });
    return { isOn: factor !== null, codesLeft: factor?.codeHashes.length ?? 0 };
  }

  /** Offers a secret for a phone; it counts once a code of it was entered. */
  async offer(): Promise<SecondFactorOfferView> {
    const person = await this.people.findByPk(currentPersonId(), { rejectOnEmpty: true });
    const secret = new Secret({ size: 20 });
    await inTransaction(this.sequelize, async () => {
      const before = await this.factors.findOne({ where: { personId: person.id }, lock: true });
      if (before?.isConfirmed) throw isOn();
      await before?.destroy();
      await this.factors.create({ personId: person.id, secret: secret.base32 });
    });
    return { secret: secret.base32, address: totp(secret.base32, person.email).toString() };
  }

  /** Turns it on with a first code. */
  async confirm(code: string): Promise<RecoveryCodesView> {
    const codes = Array.from({ length: CODES }, newCode);
    await inTransaction(this.sequelize, async () => {
      const factor = await this.factors.findOne({ where: { personId: currentPersonId() }, lock: true });
      if (factor?.isConfirmed) throw isOn();
      const step = factor && stepOf(factor, code);
      if (!factor || step === undefined) throw wrongCode();
      await factor.update({
        isConfirmed: true,
        lastStep: String(step),
        codeHashes: codes.map(hashOfCode),
      });
      await this.record(factor.personId, 'on');
    });
    return { codes };
  }

  /** Turns one's own off, with a code. */
  async turnOff(code: string): Promise<void> {
    await this.check(currentPersonId(), code);
    await this.remove(currentPersonId());
  }

  /** Turns somebody's off: their phone and their codes are lost. */
  async remove(personId: string): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      if ((await this.factors.destroy({ where: { personId, isConfirmed: true } })) === 0)
        throw new NotFoundException('This person has no second factor.');
      await this.record(personId, 'off');
    });
  }

  /** Lets a person in whose password was right: at once without a second factor, else with a code, each of which is taken once. */
  async admit(person: Person, code: string | undefined): Promise<void> {
    await inCompany(person.companyId, async () => {
      const isNeeded = await this.factors.count({ where: { personId: person.id, isConfirmed: true } });
      if (isNeeded === 0) return;
      if (code === undefined)
        throw new Refusal(401, {
          code: 'signed-out',
          field: 'code',
          message: 'Enter the six digits that your phone shows for Grevik, or a code for a lost phone.',
        });
      await this.check(person.id, code);
    });
  }

  private async check(personId: string, code: string): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const factor = await this.factors.findOne({ where: { personId, isConfirmed: true }, lock: true });
      const step = factor ? stepOf(factor, code) : undefined;
      const hash = hashOfCode(code);
      if (factor && step !== undefined) await factor.update({ lastStep: String(step) });
      else if (factor?.codeHashes.includes(hash))
        await factor.update({ codeHashes: factor.codeHashes.filter((kept) => kept !== hash) });
      else throw wrongCode();
    });
  }

  private async record(personId: string, after: 'on' | 'off'): Promise<void> {
    const { name } = await this.people.findByPk(personId, { rejectOnEmpty: true });
    await this.log.record({ kind: 'second-factor', subjectId: personId, what: name, before: null, after });
  }
}

const totp = (secret: string, label: string): TOTP =>
  new TOTP({ issuer: 'Grevik', label, secret, period: STEP_S });

/** The time step of a code that is right now, or was half a minute ago, and was not taken yet. */
function stepOf({ secret, lastStep }: SecondFactor, code: string): number | undefined {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return undefined;
  const apart = totp(secret, '').validate({ token, window: 1 });
  if (apart === null) return undefined;
  const step = Math.floor(Date.now() / 1000 / STEP_S) + apart;
  return step > Number(lastStep) ? step : undefined;
}

function newCode(): string {
  const letters = Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]);
  return `${letters.slice(0, CODE_LENGTH / 2).join('')}-${letters.slice(CODE_LENGTH / 2).join('')}`;
}

const hashOfCode = (code: string): string => secretKeyHash(code.toLowerCase().replace(/[\s-]/g, ''));

const wrongCode = (): InvalidInput =>
  new InvalidInput(
    'code',
    'This code is wrong, used or too old. Wait for the next one on your phone, and check that its clock is right.',
  );

const isOn = (): Refusal =>
  new Refusal(409, {
    code: 'conflict',
    message: 'The second factor is on already. Turn it off first to use another phone.',
  });
