import type { CheckStopCase } from '@grevik/core';
import type { Words } from '../../words';
import type { FieldsOf } from '../case/case-fields';

/** What of a pump stop a person may set. */
export const checkStopFields = (words: Words): FieldsOf<CheckStopCase> => ({
  orientation: {
    label: words('checkStop.orientation'),
    as: 'choice',
    choices: ['horizontal', 'vertical-up'],
    say: (way) => words(way === 'horizontal' ? 'checkStop.level' : 'checkStop.rising'),
  },
  flowM3s: { label: words('checkStop.flow'), as: 'flow', min: 1e-6, max: 2 },
  pressurePa: { label: words('checkStop.pressure'), as: 'pressure', min: 1e3, max: 4e6 },
  mainLengthM: { label: words('checkStop.main'), as: 'length', min: 1, max: 20_000 },
  startsPerHour: { label: words('checkStop.starts'), as: 'count', min: 0, max: 60, even: true },
  waveSpeedMs: { label: words('checkStop.wave'), as: 'velocity', min: 150, max: 1482, even: true },
  diameterM: { label: words('checkStop.bore'), as: 'length', min: 0.008, max: 1.5 },
  dn: { label: words('checkStop.bore'), as: 'count', min: 1, max: 3000, hidden: true },
  temperatureC: { label: words('hammer.temperature'), as: 'temperature', min: 0, max: 150, hidden: true },
});
