import { LANGUAGES, type Language } from '@grevik/words';
import { IsEmail, IsIn, IsOptional, IsString, Length, Matches, MaxLength } from 'class-validator';
import { VersionedRequest } from './position.js';
import { ROLES, type Permission, type Role } from './access.js';

export const SHORTEST_PASSWORD = 10;
const LONGEST_PASSWORD = 200;

export class SignInRequest {
  @IsEmail()
  @MaxLength(254)
  email!: string;

  @IsString()
  @Length(1, LONGEST_PASSWORD)
  password!: string;

  /** The company's name, for somebody who is in more than one with the same e-mail and password. */
  @IsOptional()
  @IsString()
  @Length(1, 120)
  company?: string;

  /** Of the second factor, where the person has one: six digits, or one of the codes for a lost phone. */
  @IsOptional()
  @IsString()
  @Length(6, 20)
  code?: string;
}

/** A person's own part of joining: the name on the log, and how to sign in. */
export class JoinRequest {
  @IsString()
  @Length(1, 80)
  @Matches(/\S/, { message: 'name must have a letter in it' })
  name!: string;

  @IsEmail()
  @MaxLength(254)
  email!: string;

  @IsString()
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD)
  password!: string;
}

/** A new company, and its owner. */
export class StartCompanyRequest extends JoinRequest {
  @IsString()
  @Length(1, 120)
  @Matches(/\S/, { message: 'company must have a letter in it' })
  company!: string;
}

/** Looks around in the demo company, as one of its people. */
export class DemoRequest {
  @IsIn(ROLES)
  role!: Role;
}

/** The language a person reads on every device. */
export class LanguageRequest {
  @IsIn(LANGUAGES)
  language!: Language;
}

export class ChangePasswordRequest {
  @IsString()
  @Length(1, LONGEST_PASSWORD)
  current!: string;

  @IsString()
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD)
  next!: string;
}

export class InviteRequest {
  @IsIn(ROLES)
  role!: Role;
}

export class RoleRequest extends VersionedRequest {
  @IsIn(ROLES)
  role!: Role;
}

const EndOfLink = Matches(/^[\w-]{43}$/, { message: 'token must be the end of the link as it was sent' });

/** The secret part of a link. */
export class LinkToken {
  @EndOfLink
  token!: string;
}

export class AcceptInvitationRequest extends JoinRequest {
  @EndOfLink
  token!: string;
}

export interface PersonView {
  id: string;
  /** Goes up with every change of the role: send it back with the next one. */
  version: number;
  name: string;
  email: string;
  role: Role;
}

/** Who is signed in, where, and what they may do. */
export interface SessionView {
  person: PersonView;
  company: { name: string; isDemo: boolean };
  /** Chosen by the person, on whatever device; null where they have chosen none. */
  language: Language | null;
  may: readonly Permission[];
  /** Number of the company's last change: what comes after it is told to open screens. */
  changeNumber: number;
}

/** The ways in that this server offers. */
export interface SignInOptionsView {
  demo: boolean;
  /** Whether anybody may create a company. */
  company: boolean;
}

export interface InvitationView {
  id: string;
  role: Role;
  invitedBy: string;
  expiresAt: string;
}

/** An invitation as it was just made. The link is shown this once: only its fingerprint is kept. */
export interface NewInvitationView extends InvitationView {
  token: string;
}

/** What somebody with the link sees before they join. */
export interface InvitationOfferView {
  company: string;
  role: Role;
  invitedBy: string;
}

/** A new password, by a link that the owner made. */
export class NewPasswordRequest extends LinkToken {
  @IsString()
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD)
  password!: string;
}

/** A link for a new password as it was just made: it is shown this once. */
export interface NewPasswordLinkView {
  name: string;
  token: string;
  expiresAt: string;
}

/** What somebody with a link for a new password sees before they choose one. */
export interface PasswordLinkOfferView {
  name: string;
  company: string;
}

/** A code of the second factor. */
export class SecondFactorRequest {
  @IsString()
  @Length(6, 20)
  code!: string;
}

export interface SecondFactorView {
  isOn: boolean;
  /** Codes for a lost phone that are not used yet. */
  codesLeft: number;
}

/** What a phone needs to make codes: shown until the first code is entered. */
export interface SecondFactorOfferView {
  secret: string;
  /** The same for a QR code, an otpauth address. */
  address: string;
}

/** Codes for a lost phone, each for one sign-in; they are shown this once. */
export interface RecoveryCodesView {
  codes: string[];
}

/** A device on which one is signed in. */
export interface OpenSessionView {
  id: string;
  /** Browser and system, as they say of themselves; null where they say nothing. */
  device: string | null;
  openedAt: string | null;
  /** Whether it is the one that asks. */
  isThis: boolean;
}
