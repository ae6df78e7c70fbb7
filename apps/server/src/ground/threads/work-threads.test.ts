import { randomUUID } from 'node:crypto';
import { findCalculation } from '@grevik/core';
import { WorkThreads } from './work-threads.service.js';

/** The example of surge, with as many reaches as it takes by itself, and its series. */
const SURGE = { ...(findCalculation('surge')!.example as object), reaches: undefined, series: undefined };
const LIMITS = { mostMs: 5_000, mostAnswerBytes: 10_000_000 };

describe('work in threads', () => {
  const threads = new WorkThreads();
  afterAll(() => threads.onApplicationShutdown());

  const calculate = (
    name: string,
    input: unknown,
    limits: Partial<typeof LIMITS & { killedMs: number }> = {},
  ) => {
    const { killedMs = 20_000, ...own } = { ...LIMITS, ...limits };
    const body = new TextEncoder().encode(JSON.stringify(input));
    return threads.run(
      'calculate',
      { name, body, ...own },
      { sender: randomUUID(), mostMs: killedMs, insteadOfLong: 'Send less.' },
    );
  };

  it('answers with bytes, and passes a refusal on as what it was', async () => {
    const answer = await calculate('surge', { ...SURGE, series: false, envelope: false });
    expect(JSON.parse(new TextDecoder().decode(answer))).toMatchObject({ rapid: false });
    await expect(calculate('surge', { ...SURGE, lengthM: -1 })).rejects.toMatchObject({
      status: 400,
      error: { field: 'lengthM' },
    });
  });

  it('stops a list that takes too long or says too much, and says how many inputs would do', async () => {
    const list = Array.from({ length: 3_000 }, () => ({ ...SURGE, reaches: 200 }));
    await expect(calculate('surge', list, { mostMs: 50 })).rejects.toMatchObject({
      status: 422,
      error: {
        code: 'over-budget',
        message: expect.stringMatching(/After \d+ of 3000 .*Send at most \d+ inputs/) as string,
      },
    });
    await expect(calculate('surge', list, { mostAnswerBytes: 100_000 })).rejects.toMatchObject({
      status: 422,
      error: { message: expect.stringContaining('Or leave out series') as string },
    });
  });

  it('ends what does not stop by itself, and works on', async () => {
    const long = { ...SURGE, reaches: 1000, durationS: 80, series: false, envelope: false };
    await expect(calculate('surge', long, { killedMs: 300 })).rejects.toMatchObject({
      status: 422,
      error: { message: 'This takes longer than 0.3 s. Send less.' },
    });
    await expect(calculate('surge', { ...SURGE, series: false, envelope: false })).resolves.toBeInstanceOf(
      Uint8Array,
    );
  });

  it('ends what takes too much memory, and works on', async () => {
    const names = Array.from({ length: 600_000 }, (_, at) => ({
      flowM3s: at,
      densityKgM3: 1,
      diameterM: 1,
      kv: 1,
      more: { at },
    }));
    await expect(
      calculate('valve-loss', [names, names, names].flat(), { killedMs: 60_000 }),
    ).rejects.toMatchObject({ status: expect.any(Number) as number });
    await expect(calculate('surge', { ...SURGE, series: false, envelope: false })).resolves.toBeInstanceOf(
      Uint8Array,
    );
  }, 60_000);
});
