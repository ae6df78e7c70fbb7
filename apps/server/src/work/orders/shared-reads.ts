/**
 * Lets those who want to read the same thing at once read it together: whoever comes while it is read waits for the next reading, which begins
 * after they came, and shares it with all who came meanwhile. What is read is therefore never older than the question.
 *
 * @example
 * const reads = new SharedReads<string>(); await reads.read('a job', () => theJobsOrders())
 */
export class SharedReads<T> {
  private readonly under = new Map<string, { now: Promise<unknown>; next?: Promise<T> }>();

  read(key: string, read: () => Promise<T>): Promise<T> {
    const busy = this.under.get(key);
    if (busy) return (busy.next ??= busy.now.then(() => this.begin(key, read)));
    return this.begin(key, read);
  }

  private begin(key: string, read: () => Promise<T>): Promise<T> {
    const reading = read();
    const entry: { now: Promise<unknown>; next?: Promise<T> } = {
      now: reading
        .catch(() => undefined)
        .then(() => {
          if (!entry.next) this.under.delete(key);
        }),
    };
    this.under.set(key, entry);
    return reading;
  }
}
