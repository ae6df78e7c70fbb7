import { CHARACTERISTICS, type ControlCase } from '@grevik/core';
import type { Words } from '../../../words';
import type { FieldsOf } from '../case/case-fields';

/** What of a throttled line a person may set. */
export const controlFields = (words: Words): FieldsOf<ControlCase> => ({
  flowM3s: { label: words('control.lineFlow'), as: 'flow', min: 1e-6, max: 1 },
  availablePa: { label: words('control.available'), as: 'pressure', min: 1e3, max: 4e7 },
  upstreamPa: { label: words('control.upstream'), as: 'pressure', min: 1e3, max: 4e7 },
  openKv: { label: words('control.openKv'), as: 'capacity', min: 0.05, max: 5000 },
  temperatureC: { label: words('hammer.temperature'), as: 'temperature', min: 0, max: 150, even: true },
  characteristic: {
    label: words('control.characteristic'),
    as: 'choice',
    choices: CHARACTERISTICS,
    say: (name) => words(`characteristics.${name}`),
  },
  restAhead: { label: words('control.restAhead'), as: 'switch' },
});
