import {
  type Field,
  InvalidInput,
  type RecordOf,
  number,
  optional,
  record,
  text,
} from '../../ground/input/index.js';
import { HOLD_RULES, type HoldRule, LINE_KINDS, type LineKind } from './hold-rules.js';

const ownHoldRuleFields = {
  timesWorking: optional(
    number({ above: 0, max: 10, meaning: 'test pressure as a multiple of the working pressure' }),
  ),
  leastPa: optional(
    number({
      unit: 'Pa gauge',
      above: 0,
      meaning: 'test pressure, or the least where timesWorking is given',
    }),
  ),
  holdS: optional(number({ unit: 's', above: 0, max: 7 * 24 * 3600 })),
  source: text(200),
};
/** What a company holds a kind of line at, and by whose word; what is left out stays as usual. */
export type OwnHoldRule = RecordOf<typeof ownHoldRuleFields>;
export type OwnHoldRules = Partial<Record<LineKind, OwnHoldRule>>;

const own = record(ownHoldRuleFields);
const ofKinds = record(
  Object.fromEntries(LINE_KINDS.map((kind) => [kind, optional(own)])) as Record<
    LineKind,
    Field<OwnHoldRule | undefined>
  >,
);

/** Reads pressures and times that a company sets for itself, by kind of line. */
export const ownHoldRulesInput: Field<OwnHoldRules> = {
  ...ofKinds,
  read(value, path) {
    const read = ofKinds.read(value, path);
    for (const [kind, rule] of Object.entries(read))
      if (rule && rule.timesWorking === undefined && rule.leastPa === undefined && rule.holdS === undefined)
        throw new InvalidInput(
          `${path}.${kind}`,
          `${path}.${kind} changes nothing: give timesWorking, leastPa or holdS, or leave ${kind} out.`,
        );
    return read;
  },
};

/**
 * How a kind of line is held: as the company set it, else as usual.
 *
 * @param kind  of line
 * @param rules of the company
 * @returns the rule with its source; what the company left out stays as usual
 *
 * @example
 * holdRule('building-water', { 'building-water': { holdS: 3600, source: 'Harbour authority' } }).holdS({}) // 3600
 */
export function holdRule(kind: LineKind, rules: OwnHoldRules): HoldRule {
  const usual = HOLD_RULES[kind];
  const set = rules[kind];
  if (!set) return usual;
  const { timesWorking, leastPa, holdS, source } = set;
  const setsPressure = timesWorking !== undefined || leastPa !== undefined;
  return {
    ...usual,
    source,
    isOwn: true,
    ...(setsPressure && {
      pressurePa: ({ workingPa }) => {
        if (timesWorking === undefined) return leastPa;
        if (workingPa === undefined) return undefined;
        return Math.max(timesWorking * workingPa, leastPa ?? 0);
      },
    }),
    ...(holdS !== undefined && { holdS: () => holdS }),
  };
}
