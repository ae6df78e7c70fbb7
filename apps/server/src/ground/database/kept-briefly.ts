/**
 * What is the same for everybody and long to work out, kept for a moment; who asks meanwhile waits for the same work.
 *
 * @example
 * const lives = new KeptBriefly<number>(10_000);
 * await lives.get('company', () => Promise.resolve(7)); // 7
 * await lives.get('company', () => Promise.resolve(8)); // 7, for ten seconds
 */
export class KeptBriefly<Result> {
  private readonly kept = new Map<string, Promise<Result>>();

  /** @param forMs how old a result may be, ms */
  constructor(private readonly forMs: number) {}

  /**
   * @param subject what it is of: a company
   * @param work    works it out; what fails is not kept
   */
  get(subject: string, work: () => Promise<Result>): Promise<Result> {
    const known = this.kept.get(subject);
    if (known) return known;
    const result = work();
    this.kept.set(subject, result);
    const forget = (): void => void this.kept.delete(subject);
    setTimeout(forget, this.forMs).unref();
    result.catch(forget);
    return result;
  }
}
