import { type HouseRuleSettings, HOUSE_RULES, type OptionOf } from '../../../judgement/selection/index.js';
import { type Advice, type Condition, type FoundPlace, judgeFound } from '../../../judgement/walk/index.js';
import { untilMade } from '../draw.js';
import { type DrillMaker, type MadeDrill, RIGHT } from '../made-drill.js';
import { tradeOf } from '../trade-of.js';
import { OLD_VALVES } from './old-valves.js';

export interface TouchItQuestion {
  place: FoundPlace;
  /** The day it is found, ISO: how long ago it was operated is counted from it. */
  now: string;
}

const CHOICES = ['work-it', 'leave-it', 'replace-now'] as const;
type Choice = (typeof CHOICES)[number];
const CHOICE_WORDS: Readonly<Record<Choice, string>> = {
  'work-it': 'Work it by hand',
  'leave-it': 'Leave it, and close upstream',
  'replace-now': 'Replace it now',
};
/** Hands off both, and not as sure. */
const NEAR_SCORE = 0.4;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;
const FOUND_ON = '2026-06-01T09:00:00.000Z';

/** What was found at an old valve: work it, leave it and close upstream, or replace it now? */
export const touchItOrNot: DrillMaker<TouchItQuestion, string> = ({ draw, level, settings, trade }) => {
  const rows = OLD_VALVES.filter((row) => (trade === undefined ? row.level <= level : row.trade === trade));
  const { row, place } = untilMade(() => {
    const of = draw.of(rows.length > 0 ? rows : OLD_VALVES);
    const years = draw.of(of.yearsUnturned);
    const turnedAt =
      years === undefined
        ? undefined
        : new Date(Date.parse(FOUND_ON) - (years + draw.share() / 2) * YEAR_MS).toISOString();
    const turning = draw.of(of.turning);
    const condition: Condition = {
      type: draw.of(of.types),
      ...(turning && { turning }),
      ...(turnedAt !== undefined && { turnedAt }),
    };
    const duty = {
      function: draw.of(of.functions),
      medium: draw.of(of.media),
      dn: draw.of(of.dn),
    };
    const found: FoundPlace = {
      duty,
      condition,
      upstream: `${draw.of(['CW', 'HW', 'G', 'F'] as const)}-${draw.whole(101, 119)}`,
    };
    return isClear(found, settings) ? { row: of, place: found } : undefined;
  });
  return { ...touchedOf(place, FOUND_ON, settings), trade: row.trade };
};

/** The drill of one place as it was found, for those made from a seed and for real ones alike. */
export function touchedOf(
  place: FoundPlace,
  now: string,
  settings: HouseRuleSettings,
): MadeDrill<TouchItQuestion, string> {
  const asOf = new Date(now);
  const judged = judgeFound(place, settings, asOf);
  const right = choiceOf(judged);
  return {
    question: { place, now },
    answer: { form: 'choice', choices: CHOICES.map((id) => ({ id, text: CHOICE_WORDS[id] })) },
    trade: tradeOf(place.duty),
    key: right,
    grade: (answer) => {
      const why = judged.slice(0, 2).map(({ text }) => ({ text }));
      if (why.length === 0)
        why.push({ text: 'Nothing was found against it: work it by hand, without a wrench.' });
      if (answer === right) return { ...RIGHT, why };
      const school = otherSchool(place, settings, asOf, answer as Choice);
      if (school !== undefined)
        return {
          ...RIGHT,
          why: [{ text: `Good people differ here, and both pass. Other practice: ${school}` }, ...why],
        };
      const isBothHandsOff = answer !== 'work-it' && right !== 'work-it';
      return { right: false, score: isBothHandsOff ? NEAR_SCORE : 0, why };
    },
  };
}

/** What the walk's advice comes to. */
function choiceOf([first]: readonly Advice[]): Choice {
  if (first?.urgency === 'replace-now') return 'replace-now';
  return first?.urgency === 'hands-off' ? 'leave-it' : 'work-it';
}

/** The option of the house rule on old gates under which an answer is right, in words. */
function otherSchool(
  place: FoundPlace,
  settings: HouseRuleSettings,
  now: Date,
  answer: Choice,
): string | undefined {
  const options = HOUSE_RULES['old-gates'].options;
  const option = (Object.keys(options) as OptionOf<'old-gates'>[]).find(
    (one) => choiceOf(judgeFound(place, { ...settings, 'old-gates': one }, now)) === answer,
  );
  return option && options[option];
}

/** Whether the advice says one thing to do: to prove a shut-off, or to renew a part, is another question. */
const isClear = (place: FoundPlace, settings: HouseRuleSettings): boolean =>
  judgeFound(place, settings, new Date(FOUND_ON)).every(({ urgency }) => urgency !== 'prove');
