import {
  VALVE_STORIES,
  VALVE_TYPE_FACTS,
  type ValveType,
  VALVE_TYPES,
  familyOf,
} from '../../../ground/valves/index.js';
import { capitalized } from '../../../ground/wording/index.js';
import { type DrillMaker, RIGHT } from '../made-drill.js';
import { HEARD } from './heard-by-ear.js';
import { LOOK_ALIKES, NOT_DRAWN_APART } from './look-alikes.js';

export interface NameItQuestion {
  /** Which drawing: its number in the list of types. */
  drawing: number;
  /** For who does not see it. */
  moves: string;
  seals: string;
}

const CHOICES = { 1: 4, 2: 4, 3: 6 } as const;
const SAME_FAMILY_SCORE = 0.5;

/** The type that a question of the kind shows. @param drawing its number */
export const typeDrawn = (drawing: number): ValveType => VALVE_TYPES[drawing] ?? 'ball';

/** A cutaway that moves: which type is it? Level by level its choices look more alike. */
export const nameIt: DrillMaker<NameItQuestion, string> = ({ draw, level }) => {
  const drawn = VALVE_TYPES.filter((type) => !NOT_DRAWN_APART.includes(type));
  const type = draw.of(drawn);
  const alike = LOOK_ALIKES.filter((group) => group.includes(type)).flat();
  const apart = drawn.filter((other) => familyOf(other) !== familyOf(type));
  const others = level === 1 ? apart : [...new Set(alike)].filter((other) => other !== type);
  const few = draw.some(others, CHOICES[level] - 1);
  const rest = draw.some(
    drawn.filter((other) => other !== type && !few.includes(other)),
    CHOICES[level] - 1 - few.length,
  );
  const choices = draw.some([type, ...few, ...rest], CHOICES[level]);
  return {
    question: { drawing: VALVE_TYPES.indexOf(type), ...HEARD[type] },
    answer: { form: 'choice', choices: choices.map((id) => ({ id, text: VALVE_TYPE_FACTS[id].words })) },
    trade: 'water',
    key: type,
    grade: (answer) => {
      const chosen = answer as ValveType;
      const why = [{ text: `${inside(type)}: this is what is drawn.` }, { text: VALVE_STORIES[type].fails }];
      if (chosen === type) return { ...RIGHT, why };
      return {
        right: false,
        score: familyOf(chosen) === familyOf(type) ? SAME_FAMILY_SCORE : 0,
        why: [...why, { text: `${inside(chosen)}: that would be drawn otherwise.` }],
      };
    },
  };
};

const inside = (type: ValveType): string =>
  `${capitalized(VALVE_TYPE_FACTS[type].words)}, ${VALVE_TYPE_FACTS[type].inside.toLowerCase()}`;
