import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { ChangeDutyRequest, describedRefusal } from './index.js';

const duty = { function: 'isolate', dn: 20, pressurePa: 5e5, temperatureC: 10 };
const request = (change: unknown): ChangeDutyRequest =>
  plainToInstance(ChangeDutyRequest, { version: 0, duty: change });

describe('a described property', () => {
  it('passes what the core reads', () => {
    expect(validateSync(request(duty))).toEqual([]);
  });

  it.each([
    [{ ...duty, pressurePa: -4 }, 'duty.pressurePa'],
    [{ ...duty, medium: 'potable-cold' }, 'duty.medium'],
    [{ ...duty, dn: undefined }, 'duty.dn'],
    ['level', 'duty'],
  ])('refuses %j and names the field inside', (change, field) => {
    const [error] = validateSync(request(change));
    expect(error?.property).toBe('duty');
    expect(describedRefusal(request(change), 'duty', change)?.field).toBe(field);
    expect(error?.constraints?.described).toContain(field);
  });

  it('knows nothing of other properties', () => {
    expect(describedRefusal(request(duty), 'version', -1)).toBeUndefined();
  });
});
