import { VALVE_TYPES } from '../../ground/valves/index.js';
import { functionWords, mediaWords, typeService } from './index.js';

describe('what a type is for', () => {
  it('is never to throttle where a gate shuts off', () => {
    const { does, neverThrottles, madeFor, never } = typeService('gate-solid');
    expect(functionWords(does)).toContain('shut off');
    expect(neverThrottles).toBe(true);
    expect(madeFor).toContain('potable-cold');
    expect(never).toContain('raw-sewage');
  });

  it('names the media of one reason together', () => {
    const { withCare } = typeService('quarter-turn-stop');
    expect(withCare).toEqual([
      {
        media: ['irrigation'],
        why: 'Grit in irrigation water scores its small ball: put a strainer before it.',
      },
    ]);
    expect(mediaWords(['natural-gas', 'lp-gas'])).toBe('natural gas, LP gas');
  });

  it('says that an approval is needed where the type alone does not do', () => {
    const gas = typeService('globe').withCare.find(({ media }) => media.includes('natural-gas'));
    expect(gas?.why).toMatch(/^Only with an approval or a rating for it\./);
  });

  it.each(VALVE_TYPES)('of %s puts every medium into one list at most', (type) => {
    const { madeFor, withCare, never, does, neverThrottles } = typeService(type);
    const media = [...madeFor, ...withCare.flatMap((one) => one.media), ...never];
    expect(new Set(media).size).toBe(media.length);
    expect(neverThrottles && does.includes('throttle')).toBe(false);
  });
});
