import { CLOSURE_LAWS, type HammerCase } from '@grevik/core';
import type { Words } from '../../../words';
import type { FieldsOf } from '../case/case-fields';

/** What of a hammer's case a person may set. */
export const hammerFields = (words: Words): FieldsOf<HammerCase> => ({
  closingS: { label: words('hammer.closing'), as: 'time', min: 0.02, max: 120 },
  flowM3s: { label: words('hammer.flow'), as: 'flow', min: 1e-6, max: 1 },
  lengthM: { label: words('hammer.length'), as: 'length', min: 0.5, max: 5000 },
  pressurePa: { label: words('hammer.pressure'), as: 'pressure', min: 1e4, max: 4e7 },
  limitPa: { label: words('hammer.limit'), as: 'pressure', min: 1e4, max: 6e7 },
  diameterM: { label: words('hammer.bore'), as: 'length', min: 0.005, max: 1.5 },
  waveSpeedMs: { label: words('hammer.wave'), as: 'velocity', min: 150, max: 1482, even: true },
  temperatureC: { label: words('hammer.temperature'), as: 'temperature', min: 0, max: 150, even: true },
  law: {
    label: words('control.characteristic'),
    as: 'choice',
    choices: CLOSURE_LAWS.filter((law) => law !== 'instant'),
    say: (law) => words(law === 'instant' ? 'closureLaws.linear' : `closureLaws.${law}`),
  },
  roughnessM: { label: words('hammer.roughness'), as: 'length', min: 1e-7, max: 0.01, hidden: true },
});
