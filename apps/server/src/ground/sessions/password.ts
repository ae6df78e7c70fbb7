import { hash, verify } from '@node-rs/argon2';

/** A password as it is kept: argon2id with the library's own costs, which follow OWASP's advice. */
export const hashPassword = (password: string): Promise<string> => hash(password);

/** Taken for people who are not there, so that a wrong e-mail takes as long as a wrong password. */
let decoy: Promise<string> | undefined;

/** Whether a password is the one that was kept; never for somebody without one. */
export async function passwordMatches(kept: string | null | undefined, password: string): Promise<boolean> {
  decoy ??= hash('nobody has this password');
  const matches = await verify(kept ?? (await decoy), password);
  return matches && kept !== null && kept !== undefined;
}
