/**
 * Slope of the straight line that fits values over time best.
 *
 * @param timesS  s, two or more, not all the same
 * @param values  one a time
 * @returns in the unit of the values, a second
 * Source: least squares.
 *
 * @example
 * leastSquaresSlope([0, 10, 20], [5, 4, 3]) // -0.1
 */
export function leastSquaresSlope(timesS: ArrayLike<number>, values: ArrayLike<number>): number {
  const count = timesS.length;
  // Sums are taken from the first values on, so that nothing is lost beside large ones.
  const [timeFrom, valueFrom] = [timesS[0] ?? 0, values[0] ?? 0];
  let [times, sum, products, squares] = [0, 0, 0, 0];
  for (let at = 0; at < count; at += 1) {
    const time = (timesS[at] ?? 0) - timeFrom;
    const value = (values[at] ?? 0) - valueFrom;
    times += time;
    sum += value;
    products += time * value;
    squares += time * time;
  }
  return (count * products - times * sum) / (count * squares - times * times);
}
