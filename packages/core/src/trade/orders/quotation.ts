import { type ValueOf, list, number, optional, record, text } from '../../ground/input/index.js';
import { lineAmount } from './amounts.js';

const price = number({ unit: 'currency, each', min: 0, max: 1e9 });

/** What a supplier says to one line: a price, with `instead` of another valve; a question back; or why it is not carried. */
export const answeredLineInput = record({
  line: text(60, 'id of the line asked for'),
  unitPrice: optional(price),
  breaks: optional(
    list(record({ from: number({ integer: true, min: 2, max: 1_000_000 }), unitPrice: price }), { most: 20 }),
  ),
  leadDays: optional(number({ unit: 'days', integer: true, min: 0, max: 1000 })),
  instead: optional(text(1000, 'what is offered in place of what was asked')),
  question: optional(text(300)),
  why: optional(text(300)),
});

/** A supplier's answer to a request for quotation, as it comes over the wire. */
export const supplierAnswerInput = record({
  supplier: text(80),
  currency: text(3),
  validDays: optional(number({ integer: true, min: 0, max: 1000 })),
  lines: list(answeredLineInput, { most: 5000 }),
});

export type AnsweredLine = ValueOf<typeof answeredLineInput>;
export type SupplierAnswer = ValueOf<typeof supplierAnswerInput>;

export type AnswerKind = 'priced' | 'substitute' | 'question' | 'not-carried';

/**
 * What kind of answer a line got.
 *
 * @example
 * answerKind({ line: 'a', question: 'Which end is socket-weld?' }) // 'question'
 */
export function answerKind({ question, unitPrice, instead }: AnsweredLine): AnswerKind {
  if (question !== undefined) return 'question';
  if (unitPrice === undefined) return 'not-carried';
  return instead === undefined ? 'priced' : 'substitute';
}

/** The price each at a quantity: the highest break reached holds for all of them. */
export function quotedEach({ unitPrice, breaks = [] }: AnsweredLine, quantity: number): number | undefined {
  const reached = breaks.filter(({ from }) => from <= quantity).sort((a, b) => b.from - a.from)[0];
  return reached?.unitPrice ?? unitPrice;
}

export interface ComparedAnswer {
  supplier: string;
  kind: AnswerKind | 'silent';
  said?: AnsweredLine;
  unitPrice?: number;
  amount?: number;
}

export interface ComparedLine {
  line: string;
  answers: ComparedAnswer[];
  /** Who asks least for the very thing; a substitute is never the cheapest by itself. */
  cheapest?: string;
}

/**
 * Suppliers' answers side by side, line by line.
 *
 * @param lines   asked for, with how many
 * @param answers in the order they are shown
 * @param places  decimal places of the currency
 * @returns each line with what every supplier said to it, and who is cheapest for the thing as it was asked; of equals the first
 *
 * @example
 * compareAnswers([{ id: 'a', quantity: 2 }], [{ supplier: 'North', currency: 'USD', lines: [{ line: 'a', unitPrice: 4, leadDays: 1 }] }])[0].cheapest // 'North'
 */
export function compareAnswers(
  lines: readonly { id: string; quantity: number }[],
  answers: readonly SupplierAnswer[],
  places = 2,
): ComparedLine[] {
  return lines.map(({ id, quantity }) => {
    const compared = answers.map((answer): ComparedAnswer => {
      const said = answer.lines.find(({ line }) => line === id);
      if (!said) return { supplier: answer.supplier, kind: 'silent' };
      const kind = answerKind(said);
      const unitPrice = kind === 'question' ? undefined : quotedEach(said, quantity);
      const amount = lineAmount({ quantity, ...(unitPrice !== undefined && { unitPrice }) }, places);
      return {
        supplier: answer.supplier,
        kind,
        said,
        ...(unitPrice !== undefined && { unitPrice }),
        ...(amount !== undefined && { amount }),
      };
    });
    const [cheapest] = compared
      .filter(({ kind, amount }) => kind === 'priced' && amount !== undefined)
      .sort((a, b) => (a.amount ?? 0) - (b.amount ?? 0));
    return { line: id, answers: compared, ...(cheapest && { cheapest: cheapest.supplier }) };
  });
}
