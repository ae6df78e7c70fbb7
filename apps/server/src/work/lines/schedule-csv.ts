import type { LineView, ModelView } from '@grevik/contracts';
import {
  FUNCTION_WORDS,
  type HouseRuleSettings,
  MEDIUM_FACTS,
  PIPE_FACTS,
  type Quantity,
  type UnitSystem,
  formatNominalSize,
  inUnits,
  modelWords,
  pickedNow,
} from '@grevik/core';
import { csvText } from '../../ground/sheets/csv-text.js';

/** Units of the schedule's columns: one a column, so that a spreadsheet can reckon with the figures. */
const UNITS = {
  us: { pressure: 'psi', temperature: '°F', flow: 'gpm' },
  metric: { pressure: 'bar', temperature: '°C', flow: 'L/s' },
} as const;

export interface ScheduleSource {
  line: LineView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
  currency: string;
  units: UnitSystem;
}

/**
 * A line's schedule as CSV: one row a position, with its duty and its pick. Text that a spreadsheet would run as a formula gets a
 * quote in front; a mark at the head tells spreadsheets that it is UTF-8.
 */
export function scheduleCsv({ line, models, settings, currency, units }: ScheduleSource): string {
  const columns = UNITS[units];
  const figure = (value: number | undefined, quantity: Quantity & keyof typeof columns): number | '' =>
    value === undefined ? '' : inUnits(value, quantity, units, columns[quantity]).figure;
  const rows = line.positions.map((position) => {
    const { tag, duty, remarks } = position;
    const picked = pickedNow(position, line, models, settings);
    const words = picked && modelWords(picked.model);
    return {
      Tag: tag,
      Line: line.name,
      Medium: MEDIUM_FACTS[line.medium].words,
      Function: FUNCTION_WORDS[duty.function],
      Size: formatNominalSize(duty.dn, units),
      [`Pressure (${columns.pressure})`]: figure(duty.pressurePa, 'pressure'),
      [`Temperature (${columns.temperature})`]: figure(duty.temperatureC, 'temperature'),
      [`Flow (${columns.flow})`]: figure(duty.flowM3s, 'flow'),
      Pipe: duty.pipe ? PIPE_FACTS[duty.pipe.material].words : '',
      Orientation: duty.orientation ?? '',
      Place: duty.place ?? '',
      Remarks: remarks,
      'In service since': line.handedOverAt?.slice(0, 10) ?? '',
      Pick: words?.name ?? '',
      Details: words?.details ?? '',
      From: words?.from ?? '',
      'Verdict now': picked?.verdict ?? '',
      Reason: picked?.reason ?? '',
      [`Price (${currency})`]: picked?.size?.price ?? '',
    };
  });
  return `\uFEFF${csvText(rows)}\r\n`;
}
