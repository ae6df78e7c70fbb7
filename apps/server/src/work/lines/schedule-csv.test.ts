import type { LineView, ModelView } from '@grevik/contracts';
import { houseRuleSettings } from '@grevik/core';
import Papa from 'papaparse';
import { scheduleCsv } from './schedule-csv.js';

const model: ModelView = {
  id: 'ball',
  version: 0,
  retired: false,
  maker: 'Ostrand',
  model: '21P',
  type: 'ball',
  port: 'full',
  seatMaterial: 'ptfe',
  operator: 'gear',
  ends: ['press', 'press'],
  ratingId: 'body-brass-600cwp',
  approvals: ['potable'],
  sizes: [{ dn: 20, price: 21.9 }],
};
const duty = { function: 'isolate', dn: 20, pressurePa: 517106.797, temperatureC: -5 } as const;
const line: LineView = {
  id: 'line',
  facts: {},
  factsVersion: 0,
  handedOverAt: '2024-11-29T10:00:00.000Z',
  jobId: 'job',
  name: 'Domestic cold',
  medium: 'potable-cold',
  walk: { version: 0, items: [] },
  positions: [
    {
      id: 'a',
      tag: 'CW-01',
      remarks: 'café, "back" wall',
      duty: {
        ...duty,
        flowM3s: 5e-4,
        pipe: { material: 'copper', lengthUpstreamM: 0 },
        orientation: 'vertical-up',
        place: 'concealed',
      },
      version: 1,
      changed: null,
      condition: {},
      coordinates: null,
      hookUp: {},
      photos: [],
      pick: {
        modelId: 'ball',
        reason: 'No torch.\nSecond line.',
        verdict: 'fits',
        edges: [],
        pickedAt: '',
        pickedBy: null,
      },
    },
    {
      id: 'b',
      tag: 'CW-02',
      remarks: '',
      duty: { ...duty, pressurePa: 2e6 },
      version: 0,
      changed: null,
      condition: {},
      coordinates: null,
      hookUp: {},
      photos: [],
      pick: { modelId: 'ball', reason: 'Old.', verdict: 'fits', edges: [], pickedAt: '', pickedBy: null },
    },
    {
      id: 'c',
      tag: 'CW-03',
      remarks: '',
      duty,
      version: 0,
      changed: null,
      condition: {},
      coordinates: null,
      hookUp: {},
      photos: [],
      pick: null,
    },
  ],
};
const csv = (units: 'us' | 'metric', of: LineView = line): string =>
  scheduleCsv({ line: of, models: [model], settings: houseRuleSettings(), currency: 'USD', units });
const rows = (text: string): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: true })
    .data;

describe('the schedule as CSV', () => {
  it('has one row a position in the order of the water, marked as UTF-8', () => {
    expect(csv('us').startsWith('\uFEFFTag,Line,')).toBe(true);
    expect(rows(csv('us')).map(({ Tag }) => Tag)).toEqual(['CW-01', 'CW-02', 'CW-03']);
  });

  it('keeps quotes, commas and line breaks', () => {
    expect(rows(csv('us'))[0]).toMatchObject({
      Remarks: 'café, "back" wall',
      Reason: 'No torch.\nSecond line.',
    });
  });

  it('gives plain figures under a heading with the unit, in either system', () => {
    expect(rows(csv('us'))[0]).toMatchObject({
      Size: '¾ in',
      'Pressure (psi)': '75',
      'Temperature (°F)': '23',
      'Flow (gpm)': '7.93',
      'Price (USD)': '21.9',
    });
    expect(rows(csv('metric'))[0]).toMatchObject({
      Size: 'DN20',
      'Pressure (bar)': '5.17',
      'Temperature (°C)': '-5',
      'Flow (L/s)': '0.5',
    });
  });

  it('judges a pick on the duty as it is now, and leaves blank what is not picked or not known', () => {
    const [fits, outgrown, open] = rows(csv('us'));
    expect(fits).toMatchObject({
      Pick: 'Ball, full port',
      From: 'Ostrand 21P',
      'Verdict now': 'fits',
      Pipe: 'copper',
      Orientation: 'vertical-up',
    });
    expect(outgrown).toMatchObject({ 'Verdict now': 'out', Reason: 'Old.' });
    expect(open).toMatchObject({
      Pick: '',
      'Verdict now': '',
      'Price (USD)': '',
      'Flow (gpm)': '',
      Pipe: '',
    });
  });

  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1'])(
    'lets %j out as text a spreadsheet does not run',
    (remarks) => {
      const [first] = line.positions;
      const text = csv('us', {
        ...line,
        positions: [{ ...first!, remarks, pick: { ...first!.pick!, reason: remarks } }],
      });
      expect(rows(text)[0]).toMatchObject({ Remarks: `'${remarks}`, Reason: `'${remarks}` });
    },
  );
});
