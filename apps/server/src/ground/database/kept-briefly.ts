import { setTimeout as pause } from 'node:timers/promises';

interface Kept<Result> {
  at: number;
  result: Promise<Result>;
}

/**
 * What is the same for everybody and long to work out, kept for a moment; who asks meanwhile waits for the same work. Where it is old it is
 * worked out anew, and the old result stands in for a new one that takes long.
 *
 * @example
 * const lives = new KeptBriefly<number>({ freshMs: 10_000, waitMs: 300 });
 * await lives.get('company', () => Promise.resolve(7)); // 7
 * await lives.get('company', () => Promise.resolve(8)); // 7, for ten seconds
 */
export class KeptBriefly<Result> {
  private readonly kept = new Map<string, Kept<Result>>();

  /** @param times how old a result may be, and how long an old one waits for a new one, ms */
  constructor(private readonly times: { freshMs: number; waitMs: number }) {}

  /**
   * @param subject what it is of: a company
   * @param work    works it out, in no transaction; what fails is not kept
   */
  async get(subject: string, work: () => Promise<Result>): Promise<Result> {
    const known = this.kept.get(subject);
    if (known && Date.now() - known.at < this.times.freshMs) return known.result;
    const fresh = work();
    const made: Kept<Result> = { at: Date.now(), result: fresh };
    if (known) made.result = fresh.catch(() => known.result);
    this.kept.set(subject, made);
    if (!known) {
      fresh.catch(() => this.kept.delete(subject));
      return fresh;
    }
    return Promise.race([made.result, pause(this.times.waitMs).then(() => known.result)]);
  }
}
