import { capitalized } from '../../../ground/wording/index.js';
import {
  type ValveSpec,
  openFields,
  orderLine,
  readOrder,
  specFieldWords,
} from '../../../trade/order-wording/index.js';
import { type DrillMaker, RIGHT } from '../made-drill.js';
import { orderFieldName, valveToOrder, whyNeeded } from './valve-to-order.js';

export interface SayItQuestion {
  /** What is known of the valve, field by field, not in the order it is said in. */
  facts: { field: keyof ValveSpec; value: unknown }[];
}

/** Follow from what else is said. */
const FOLLOWS: readonly (keyof ValveSpec)[] = ['family', 'kind'];

/** A valve with its facts, to be said as one would order it. */
export const sayIt: DrillMaker<SayItQuestion, string> = (from) => {
  const { spec, text, of } = valveToOrder(from);
  const asked = (Object.keys(spec) as (keyof ValveSpec)[]).filter(
    // The form and the action of a stop tell its type.
    (field) => !FOLLOWS.includes(field) && !(field === 'type' && of.family === 'stop'),
  );
  return {
    question: {
      facts: from.draw.some(asked, asked.length).map((field) => ({ field, value: spec[field] })),
    },
    answer: { form: 'text' },
    trade: of.trade,
    key: text,
    grade: (answer) => {
      const said = readOrder(answer).spec;
      const right = asked.filter((field) => isAlike(spec[field], said[field]));
      const inFull = { text: `Complete: ${text}` };
      if (right.length === asked.length) return { ...RIGHT, why: [inFull] };
      const needed = openFields({ family: of.family, ...(spec.type && { type: spec.type }) });
      return {
        right: false,
        score: right.length / asked.length,
        why: [
          ...asked
            .filter((field) => !right.includes(field))
            .map((field) => ({ text: judged(field, spec, said, whyNeeded(needed, field)) })),
          inFull,
        ],
      };
    },
  };
};

function judged(field: keyof ValveSpec, spec: ValveSpec, said: ValveSpec, why: string | undefined): string {
  const name = capitalized(orderFieldName(field));
  const is = words(spec, field);
  const what =
    said[field] === undefined
      ? `${name} is missing: ${is}.`
      : `${name}: you said ${words(said, field)}, it is ${is}.`;
  return why === undefined ? what : `${what} ${why}`;
}

const words = (spec: ValveSpec, field: keyof ValveSpec): string =>
  field === 'type' ? orderLine({ ...(spec.type && { type: spec.type }) }).short : specFieldWords(spec, field);

const isAlike = (asked: unknown, said: unknown): boolean => JSON.stringify(asked) === JSON.stringify(said);
