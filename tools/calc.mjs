// A calculation in the shell: one JSON document or a list of them in, the same out.
import { readFileSync } from 'node:fs';
import { build, installPackages, requireNode } from './setup/installation.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';

await endingPlainly(async () => {
  requireNode();
  await installPackages();
  await build('core');
  const core = await import('@grevik/core');
  const args = process.argv.slice(2);
  const list = core.CALCULATIONS.map(({ name, summary }) => `${name}: ${summary}`).join('\n');
  if (args.includes('--list')) return print(`${list}\n`);
  const name = args.find((arg) => !arg.startsWith('--'));
  const calculation = name === undefined ? undefined : core.findCalculation(name);
  if (!calculation)
    throw new PlainFailure(
      `${name === undefined ? 'Name a calculation' : `There is no calculation "${name}"`}. There are:\n${list}`,
    );
  if (args.includes('--help')) return print(core.helpText(calculation));

  let input;
  try {
    input = JSON.parse(readFileSync(0, 'utf8'));
  } catch (error) {
    return fail({
      error: {
        code: 'invalid-input',
        field: 'input',
        message: `The input is not JSON: ${/** @type {Error} */ (error).message}.`,
      },
    });
  }
  if (Array.isArray(input)) {
    if (input.length > core.MOST_INPUTS) {
      return fail({
        error: {
          code: 'invalid-input',
          field: 'input',
          message: `The list has ${input.length} inputs: give at most ${core.MOST_INPUTS} at once.`,
        },
      });
    }
    return print(`${JSON.stringify(input.map((one) => core.calculateOrRefuse(calculation, one)))}\n`);
  }
  const result = core.calculateOrRefuse(calculation, input);
  if (typeof result === 'object' && result !== null && 'error' in result) return fail(result);
  return print(`${JSON.stringify(result, null, 2)}\n`);
});

/** @param {string} text */
function print(text) {
  process.stdout.write(text);
}

/** @param {object} failure */
function fail(failure) {
  print(`${JSON.stringify(failure)}\n`);
  process.exitCode = 1;
}
