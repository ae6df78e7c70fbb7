import {
  type Interval,
  MEDIUM_FACTS,
  type StartUpItem,
  type StartUpStep,
  type StartedPosition,
  type StepField,
  TASK_WORDS,
  type UnitSystem,
  formatNominalSize,
  formatQuantity,
  nextDue,
  orderLine,
  startUp,
  positionWords,
} from '@grevik/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { isCorrected, readingSvg } from './reading-svg.js';
import { PAGE, type PrintedReading, type StartUpFile, dayWords } from './start-up-file.js';

const STATES: Record<StartUpStep['state'], string> = {
  done: 'done',
  skipped: 'skipped',
  waiting: 'not done',
  open: 'not done',
};
const VERDICTS: Record<string, string> = {
  holds: 'Holds',
  leaks: 'Leaks',
  'not-proved': 'Not proved',
  holding: 'Holds',
  creeping: 'Creeps',
  hunting: 'Hunts',
  'off-set': 'Off its setting',
};
const HEAD = { bold: true, fontSize: 13, margin: [0, 14, 0, 4] as [number, number, number, number] };

/** Everything of the start-up of a line in one document: steps, readings with their charts, what stands where, spares, and both signatures. */
export function startUpRecord(file: StartUpFile): TDocumentDefinitions {
  const { paper, system, companyName, jobName, lineName, line, entries, readings, at } = file;
  const { steps } = startUp(line, entries);
  return {
    pageSize: PAGE[paper],
    content: [
      { text: `Start-up of ${lineName}`, fontSize: 20, bold: true },
      `${jobName} · ${companyName} · ${MEDIUM_FACTS[line.medium].words} · printed ${dayWords(at)}`,
      signatures(file),
      { text: 'Steps', ...HEAD },
      ...steps.map((step) => stepContent(step, system)),
      ...readings.map((reading, index) => readingContent(reading, system, index === 0)),
      { text: 'Valves', ...HEAD },
      valvesTable(file),
      {
        text: 'Local code, the authority, the utility and the maker’s sheet come before this record.',
        italics: true,
        margin: [0, 14, 0, 0],
      },
    ],
  };
}

function signatures({ handedOver }: StartUpFile): Content {
  if (handedOver)
    return {
      text: `Handed over ${dayWords(handedOver.at)}. Done by ${handedOver.handedBy}. Taken over by ${handedOver.takenBy}.`,
      bold: true,
      margin: [0, 8, 0, 0],
    };
  return {
    margin: [0, 22, 0, 0],
    columns: ['Done by', 'Taken over by'].map((who) => ({
      stack: ['_'.repeat(44), { text: `${who}: name, signature, date`, fontSize: 8 }],
    })),
  };
}

function stepContent(step: StartUpStep, system: UnitSystem): Content {
  const { title, state, skipped, items, fields, verdict, by, at } = step;
  const signed = state === 'done' && by !== undefined && at !== undefined ? `, ${by}, ${dayWords(at)}` : '';
  const head: Content = {
    text: [{ text: title, bold: true }, ` ${STATES[state]}${signed}`],
    margin: [0, 6, 0, 2],
  };
  if (skipped) return [head, `Skipped by ${skipped.by}, ${dayWords(skipped.at)}: ${skipped.reason}`];
  if (fields.length === 0) return verdict === undefined ? [head] : [head, VERDICTS[verdict] ?? verdict];
  const said = items.filter((item) => item.at !== undefined);
  if (said.length === 0) return [head];
  return [
    head,
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 0,
        widths: [120, '*', 150],
        body: said.map((item) => [
          item.title,
          itemWords(item, fields, system),
          `${item.by ?? ''}, ${dayWords(item.at ?? '')}`,
        ]),
      },
    },
  ];
}

function itemWords(item: StartUpItem, fields: readonly StepField[], system: UnitSystem): string {
  const said = fields.flatMap((field) => {
    const value = item.values[field.name];
    if (value === undefined || value === '' || value === false) return [];
    return [value === true ? field.label : `${field.label}: ${valueWords(field, value, system)}`];
  });
  const read = item.verdict === undefined ? [] : [`Reading: ${VERDICTS[item.verdict] ?? item.verdict}`];
  return [...said, ...read, ...(item.objection === undefined ? [] : [item.objection])].join('; ');
}

function valueWords(field: StepField, value: string | number | boolean, system: UnitSystem): string {
  if (field.kind === 'figure' && typeof value === 'number')
    return field.quantity ? formatQuantity(value, field.quantity, system) : String(value);
  if (field.kind === 'choice') return field.choices.find(({ id }) => id === value)?.words ?? String(value);
  return String(value);
}

/** @param isFirst its heading stands above it, on the same page */
function readingContent(reading: PrintedReading, system: UnitSystem, isFirst: boolean): Content {
  const { given, result, startedAt, startedBy, source, samples, drawn } = reading;
  const pressure = (pa: number): string => formatQuantity(pa, 'pressure', system);
  const asked =
    reading.step === 'hold'
      ? `${pressure(reading.given.testPressurePa)} for ${formatQuantity(reading.given.holdS, 'time', system)}, ${reading.given.kind}`
      : `reducer set to ${pressure('setPa' in given ? given.setPa : 0)}`;
  const verdict = result ? (VERDICTS[result.verdict] ?? result.verdict) : 'still running';
  return {
    unbreakable: true,
    stack: [
      ...(isFirst ? [{ text: 'Readings', ...HEAD }] : []),
      {
        text: [
          { text: verdict, bold: true },
          ` · ${asked} · ${dayWords(startedAt)}, ${startedBy} · ${samples} samples, ${source}`,
        ],
        margin: [0, 6, 0, 2],
      },
      ...(drawn.timeS.length > 1
        ? [
            { svg: readingSvg(reading, system) },
            ...(isCorrected(reading)
              ? [{ text: 'Solid: as the gauge read it. Dashed: corrected for temperature.', fontSize: 8 }]
              : []),
          ]
        : []),
    ],
  };
}

/** What is to be done at a valve, and how often. */
function upkeepWords(position: StartedPosition, { line, houseRules, at }: StartUpFile): string {
  const { type, model, duty } = position;
  if (type === undefined) return 'type not known';
  const { tasks } = nextDue({
    type,
    medium: line.medium,
    function: duty.function,
    dn: duty.dn,
    operator: model?.operator,
    pieces: model?.pieces,
    houseRules,
    asOf: at.slice(0, 10),
  });
  return tasks.map(({ task, every }) => `${TASK_WORDS[task]} every ${everyWords(every)}`).join('; ');
}

function everyWords(every: Interval): string {
  const [count, unit] = 'months' in every ? [every.months, 'month'] : [every.days, 'day'];
  return count === 1 ? unit : `${count} ${unit}s`;
}

function valvesTable(file: StartUpFile): Content {
  const { line, system } = file;
  return {
    layout: 'lightHorizontalLines',
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ['auto', '*', 'auto', '*', 'auto', '*'],
      body: [
        ['Tag', 'Serves', 'Size', 'Ordered', 'Spares', 'Maintenance'].map((text) => ({ text, bold: true })),
        ...line.positions.map((position) => [
          position.tag,
          positionWords(position),
          formatNominalSize(position.duty.dn, system),
          position.spec
            ? `${orderLine(position.spec).text}${position.model ? `\n${position.model.maker} ${position.model.model}` : ''}`
            : 'not picked here',
          (position.model?.spares ?? []).map(({ name }) => name).join(', '),
          upkeepWords(position, file),
        ]),
      ],
    },
  };
}
