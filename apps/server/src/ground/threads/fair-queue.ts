/** Somebody's work that waits for its turn. */
interface Waiting {
  start(): void;
}

/**
 * Deals turns out fairly: of those who wait, each sender's next work starts in rotation, and nobody has more than their share under way at
 * once, however much they sent.
 *
 * @example
 * const turn = await new FairQueue({ atOnce: 4, each: 2, waiting: 100 }).turn('a company'); // work, then turn.end()
 */
export class FairQueue {
  private readonly waiting = new Map<string, Waiting[]>();
  private readonly underWay = new Map<string, number>();
  private started = 0;

  /** @param limits turns at once, of one sender at once, and how many of one sender may wait */
  constructor(private readonly limits: { atOnce: number; each: number; waiting: number }) {}

  /** How many are under way, and how many wait. */
  get counts(): { running: number; waiting: number } {
    const waiting = [...this.waiting.values()].reduce((sum, own) => sum + own.length, 0);
    return { running: this.started, waiting };
  }

  /** Waits for a turn. Undefined where this sender has too many waiting already. */
  turn(sender: string): Promise<{ end(): void } | undefined> {
    const own = this.waiting.get(sender) ?? [];
    if (own.length >= this.limits.waiting) return Promise.resolve(undefined);
    return new Promise((resolve) => {
      own.push({ start: () => resolve({ end: () => this.end(sender) }) });
      this.waiting.set(sender, own);
      this.startNext();
    });
  }

  private end(sender: string): void {
    this.started -= 1;
    const left = (this.underWay.get(sender) ?? 1) - 1;
    if (left === 0) this.underWay.delete(sender);
    else this.underWay.set(sender, left);
    this.startNext();
  }

  private startNext(): void {
    for (const [sender, own] of this.waiting) {
      if (this.started >= this.limits.atOnce) return;
      const busy = this.underWay.get(sender) ?? 0;
      if (busy >= this.limits.each) continue;
      const next = own.shift();
      // To the end of the rotation, or out of it.
      this.waiting.delete(sender);
      if (own.length > 0) this.waiting.set(sender, own);
      if (!next) continue;
      this.started += 1;
      this.underWay.set(sender, busy + 1);
      next.start();
    }
  }
}
