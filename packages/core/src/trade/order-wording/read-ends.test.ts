import { apart, readEndsAt } from './read-ends.js';

const ends = (text: string) => readEndsAt(apart(text), 0)?.ends;

describe('connections in a text', () => {
  it.each([
    ['FIP x FIP', [{ style: 'fip' }, { style: 'fip' }]],
    ['C x C', [{ style: 'sweat' }, { style: 'sweat' }]],
    ['CxC', [{ style: 'sweat' }, { style: 'sweat' }]],
    ['MJxFLG', [{ style: 'mechanical-joint' }, { style: 'flanged' }]],
    ['SWT', [{ style: 'sweat' }]],
    [
      '1 in FIP × 3/4 in MIP',
      [
        { style: 'fip', dn: 25 },
        { style: 'mip', dn: 20 },
      ],
    ],
    [
      'DN25 press by DN20 press',
      [
        { style: 'press', dn: 25 },
        { style: 'press', dn: 20 },
      ],
    ],
    [
      '1-1/2" SWT x 40 mm press',
      [
        { style: 'sweat', dn: 40 },
        { style: 'press', dn: 40 },
      ],
    ],
    [
      '1/2 sweat x 3/8 OD comp x 1/4 OD comp',
      [
        { style: 'sweat', dn: 15 },
        { style: 'od-compression', odIn: 0.375 },
        { style: 'od-compression', odIn: 0.25 },
      ],
    ],
    ['⅝" OD comp', [{ style: 'od-compression', odIn: 0.625 }]],
    ['1/2 in (5/8 in OD) compression', [{ style: 'od-compression', dn: 15, odIn: 0.625 }]],
    ['socket-weld x threaded', [{ style: 'socket-weld' }, { style: 'fip' }]],
    ['class 125 flange x class 150 flange', [{ style: 'flange-125' }, { style: 'flange-150' }]],
    ['PEX crimp x MHT', [{ style: 'pex-barb' }, { style: 'male-hose' }]],
    ['female npt x male npt', [{ style: 'fip' }, { style: 'mip' }]],
  ])('“%s”', (text, read) => {
    expect(ends(text)).toEqual(read);
  });

  it.each(['600 CWP', '3/4 ball', '300 WCB', 'pressure-reducing', 'presser', '7/9 SWT', '2000 in FIP', ''])(
    'are none in “%s”',
    (text) => {
      expect(ends(text)).toBeUndefined();
    },
  );

  it('stop where the next word is none', () => {
    const text = '1/2 in PEX barb x 3/8 in OD compression angle stop';
    expect(text.slice(readEndsAt(text, 0)!.to)).toBe(' angle stop');
    expect('FIP x 600 CWP'.slice(readEndsAt('FIP x 600 CWP', 0)!.to)).toBe(' x 600 CWP');
  });
});
