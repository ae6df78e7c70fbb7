import { InvalidInput, list, number, record, text } from '../../ground/input/index.js';
import type { HandlePoint } from '../../physics/surge/index.js';
import type { WhatToCloseQuestion } from './kinds/what-to-close.js';
import type { DrillAnswer, MadeDrill } from './made-drill.js';

const MOST = 500;
const words = text(MOST);
const ids = list(text(200), { most: MOST });
const points = list(
  record({
    timeS: number({ unit: 's', min: 0, max: 600 }),
    opening: number({ min: 0, max: 1, meaning: '1 open to 0 closed' }),
  }),
  { least: 2, most: MOST },
);

/**
 * An answer read in the form that a drill asks for.
 *
 * @param made  the drill
 * @param given as it came
 * @throws InvalidInput naming `answer` and what would be right
 *
 * @example
 * readAnswer(drill({ kind: 'name-it', seed: 1, level: 1 }), 'no such type') // throws
 */
export function readAnswer(made: MadeDrill, given: unknown): DrillAnswer {
  const { answer } = made;
  switch (answer.form) {
    case 'text':
      return words.read(given, 'answer');
    case 'choice':
      return known(
        [words.read(given, 'answer')],
        answer.choices.map(({ id }) => id),
      )[0] as string;
    case 'order':
      return once(
        known(
          ids.read(given, 'answer'),
          answer.items.map(({ id }) => id),
        ),
      );
    case 'valves':
      return once(known(ids.read(given, 'answer'), valvesOf(made.question as WhatToCloseQuestion)));
    case 'closing':
      return closing(points.read(given, 'answer'));
  }
}

const valvesOf = ({ network }: WhatToCloseQuestion): string[] =>
  network.links.filter(({ kind }) => kind === 'valve').map(({ id }) => id);

function known(given: string[], may: readonly string[]): string[] {
  const odd = given.find((id) => !may.includes(id));
  if (odd !== undefined)
    throw new InvalidInput(
      'answer',
      `answer is ${odd}, which is not offered: give one of ${may.join(', ')}.`,
    );
  return given;
}

function once(given: string[]): string[] {
  const twice = given.find((id, at) => given.indexOf(id) !== at);
  if (twice !== undefined) throw new InvalidInput('answer', `answer has ${twice} twice: give each once.`);
  return given;
}

function closing(given: HandlePoint[]): HandlePoint[] {
  const [first, last] = [given[0], given[given.length - 1]];
  if (first?.opening !== 1 || last?.opening !== 0)
    throw new InvalidInput(
      'answer',
      `answer goes from ${first?.opening} to ${last?.opening}: begin open, at 1, and end closed, at 0.`,
    );
  given.slice(1).forEach(({ timeS }, at) => {
    if (timeS < (given[at]?.timeS ?? 0))
      throw new InvalidInput(
        `answer[${at + 1}].timeS`,
        `answer[${at + 1}].timeS is ${timeS}: times must not fall.`,
      );
  });
  return given;
}
