import { claimAndOptions, pricePerYear } from '../selection/index.js';
import { type CatalogueModel, candidateOf } from './catalogue-model.js';
import type { Column } from './line-up.js';
import { modelWords } from './model-words.js';

const VERDICT_WORDS = { fits: 'fits', care: 'fits with care', out: 'ruled out' } as const;

/** What a pick is compared with, rests on and holds until. */
export interface PickContext {
  /** The next best that was not taken. */
  beaten?: Column | undefined;
  /** Facts that are only assumed, by name. */
  assumed?: readonly string[];
  /** How far a fact may move before the verdict changes: its name, and the share of its figure, negative downward. */
  until?: readonly { fact: string; share: number }[];
}

/**
 * The reason for a pick, written for the person who picks: what it is, the verdict, what decided, the weakest part, what it beat and why, what it
 * rests on and until when it holds. It carries no figures in units, so that it reads the same in both systems.
 *
 * @param column  what is picked
 * @param context what it is compared with
 *
 * @example
 * pickReason(column) // 'Ball, full port (Ostrand 21P) fits. Weakest part: press joint, at 38 % of its rating.'
 */
export function pickReason(column: Column, { beaten, assumed = [], until = [] }: PickContext = {}): string {
  const { model, verdict, reasons, rating } = column;
  const { name, from } = modelWords(model);
  const claims = reasons.map(({ text }) => claimAndOptions(text).claim);
  const weakest =
    rating?.utilisation === undefined
      ? []
      : [`Weakest part: ${rating.governing}, at ${Math.round(rating.utilisation * 100)} % of its rating.`];
  return [
    `${name} (${from}) ${VERDICT_WORDS[verdict]}.`,
    ...claims,
    ...weakest,
    ...(beaten ? [`Before ${modelWords(beaten.model).from}, which ${whyBeaten(column, beaten)}.`] : []),
    ...(assumed.length > 0 ? [`Rests on what is only assumed: ${assumed.join(', ')}.`] : []),
    ...(until.length > 0 ? [`Holds until ${until.map(moved).join(', or ')}.`] : []),
  ].join(' ');
}

const moved = ({ fact, share }: { fact: string; share: number }): string =>
  `${fact} is ${Math.round(Math.abs(share) * 100)} % ${share > 0 ? 'higher' : 'lower'}`;

function whyBeaten(picked: Column, beaten: Column): string {
  if (picked.verdict === 'fits' && beaten.verdict !== 'fits') {
    const against = beaten.reasons.find(({ verdict }) => verdict === beaten.verdict);
    return `needs care${against ? ` (${withoutStop(claimAndOptions(against.text).claim)})` : ''}`;
  }
  const [own, other] = [picked, beaten].map((column) =>
    pricePerYear(candidateOf(column.model, column.size), column.life.years),
  );
  if (own !== undefined && other !== undefined && own < other) return 'costs more per year';
  return (picked.score ?? 0) >= (beaten.score ?? 0) ? 'ranks lower' : 'ranks higher, and was passed over';
}

const withoutStop = (sentence: string): string => sentence.replace(/\.$/, '');

/**
 * A reason as a list shows it beside the model: without the model’s name and verdict in front.
 *
 * @example
 * reasonAlone('Ball, full port (Ostrand 21P) fits. Weakest part: body.', model) // 'Weakest part: body.'
 */
export function reasonAlone(reason: string, model: CatalogueModel): string {
  const { name, from } = modelWords(model);
  const start = `${name} (${from}) `;
  if (!reason.startsWith(start)) return reason;
  const rest = reason.slice(start.length);
  const said = Object.values(VERDICT_WORDS).find((words) => rest.startsWith(`${words}.`));
  return said === undefined ? reason : rest.slice(said.length + 1).trim();
}
