import { deviceMoment } from './device-moment.js';

const HOUR_MS = 3600 * 1000;
const inHours = (hours: number): string => new Date(Date.now() + hours * HOUR_MS).toISOString();

describe('a moment by the clock of a device', () => {
  it('is taken as it is, also where that clock is a little ahead', () => {
    expect(deviceMoment('happenedAt', '2026-11-20T08:30:00Z').toISOString()).toBe('2026-11-20T08:30:00.000Z');
    expect(deviceMoment('happenedAt', inHours(23)).getTime()).toBeGreaterThan(Date.now());
  });

  it('is refused by name where it is further ahead than that clock may be', () => {
    expect(() => deviceMoment('happenedAt', inHours(25))).toThrow(/^happenedAt is .*in the future/);
    expect(() => deviceMoment('takenAt', inHours(1), 60_000)).toThrow(/^takenAt is .*check the clock/);
  });
});
