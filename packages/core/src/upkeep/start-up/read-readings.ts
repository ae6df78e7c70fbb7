import { type Quantity, UNITS, type Unit } from '../../ground/units/index.js';

/** A row of a log that could not be read, and why. */
export interface ReadingProblem {
  /** As a spreadsheet counts, the heading being row 1. */
  row: number;
  text: string;
}

export interface ReadLog<S> {
  samples: S[];
  problems: ReadingProblem[];
}

export interface LogSample {
  timeS: number;
  pressurePa: number;
  temperatureC?: number;
  inletPa?: number;
  flowM3s?: number;
}

interface LogColumn {
  field: keyof LogSample;
  quantity: Quantity;
  /** Words its heading begins with or holds. */
  named: RegExp;
}

/** Columns of a log, by their headings. The first that matches counts. */
const COLUMNS: readonly LogColumn[] = [
  { field: 'timeS', quantity: 'time', named: /^(time|seconds?|minutes?|date)\b/ },
  { field: 'inletPa', quantity: 'pressure', named: /\b(inlet|upstream)\b/ },
  { field: 'temperatureC', quantity: 'temperature', named: /\b(temperature|temp|pipe|thermometer)\b/ },
  { field: 'flowM3s', quantity: 'flow', named: /\bflow\b/ },
  { field: 'pressurePa', quantity: 'pressure', named: /\b(pressure|gauge|outlet)\b/ },
];

/**
 * Reads the rows of a logger's file. Units come from the headings; times are seconds (or the heading's unit) or ISO.
 *
 * @param rows cells of every row, the headings first
 * @returns samples with rising times, the first at its own time; every row that could not be read is named, and never guessed
 *
 * @example
 * readReadings([['time (s)', 'gauge (psi)'], ['0', '50']]).samples // [{ timeS: 0, pressurePa: 344737.86 }]
 */
export function readReadings(rows: readonly (readonly string[])[]): ReadLog<LogSample> {
  const [heading = [], ...body] = rows;
  const columns = heading.map(columnOf);
  const problems: ReadingProblem[] = headingProblems(heading, columns);
  if (problems.length > 0) return { samples: [], problems };
  const samples: LogSample[] = [];
  const rowOf: number[] = [];
  let zeroMs: number | undefined;
  body.forEach((cells, index) => {
    const row = index + 2;
    if (cells.every((cell) => cell.trim() === '')) return;
    const sample: Partial<LogSample> = {};
    for (const [at, column] of columns.entries()) {
      if (!column) continue;
      const cell = (cells[at] ?? '').trim();
      if (cell === '' && column.field !== 'timeS' && column.field !== 'pressurePa') continue;
      const value = column.field === 'timeS' && isIso(cell) ? isoS(cell) : figureOf(cell, column.unit);
      if (value === undefined) {
        problems.push({ row, text: `“${cell}” under “${heading[at]}” is not a figure.` });
        return;
      }
      sample[column.field] = value;
    }
    const last = samples[samples.length - 1];
    if (last && (sample.timeS as number) <= last.timeS) {
      problems.push({
        row,
        text:
          sample.timeS === last.timeS
            ? 'It has the time of the row before it.'
            : 'Its time is before that of the row before it: the clock jumped, or rows are out of order.',
      });
      return;
    }
    samples.push(sample as LogSample);
    rowOf.push(row);
  });
  return { samples, problems: [...problems, ...gapsIn(samples, rowOf)] };

  function isoS(cell: string): number {
    const ms = Date.parse(cell);
    zeroMs ??= ms;
    return (ms - zeroMs) / 1000;
  }
}

interface ReadColumn extends LogColumn {
  unit: Unit | undefined;
}

/** ISO times carry seconds since the first of them, and no unit. */
const isIso = (cell: string): boolean => /^\d{4}-\d{2}-\d{2}T/.test(cell) && !Number.isNaN(Date.parse(cell));

function columnOf(heading: string): ReadColumn | undefined {
  const words = heading.toLowerCase().trim();
  const column = COLUMNS.find(({ named }) => named.test(words));
  return column && { ...column, unit: unitIn(words, column.quantity) };
}

/** The unit a heading ends with, in brackets or not. */
function unitIn(words: string, quantity: Quantity): Unit | undefined {
  const plain = (text: string): string => text.replace(/[\s.°[\]()]/g, '');
  const parts = words
    .split(/[\s,;/]*[([]|\s+/)
    .map(plain)
    .filter(Boolean);
  const tail = [plain(words.replace(/^.*[([]/, '')), ...parts.reverse()];
  for (const part of tail) {
    const unit = UNITS[quantity].find(({ typed }) => typed.includes(part));
    if (unit) return unit;
  }
  return undefined;
}

function headingProblems(
  heading: readonly string[],
  columns: readonly (ReadColumn | undefined)[],
): ReadingProblem[] {
  const has = (field: keyof LogSample): boolean => columns.some((column) => column?.field === field);
  const missing = (['timeS', 'pressurePa'] as const).filter((field) => !has(field));
  if (missing.length > 0)
    return [
      {
        row: 1,
        text: `There is no column for ${missing.map((field) => (field === 'timeS' ? 'the time' : 'the pressure')).join(' and ')}. Headings are like “time (s)”, “pressure bar”, “temperature °C”.`,
      },
    ];
  return columns.flatMap((column, at) =>
    column && column.unit === undefined && column.field !== 'timeS'
      ? [
          {
            row: 1,
            text: `The unit of “${heading[at]}” is not known: write it in the heading, like “pressure (psi)”.`,
          },
        ]
      : [],
  );
}

/** A figure in SI; of a time without a unit seconds. A decimal comma is read too. */
function figureOf(cell: string, unit: Unit | undefined): number | undefined {
  const figure = /^-?\d+(?:[.,]\d+)?(?:e[+-]?\d+)?$/i.test(cell) ? Number(cell.replace(',', '.')) : NaN;
  if (!Number.isFinite(figure)) return undefined;
  return figure * (unit?.factor ?? 1) + (unit?.offset ?? 0);
}

/** A step of the time is a gap where it is so many times the usual one. */
const GAP = 5;

/** Gaps are said: nothing is known of what happened meanwhile. */
function gapsIn(samples: readonly LogSample[], rowOf: readonly number[]): ReadingProblem[] {
  const steps = samples.slice(1).map(({ timeS }, at) => timeS - (samples[at]?.timeS ?? 0));
  const usual = [...steps].sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0;
  return steps.flatMap((step, at) =>
    step > GAP * usual
      ? [{ row: rowOf[at + 1] ?? 0, text: `Nothing was read for ${Math.round(step)} s before it.` }]
      : [],
  );
}
