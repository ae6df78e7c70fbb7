import { type ValveSpec, orderLine, readOrder } from '../../../trade/order-wording/index.js';
import { capitalized } from '../../../ground/wording/index.js';
import { type Draw, untilMade } from '../draw.js';
import { type DrillItem, type DrillMaker, RIGHT } from '../made-drill.js';
import { orderFieldName, valveToOrder, whyNeeded } from './valve-to-order.js';

export interface HearItQuestion {
  /** As a customer says it. */
  said: string;
}

const GAPS = { 1: 1, 2: 2, 3: 2 } as const;
const CHOICES = 4;
const ASKING = ['Give me', 'I need', 'Send', 'Put aside'] as const;
/** What a valve is called whose customer does not know what is still open. */
const STANDARD = ' standard';

/** An order as a customer says it: what must be asked before it can be sent? One gap, two gaps, and a "standard" that says nothing. */
export const hearIt: DrillMaker<HearItQuestion, string> = (from) => {
  const { draw, level } = from;
  const { said, missing, open, others, of } = untilMade(() => {
    const { spec, of: row } = valveToOrder({ ...from, level: draw.of([1, 2, 3] as const) });
    const gaps = draw.some(askable(spec), GAPS[level]);
    const kept = Object.fromEntries(
      Object.entries(spec).filter(([field]) => !gaps.includes(field as keyof ValveSpec)),
    ) as ValveSpec;
    const line = `${draw.of(ASKING)}${level === 3 ? STANDARD : ''} ${orderLine(kept).text}`;
    const read = readOrder(line).missing;
    const wrong = setsBeside(draw, spec, gaps);
    const fields = read.map(({ field }) => field);
    return isSame(fields, gaps) && wrong.length === CHOICES - 1
      ? { said: line, missing: read, open: gaps, others: wrong, of: row }
      : undefined;
  });
  const right = idOf(open);
  return {
    question: { said },
    answer: { form: 'choice', choices: draw.some([open, ...others].map(choiceOf), CHOICES) },
    trade: of.trade,
    key: right,
    grade: (answer) => {
      const chosen = answer.split(AND) as (keyof ValveSpec)[];
      const why = [
        ...open.map((field) => ({
          text: `${capitalized(orderFieldName(field))} is not said. ${whyNeeded(missing, field) ?? ''}`.trim(),
        })),
        ...(level === 3 ? [{ text: '“Standard” says nothing: every counter has another.' }] : []),
      ];
      if (answer === right) return { ...RIGHT, why };
      const shared = chosen.filter((field) => open.includes(field)).length;
      return {
        right: false,
        score: shared / new Set([...chosen, ...open]).size,
        why: [
          ...why,
          ...chosen
            .filter((field) => !open.includes(field))
            .map((field) => ({ text: `${capitalized(orderFieldName(field))} is said.` })),
        ],
      };
    },
  };
};

const AND = '+';
const idOf = (fields: readonly string[]): string => [...fields].sort().join(AND);
const isSame = (a: readonly string[], b: readonly string[]): boolean => idOf(a) === idOf(b);
const choiceOf = (fields: readonly (keyof ValveSpec)[]): DrillItem => ({
  id: idOf(fields),
  text: capitalized([...fields].sort().map(orderFieldName).join(' and ')),
});

/** What a customer may leave out: everything but the type, and what is no field of an order. */
const askable = (spec: ValveSpec): (keyof ValveSpec)[] =>
  (Object.keys(spec) as (keyof ValveSpec)[]).filter(
    (field) => !['type', 'family', 'kind', 'leadFree', 'pieces', 'disc'].includes(field),
  );

/** Other sets of as many fields, each sharing at most all but one with what is open. */
function setsBeside(draw: Draw, spec: ValveSpec, open: readonly (keyof ValveSpec)[]): (keyof ValveSpec)[][] {
  const found = new Map<string, (keyof ValveSpec)[]>();
  const fields = askable(spec);
  for (let tries = 0; tries < 40 && found.size < CHOICES - 1; tries += 1) {
    const one = draw.some(fields, open.length);
    if (!isSame(one, open)) found.set(idOf(one), one);
  }
  return [...found.values()];
}
