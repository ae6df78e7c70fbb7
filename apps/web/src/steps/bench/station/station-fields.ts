import type { StationCase } from '@grevik/core';
import type { Words } from '../../../words';
import type { FieldsOf } from '../case/case-fields';

/** What of a station a person may set. */
export const stationFields = (words: Words): FieldsOf<StationCase> => ({
  wellDiameterM: { label: words('station.well'), as: 'length', min: 0.3, max: 20 },
  pumpFlowM3s: { label: words('station.pump'), as: 'flow', min: 1e-4, max: 2 },
  platePowerKw: { label: words('station.plate'), as: 'figure', min: 0, max: 500, even: true },
});
