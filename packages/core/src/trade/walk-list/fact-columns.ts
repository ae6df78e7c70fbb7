import { InvalidInput } from '../../ground/input/index.js';
import { type Quantity, parseQuantity } from '../../ground/units/index.js';
import { type PositionDuty, dutyFields } from '../../judgement/selection/index.js';
import { FLOW_PATTERN_WORDS, SOLIDS_WORDS, THREAD_WORDS, type Vocabulary, idOf } from './words.js';

type Fact = Exclude<keyof typeof dutyFields, 'function' | 'dn' | 'pipe' | 'existing'>;

/** A column for one fact of the duty: its heading and how a cell becomes a value. */
export interface FactColumn {
  name: string;
  fact: Fact;
  read: (cell: string, name: string) => unknown;
}

const figure =
  (quantity: Quantity) =>
  (cell: string, name: string): number =>
    parseQuantity(cell, quantity, name);

function count(cell: string, name: string): number {
  const value = Number(cell.replace(',', '.'));
  if (!Number.isFinite(value) || value < 0)
    throw new InvalidInput(name, `“${cell}” is not a number. Enter a number like 6.`);
  return value;
}

const YES = ['yes', 'y', 'true', 'x', '1'];
const NO = ['no', 'n', 'false', '0'];

function yesOrNo(cell: string, name: string): boolean {
  const said = cell.toLowerCase();
  if (!YES.includes(said) && !NO.includes(said))
    throw new InvalidInput(name, `“${cell}” is neither yes nor no. Enter yes or no, or leave it empty.`);
  return YES.includes(said);
}

const oneOf =
  <T extends string>(words: Vocabulary<T>) =>
  (cell: string, name: string): T => {
    const id = idOf(words, cell);
    if (id === undefined)
      throw new InvalidInput(
        name,
        `“${cell}” is not a known ${words.of}. Enter one of: ${words.choices.join(', ')}.`,
      );
    return id;
  };

/** Facts of a duty beside those every list has, in the order of the sheet. An empty cell is a fact that is not known. */
export const FACT_COLUMNS: readonly FactColumn[] = [
  { name: 'pressure', fact: 'pressurePa', read: figure('pressure') },
  { name: 'temperature', fact: 'temperatureC', read: figure('temperature') },
  { name: 'flow', fact: 'flowM3s', read: figure('flow') },
  { name: 'outlet pressure', fact: 'outletPressurePa', read: figure('pressure') },
  { name: 'heat input', fact: 'heatInputW', read: figure('heat') },
  { name: 'differential', fact: 'differentialPa', read: figure('pressure') },
  { name: 'surge limit', fact: 'surgeLimitPa', read: figure('pressure') },
  { name: 'closing time', fact: 'closureTimeS', read: figure('time') },
  { name: 'starts per hour', fact: 'startsPerHour', read: count },
  { name: 'flow pattern', fact: 'flowPattern', read: oneOf(FLOW_PATTERN_WORDS) },
  { name: 'solids', fact: 'solids', read: oneOf(SOLIDS_WORDS) },
  { name: 'smallest passage', fact: 'smallestPassageM', read: figure('length') },
  { name: 'screened', fact: 'screened', read: yesOrNo },
  { name: 'threads', fact: 'threads', read: oneOf(THREAD_WORDS) },
  { name: 'headroom', fact: 'headroomM', read: figure('length') },
  { name: 'operated per year', fact: 'operatedPerYear', read: count },
  { name: 'distance to appliance', fact: 'distanceToApplianceM', read: figure('length') },
  { name: 'other room', fact: 'otherRoom', read: yesOrNo },
  { name: 'cross connection', fact: 'crossConnection', read: yesOrNo },
  { name: 'low supply pressure', fact: 'supplyPressureLow', read: yesOrNo },
  { name: 'hard water', fact: 'hardWater', read: yesOrNo },
  { name: 'chloramine', fact: 'chloramine', read: yesOrNo },
  { name: 'attacks brass', fact: 'aggressiveToBrass', read: yesOrNo },
  { name: 'public access', fact: 'publicAccess', read: yesOrNo },
  { name: 'livestock', fact: 'livestock', read: yesOrNo },
  { name: 'lockout', fact: 'lockout', read: yesOrNo },
  { name: 'must see position', fact: 'mustSeePosition', read: yesOrNo },
  { name: 'pass through', fact: 'passThrough', read: yesOrNo },
  { name: 'end of line', fact: 'endOfLine', read: yesOrNo },
  { name: 'serviceable', fact: 'serviceable', read: yesOrNo },
  { name: 'fine control', fact: 'fineControl', read: yesOrNo },
  { name: 'reverse flow', fact: 'reverseFlowPossible', read: yesOrNo },
  { name: 'occupied', fact: 'occupied', read: yesOrNo },
];

/**
 * Reads the facts of a row; what can not be read is handed to `refuse` and left out.
 *
 * @param cell   what stands in a column, without blanks around it
 * @param refuse takes the refusal of a column
 *
 * @example
 * readFacts((name) => (name === 'starts per hour' ? '6' : ''), () => undefined) // { startsPerHour: 6 }
 */
export function readFacts(
  cell: (name: string) => string,
  refuse: (name: string, message: string) => void,
): Partial<PositionDuty> {
  const facts: Record<string, unknown> = {};
  for (const { name, fact, read } of FACT_COLUMNS) {
    const typed = cell(name);
    if (typed === '') continue;
    try {
      facts[fact] = dutyFields[fact].read(read(typed, name), name);
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      refuse(name, error.message);
    }
  }
  return facts;
}
