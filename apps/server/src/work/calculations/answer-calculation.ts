import {
  type Calculation,
  InvalidInput,
  MOST_INPUTS,
  calculate,
  calculateOrRefuse,
  findCalculation,
} from '@grevik/core';
import { parseJson } from '../../ground/requests/parse-json.js';
import { Refusal } from '../../ground/errors/refusal.js';

/** Values of all levels together: 100,000 inputs of twenty each. */
const MOST_VALUES = 2_000_000;

export interface CalculationTask {
  name: string;
  /** The request as it came. */
  body: Uint8Array;
  mostAnswerBytes: number;
  /** A list stops by itself after this long, and can then say how far it came. */
  mostMs: number;
}

/** The answer as it is sent: JSON in UTF-8. */
export type AnsweredCalculation = Uint8Array;

/**
 * Answers a request for a calculation: one input, or a list of them.
 *
 * @throws InvalidInput for one input that is wrong; Refusal 422 where the answer would be larger, or the list take longer, than it may
 */
export async function answerCalculation({
  name,
  body,
  mostAnswerBytes,
  mostMs,
}: CalculationTask): Promise<AnsweredCalculation> {
  const calculation = findCalculation(name);
  if (!calculation) throw new Error(`there is no calculation ${name}`);
  const input = body.length === 0 ? undefined : parseJson(body, MOST_VALUES);
  const answer = Array.isArray(input)
    ? answerList(calculation, input, mostAnswerBytes, mostMs)
    : JSON.stringify(calculate(calculation, input));
  const bytes = new TextEncoder().encode(answer);
  if (bytes.length > mostAnswerBytes)
    throw tooMuch(`The answer has ${bytes.length} bytes, and at most ${mostAnswerBytes} are sent.`, name);
  return bytes;
}

function answerList(
  calculation: Calculation,
  inputs: readonly unknown[],
  mostBytes: number,
  mostMs: number,
): string {
  if (inputs.length > MOST_INPUTS)
    throw new InvalidInput(
      'input',
      `The list has ${inputs.length} inputs: send at most ${MOST_INPUTS} at once.`,
    );
  const began = performance.now();
  const results: string[] = [];
  let length = 0;
  for (const input of inputs) {
    const result = JSON.stringify(calculateOrRefuse(calculation, input));
    results.push(result);
    length += result.length;
    const share = Math.max(1, Math.floor(results.length / 2));
    if (length > mostBytes)
      throw tooMuch(
        `After ${results.length} of ${inputs.length} inputs the answer has more than ${mostBytes} bytes. Send at most ${share} inputs at once.`,
        calculation.name,
      );
    if (performance.now() - began > mostMs)
      throw tooMuch(
        `After ${results.length} of ${inputs.length} inputs this took ${mostMs / 1000} s. Send at most ${share} inputs at once.`,
        calculation.name,
      );
  }
  return `[${results.join(',')}]`;
}

/** Leaving out the long parts of an answer makes it smaller. */
const SMALLER: Readonly<Record<string, string>> = {
  surge: ' Or leave out series and envelope with false.',
};

const tooMuch = (message: string, name: string): Refusal =>
  new Refusal(422, { code: 'over-budget', message: `${message}${SMALLER[name] ?? ''}` });
