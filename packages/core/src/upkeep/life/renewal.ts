/** A life as it is spread: Weibull, with its shape and the years by which 63 % have failed. */
export interface LifeSpread {
  shape: number;
  scaleYears: number;
}

/**
 * The chance that a new valve fails before an age.
 *
 * @param ageYears 0 and more
 * @returns 0 to 1
 * Source: Weibull distribution, F(t) = 1 - exp(-(t/scale)^shape).
 *
 * @example
 * chanceFailedBy({ shape: 2, scaleYears: 10 }, 10) // 0.632
 */
export const chanceFailedBy = ({ shape, scaleYears }: LifeSpread, ageYears: number): number =>
  -Math.expm1(-((ageYears / scaleYears) ** shape));

/**
 * The chance that a new valve fails first in a year of its life.
 *
 * @param year from 1
 *
 * @example
 * chanceInYear({ shape: 1, scaleYears: 10 }, 1) // 0.095
 */
export function chanceInYear({ shape, scaleYears }: LifeSpread, year: number): number {
  const hazard = (years: number): number => (years / scaleYears) ** shape;
  // Far past its life both chances are next to 1: their difference is taken before they are rounded.
  return Math.exp(-hazard(year - 1)) * -Math.expm1(hazard(year - 1) - hazard(year));
}

/**
 * Failures to expect in each year, where what fails is replaced like for like.
 *
 * @param life  of the valve
 * @param years how many
 * @returns one a year, from year 1 on
 * Source: discrete renewal in whole years.
 *
 * @example
 * expectedFailures({ shape: 2, scaleYears: 10 }, 3) // three figures, each above the one before
 */
export function expectedFailures(life: LifeSpread, years: number): number[] {
  const first = Array.from({ length: years }, (_, at) => chanceInYear(life, at + 1));
  const expected: number[] = [];
  for (let year = 0; year < years; year += 1) {
    let sum = first[year] ?? 0;
    for (let before = 0; before < year; before += 1)
      sum += (first[before] ?? 0) * (expected[year - before - 1] ?? 0);
    expected.push(sum);
  }
  return expected;
}
