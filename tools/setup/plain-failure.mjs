/** A failure a person can act on: printed as its sentence alone, without a trace. */
export class PlainFailure extends Error {}

/**
 * Runs a command's main function; a PlainFailure ends it with its sentence.
 * @param {() => Promise<unknown>} main
 */
export async function endingPlainly(main) {
  try {
    await main();
  } catch (error) {
    if (error instanceof PlainFailure) console.error(error.message);
    else console.error(error);
    process.exitCode = 1;
  }
}
