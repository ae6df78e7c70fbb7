import {
  DRILL_KINDS,
  type DrillKind,
  type DrillSeed,
  type DrillTrade,
  KINDS_OF_TRADE,
  type TakenDrill,
  drillReadiness,
  nextLevel,
} from '@grevik/core';
import { type Card, Rating, createEmptyCard, fsrs } from 'ts-fsrs';

/** Questions of a run. */
export const RUN_LENGTH = 10;
const HALF_RIGHT = 0.5;

const schedule = fsrs({ enable_fuzz: false });

/** An answer with its share of the score. */
export type ScoredDrill = TakenDrill & { score: number };

/** How well each kind is remembered, from all that was answered: a card a kind that was ever asked. */
function cardsOf(taken: readonly ScoredDrill[]): ReadonlyMap<DrillKind, Card> {
  const cards = new Map<DrillKind, Card>();
  const oldestFirst = [...taken].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1));
  for (const { kind, right, score, takenAt } of oldestFirst) {
    const at = new Date(takenAt);
    const rating = right ? Rating.Good : score >= HALF_RIGHT ? Rating.Hard : Rating.Again;
    cards.set(kind, schedule.next(cards.get(kind) ?? createEmptyCard(at), at, rating).card);
  }
  return cards;
}

/** Kinds that have something to ask about a trade. */
export const kindsOf = (trade: DrillTrade | undefined): readonly DrillKind[] =>
  trade === undefined || trade === 'water' ? DRILL_KINDS : KINDS_OF_TRADE[trade];

/**
 * The next run of a person: kinds that were never asked, are least remembered or were answered wrong last come first, each at the person’s own level.
 *
 * @param taken all answers of the person
 * @param of    about what, how many questions, a seed for the first of them, and when
 * @see ts-fsrs for how remembering is worked out
 */
export function nextRun(
  taken: readonly ScoredDrill[],
  {
    trade,
    length = RUN_LENGTH,
    seed,
    now,
  }: { trade?: DrillTrade | undefined; length?: number; seed: number; now: Date },
): DrillSeed[] {
  const cards = cardsOf(taken);
  const levels = new Map(drillReadiness(taken).map((one) => [one.kind, nextLevel(one)]));
  const lastOf = (kind: DrillKind): ScoredDrill | undefined =>
    taken.filter((one) => one.kind === kind).sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1))[0];
  const needs = kindsOf(trade)
    .map((kind, at) => {
      const card = cards.get(kind);
      const remembered = card ? schedule.get_retrievability(card, now, false) : 0;
      // Kinds alike come in another order each time.
      return { kind, need: 1 - remembered, turn: (at + seed) % DRILL_KINDS.length };
    })
    .sort((a, b) => b.need - a.need || a.turn - b.turn)
    .map(({ kind }) => kind);
  const wrong = needs.filter((kind) => lastOf(kind)?.right === false);
  const order = [...needs.slice(0, Math.max(1, length - wrong.length)), ...wrong, ...needs];
  const chosen = Array.from({ length }, (_, at) => order[at % order.length] as DrillKind);
  return chosen.map((kind, at) => ({ kind, level: levels.get(kind) ?? 1, seed: seed + at, trade }));
}
