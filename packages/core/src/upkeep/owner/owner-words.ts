import { MEDIUM_FACTS, type MediumFamily, type Medium } from '../../ground/media/index.js';
import { type ValveType, isCheck } from '../../ground/valves/index.js';
import type { Failure } from '../../judgement/board/index.js';
import { type CorrectedLife, withMedian } from '../life/index.js';
import { type PlannedValve, WETS_WORDS, type Wets, chanceInYearFromAge } from '../replacement/index.js';

/** What an owner is told of a valve. */
export interface OwnerFacts {
  type: ValveType;
  medium: Medium;
  failure: Failure | null;
  /** Left out where nobody knows how old it is, or it has no price: then no chance is said. */
  life?: CorrectedLife | undefined;
  ageYears?: number | undefined;
  /** What its failure costs. */
  costs?: PlannedValve['failure'] | undefined;
  wets?: Wets | undefined;
  /** Who is without water while it is changed. */
  dry: readonly string[];
  /** Says an amount in the company’s currency. */
  money: (amount: number) => string;
}

export interface OwnerWords {
  found: string;
  canHappen: string;
  ifNothing: string;
}

const LEAVES = 'Local code and whoever is licensed for it say what has to be done, and how soon.';
const FOUND: Readonly<Record<Failure, string>> = {
  'gas-leaks': 'Gas leaks at this valve.',
  'gas-seized': 'This gas valve does not turn, so that the gas cannot be shut off here.',
  leaks: 'The valve leaks to the outside.',
  'leaks-by': 'The valve lets some through although it is closed.',
  seized: 'The valve does not turn, so that nothing can be shut off here.',
};
const IF_NOTHING: Readonly<Record<Failure, string>> = {
  'gas-leaks': `Leaking gas is not left: the gas utility is called and the gas stays off. ${LEAVES}`,
  'gas-seized': `Until it is replaced the gas has to be shut off elsewhere. ${LEAVES}`,
  leaks: 'The leak goes on and usually grows.',
  'leaks-by': 'It stays as it is or gets worse; what it should hold back goes on passing.',
  seized: 'In a leak the water has to be shut off further upstream, where more people are without it.',
};

/**
 * What an owner is told of a valve, in everyday words, with figures and where they are from.
 *
 * @param facts what was found, life and age where they are known, what a failure costs
 * @returns texts to be read through and changed by whoever sends them
 *
 * @example
 * ownerWords({ type: 'gate-solid', medium: 'potable-cold', failure: 'seized', dry: [], money: String }).found // 'The valve does not turn, ...'
 */
export function ownerWords(facts: OwnerFacts): OwnerWords {
  const { failure, type, dry } = facts;
  const without = dry.length > 0 ? ` While it is changed there is nothing at: ${dry.join(', ')}.` : '';
  return {
    found:
      failure === 'leaks-by' && isCheck(type)
        ? 'The check valve lets what was pumped run back.'
        : failure
          ? FOUND[failure]
          : 'The valve works.',
    canHappen: `${chanceSaid(facts)}${costSaid(facts)}${without}`.trim(),
    ifNothing: failure
      ? IF_NOTHING[failure]
      : 'Nothing changes today. The older it gets, the more likely it fails at a time nobody chose.',
  };
}

/** The chance with its range and source; nothing where the age is not known, or where it has failed already. */
function chanceSaid({ life, ageYears, failure }: OwnerFacts): string {
  if (!life || ageYears === undefined || failure) return '';
  const [low, high] = life.medianBand;
  const chanceWith = (medianYears: number): number =>
    chanceInYearFromAge(withMedian(life, medianYears), ageYears, 1);
  const own = life.failed + life.working;
  const source =
    own > 0 ? `experience, and ${own} valves of this kind in our own log` : 'experience, not statistics';
  return `It is about ${Math.round(ageYears)} years old. Of 100 such valves of that age ${inHundred(chanceWith(high))} to ${inHundred(chanceWith(low))} fail within a year (from ${source}). `;
}

const inHundred = (share: number): string => {
  const count = Math.round(100 * share);
  return count < 1 ? 'fewer than 1' : String(count);
};

const IN_TEN = 10;
const WHAT: Partial<Record<MediumFamily, string>> = { waste: 'sewage', gas: 'gas' };

function costSaid({ costs, wets, medium, failure, money }: OwnerFacts): string {
  if (!costs) return '';
  const call = `${failure ? 'Replaced in an emergency it costs' : 'If it fails, the emergency call and a new valve cost'} about ${money(costs.replaceCost)}`;
  if (costs.chance === 0) return `${call}.`;
  const what = WHAT[MEDIUM_FACTS[medium].family] ?? 'water';
  const cases = Math.max(1, Math.round(IN_TEN * costs.chance));
  return `${call}. In about ${cases} of ${IN_TEN} such cases the ${what} also does damage of about ${money(costs.damageCost)}${wets ? `: ${WETS_WORDS[wets]}` : ''} (amounts are estimates).`;
}
