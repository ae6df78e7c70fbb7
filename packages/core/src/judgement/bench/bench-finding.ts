import { type RecordOf, choice, flag, number, optional, record, text } from '../../ground/input/index.js';

/** The simulations of the bench. */
export const BENCHES = [
  'hammer',
  'control',
  'check-stop',
  'station-log',
  'gas-line',
  'gas-purge',
  'radiators',
  'wash-line',
  'dirty-ball',
  'part-open-gate',
  'port',
] as const;
export type Bench = (typeof BENCHES)[number];

const findingFields = {
  bench: choice(BENCHES),
  verdict: choice(['supports', 'care', 'out'] as const),
  measured: optional(
    record({
      value: number({}),
      limit: number({}),
      unit: choice(['Pa', 'C', 'm', 'm/s', 's', 'ratio'] as const),
    }),
  ),
  valve: optional(text(170, 'maker and model it is about; of the position as a whole where left out')),
  case: optional(text(2000, 'the figures it was found with, as the query of the bench’s address')),
  takenBack: optional(flag('the last finding of this bench no longer holds')),
};

/** What the bench found at a position; its sentence stands in the entry's text, without units. */
export const benchFindingInput = record(findingFields);
export type BenchFinding = RecordOf<typeof findingFields>;

/**
 * What holds of all that the bench found at a position: the last word of each bench on each valve, unless it was taken back.
 *
 * @param entries newest first
 *
 * @example
 * standingFindings([{ finding: { bench: 'hammer', verdict: 'care', takenBack: true } }, { finding: { bench: 'hammer', verdict: 'care' } }]) // []
 */
export function standingFindings<E extends { finding: BenchFinding | null }>(
  entries: readonly E[],
): (E & { finding: BenchFinding })[] {
  const spoken = new Set<string>();
  return entries.filter((entry): entry is E & { finding: BenchFinding } => {
    if (!entry.finding) return false;
    const { bench, valve = '', takenBack = false } = entry.finding;
    const of = `${bench} ${valve}`;
    const isLast = !spoken.has(of);
    spoken.add(of);
    return isLast && !takenBack;
  });
}
