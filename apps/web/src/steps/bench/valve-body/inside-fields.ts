import type { ControlCase } from '@grevik/core';
import type { Words } from '../../../words';
import type { FieldsOf } from '../case/case-fields';

/** What of a line one sets to look inside a valve on it. */
export const insideFields = (words: Words): FieldsOf<ControlCase> => ({
  flowM3s: { label: words('control.lineFlow'), as: 'flow', min: 1e-6, max: 1 },
  availablePa: { label: words('control.available'), as: 'pressure', min: 1e3, max: 4e7 },
  openKv: { label: words('control.openKv'), as: 'capacity', min: 0.05, max: 5000 },
  upstreamPa: { label: words('control.upstream'), as: 'pressure', min: 1, max: 1e8, hidden: true },
  temperatureC: { label: words('hammer.temperature'), as: 'temperature', min: -50, max: 400, hidden: true },
});
