import { Logger } from '@nestjs/common';

/** Does something again and again, one round after the other, however long one takes. */
export class EverySoOften {
  private timer: NodeJS.Timeout | undefined;
  private last: Promise<void> = Promise.resolve();
  private readonly logger: Logger;

  constructor(
    name: string,
    private readonly everyMs: number,
    private readonly work: () => Promise<void>,
  ) {
    this.logger = new Logger(name);
  }

  begin(): void {
    this.timer = setInterval(() => {
      this.last = this.last.then(this.work).catch((error: unknown) => this.logger.error(error));
    }, this.everyMs);
    this.timer.unref();
  }

  /** Ends it once the round that runs is through. */
  async end(): Promise<void> {
    clearInterval(this.timer);
    await this.last;
  }
}
