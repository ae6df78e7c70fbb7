import { VALVE_TYPE_FACTS } from '../../../ground/valves/index.js';
import { capitalized } from '../../../ground/wording/index.js';
import {
  type Candidate,
  type Duty,
  HOUSE_RULES,
  type HouseRule,
  type HouseRuleSettings,
  type Reason,
  type Selected,
  VERDICTS,
  judgeCandidate,
  select,
} from '../../../judgement/selection/index.js';
import { type Draw, drawEach, untilMade } from '../draw.js';
import { type DrillGrade, type DrillLevel, type DrillMaker, RIGHT } from '../made-drill.js';
import { CHECK_DUTIES, type DutiesToChooseFor, VALVE_DUTIES } from './duties-to-choose-for.js';
import { CHECKS_TO_CHOOSE_FROM, VALVES_TO_CHOOSE_FROM } from './valves-to-choose-from.js';

export interface ChooseValveQuestion {
  duty: Duty;
  /** Answered by the number of one, from 0. */
  candidates: Candidate[];
}

const CHOICES = 4;
const CARE_SCORE = 0.5;
/** Out for one reason only. */
const ONE_CATCH_SCORE = 0.25;

/** A duty, and four valves: which one would you put in? Level by level the others are closer, with one catch and then with two of them. */
const choosing =
  (
    duties: readonly DutiesToChooseFor[],
    valves: readonly Candidate[],
  ): DrillMaker<ChooseValveQuestion, string> =>
  ({ draw, level, settings, trade }) => {
    const may = duties.filter((row) => trade === undefined || row.trade === trade);
    const { row, duty, candidates } = untilMade(() => {
      const of = draw.of(may.length > 0 ? may : duties);
      const asked = drawEach<Duty>(draw, of.facts);
      const four = fourFor(
        draw,
        level,
        valves,
        select(asked, valves, settings).results.filter(isJudgedInFull),
      );
      return four && { row: of, duty: asked, candidates: four };
    });
    return { ...chosenOf(duty, candidates, settings), trade: row.trade };
  };

export const whichValve = choosing(VALVE_DUTIES, VALVES_TO_CHOOSE_FROM);
export const whichCheck = choosing(CHECK_DUTIES, CHECKS_TO_CHOOSE_FROM);

/** The drill of one duty and its candidates, for questions made from a seed and from a real position alike. */
export function chosenOf(
  duty: Duty,
  candidates: readonly Candidate[],
  settings: HouseRuleSettings,
): Omit<ReturnType<DrillMaker<ChooseValveQuestion, string>>, 'trade'> {
  const { results, ranked } = select(duty, candidates, settings);
  const best = ranked[0] ?? 0;
  return {
    question: { duty, candidates: [...candidates] },
    answer: {
      form: 'choice',
      choices: candidates.map((candidate, at) => ({ id: String(at), ...candidate })),
    },
    key: String(best),
    grade: (answer) => gradeOf(duty, candidates, settings, results, best, Number(answer)),
  };
}

function gradeOf(
  duty: Duty,
  candidates: readonly Candidate[],
  settings: HouseRuleSettings,
  results: readonly Selected[],
  best: number,
  chosen: number,
): DrillGrade {
  const [right, mine] = [results[best], results[chosen]];
  const ofBest = (right?.reasons ?? []).filter(({ verdict }) => verdict === 'supports' || verdict === 'care');
  if (!right || !mine || chosen === best)
    return {
      ...RIGHT,
      why: [...said(ofBest), ...results.flatMap((one) => (one === right ? [] : heldAgainst(one)))],
    };
  const school = otherSchool(duty, candidates[chosen], settings, mine);
  if (school)
    return {
      ...RIGHT,
      why: [
        { text: `Good people differ here, and both pass. Other practice: ${school}` },
        ...said(against(mine)),
      ],
    };
  const held = against(mine);
  return {
    right: false,
    score:
      mine.verdict === 'care'
        ? CARE_SCORE
        : held.filter(({ verdict }) => verdict === 'out').length === 1
          ? ONE_CATCH_SCORE
          : 0,
    why: [...said(held), ...said(ofBest)],
  };
}

const said = (reasons: readonly Reason[]): { text: string }[] => reasons.map(({ text }) => ({ text }));
const against = ({ reasons }: Selected): Reason[] =>
  reasons.filter(({ verdict }) => verdict === 'out' || verdict === 'care');

/** The first thing that speaks against one of the others, with its name before it. */
const heldAgainst = (one: Selected): { text: string }[] =>
  against(one)
    .slice(0, 1)
    .map(({ text }) => ({ text: `${capitalized(VALVE_TYPE_FACTS[one.type].words)}: ${text}` }));

/** The option of a house rule under which a valve would fit, in words; undefined where there is none. */
function otherSchool(
  duty: Duty,
  candidate: Candidate | undefined,
  settings: HouseRuleSettings,
  mine: Selected,
): string | undefined {
  if (!candidate) return undefined;
  for (const { houseRule } of against(mine)) {
    if (houseRule === undefined) continue;
    for (const [option, says] of Object.entries(HOUSE_RULES[houseRule as HouseRule].options))
      if (judgeCandidate(duty, candidate, { ...settings, [houseRule]: option }).verdict === 'fits')
        return says;
  }
  return undefined;
}

/** One that is better than the three others, in the order shown; undefined where there are none such. */
export function fourFor(
  draw: Draw,
  level: DrillLevel,
  valves: readonly Candidate[],
  results: readonly Selected[],
): Candidate[] | undefined {
  const best = VERDICTS.find((verdict) => results.some((one) => one.verdict === verdict));
  if (best === undefined || best === 'out') return undefined;
  const right = draw.of(results.filter(({ verdict }) => verdict === best));
  const wrong = results.filter(({ verdict }) => verdict !== best);
  const isClose = ({ type, verdict }: Selected): boolean => type === right.type || verdict === 'care';
  const near = draw.some(wrong.filter(isClose), level - 1);
  const far = draw.some(
    wrong.filter((one) => !isClose(one)),
    CHOICES - 1 - near.length,
  );
  if (near.length + far.length < CHOICES - 1) return undefined;
  return draw.some([right, ...near, ...far], CHOICES).map(({ index }) => valves[index] as Candidate);
}

/** Whether a valve is made in the size, and with nothing left to ask. */
export const isJudgedInFull = ({ reasons }: Selected): boolean =>
  reasons.every(({ rule }) => rule !== 'type-size' && !rule.startsWith('unknown-'));
