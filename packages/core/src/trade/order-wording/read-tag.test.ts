import { readTag } from './read-tag.js';

const open = (text: string, given?: Parameters<typeof readTag>[1]): string[] =>
  readTag(text, given).open.map(({ field }) => field);

describe('what a tag or casting says', () => {
  it.each([
    ['3 300 WCB', { dn: 80, rating: { kind: 'class', value: 300 }, body: 'A216 WCB', family: 'steel' }],
    [
      '125 3/4 200 WOG bronze',
      { dn: 20, rating: { kind: 'class', value: 125 }, body: 'bronze', family: 'bronze' },
    ],
    [
      '600 WOG 1-1/2 LF brass',
      { dn: 40, rating: { kind: 'cwp', value: 600 }, leadFree: true, body: 'brass' },
    ],
    ['WOG 400 ½"', { dn: 15, rating: { kind: 'cwp', value: 400 }, family: 'bronze' }],
    ['150 WSP BRZ 1"', { dn: 25, rating: { kind: 'wsp', value: 150 }, body: 'bronze' }],
    ['CF8M 150# DN50 RF', { dn: 50, rating: { kind: 'class', value: 150 }, body: 'CF8M', facing: 'rf' }],
    ['A105 CL 800 3/4 THD BB OS&Y TRIM 8', { body: 'A105', trim: 8, bonnet: 'bolted', stem: 'os-y', dn: 20 }],
    [
      '6 AWWA C515 250 PSI MJ DI EPOXY',
      { dn: 150, standard: 'AWWA C515', family: 'waterworks', coating: 'epoxy' },
    ],
    ['DZR 1/2 NSF 61-372', { body: 'dzr-brass', approvals: ['potable'], dn: 15 }],
    ['1 Z21.15 600 CWP NSF 61', { dn: 25, approvals: ['gas', 'potable'] }],
    ['2 swing check BRZ 125', { type: 'check-swing', kind: 'swing', family: 'check' }],
  ])('%s', (text, known) => {
    const reading = readTag(text);
    expect(reading.known).toMatchObject(known);
    expect(reading.unread).toEqual([]);
  });

  it('leaves open what a casting does not tell', () => {
    expect(open('3 300 WCB', { type: 'gate-solid' })).toEqual(['ends', 'port', 'trim', 'bonnet', 'stem']);
    expect(open('6 AWWA C515 RWGV MJ DI 250 PSI')).toEqual(['operator', 'coating', 'opening']);
  });

  it('says what each marking means, a second pressure too, and why an open field matters', () => {
    const { markings, open: left } = readTag('125 SWP 200 WOG 3/4 →');
    expect(markings).toEqual([
      { text: '125 SWP', meaning: '125 psi working steam' },
      { text: '200 WOG', meaning: '200 psi cold water, oil or gas' },
      { text: '3/4', meaning: 'size 3/4' },
      { text: '→', meaning: 'flow arrow: it works one way only' },
    ]);
    expect(left.every(({ why, choices }) => why.length > 10 && choices.length > 0)).toBe(true);
  });

  it('names what it can not read, and takes size and type that are known otherwise', () => {
    const reading = readTag('QX7 heat 4F21', { dn: 25, type: 'ball' });
    expect(reading.unread).toEqual(['QX7']);
    expect(reading.known).toMatchObject({ dn: 25, type: 'ball' });
    expect(reading.markings[0]?.meaning).toContain('4F21');
  });

  it('takes the size on the casting before the one it was told', () => {
    expect(readTag('2" 200 WOG', { dn: 25 }).known.dn).toBe(50);
  });
});
