import type { CheckClosureCase } from '@grevik/core';
import type { Words } from '../../../words';
import type { FieldsOf } from '../case/case-fields';

/** What of a pump stop a person may set. */
export const checkClosureFields = (words: Words): FieldsOf<CheckClosureCase> => ({
  orientation: {
    label: words('checkClosure.orientation'),
    as: 'choice',
    choices: ['horizontal', 'vertical-up'],
    say: (way) => words(way === 'horizontal' ? 'checkClosure.level' : 'checkClosure.rising'),
  },
  flowM3s: { label: words('checkClosure.flow'), as: 'flow', min: 1e-6, max: 2 },
  pressurePa: { label: words('checkClosure.pressure'), as: 'pressure', min: 1e3, max: 4e6 },
  mainLengthM: { label: words('checkClosure.main'), as: 'length', min: 1, max: 20_000 },
  startsPerHour: { label: words('checkClosure.starts'), as: 'count', min: 0, max: 60, even: true },
  waveSpeedMs: { label: words('checkClosure.wave'), as: 'velocity', min: 150, max: 1482, even: true },
  diameterM: { label: words('checkClosure.bore'), as: 'length', min: 0.008, max: 1.5 },
  dn: { label: words('checkClosure.bore'), as: 'count', min: 1, max: 3000, hidden: true },
  temperatureC: { label: words('hammer.temperature'), as: 'temperature', min: 0, max: 150, hidden: true },
});
