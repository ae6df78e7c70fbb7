/** The nodes of a pipe from source to valve, and what one time step does between its ends. */
export interface Grid {
  headM: Float64Array;
  flowM3s: Float64Array;
  highestM: Float64Array;
  lowestM: Float64Array;
  /**
   * Lays one step over the nodes between the ends. B = a/(gA), R = f dx/(2 g D A^2), heads under boiling held there.
   * Answers C+ of the last node before the valve, as it was: what travels on to it.
   */
  step: (b: number, r: number, vapourHeadM: number) => number;
  /** Whether a head fell below boiling in any step. */
  hasCavitated: () => boolean;
}
