/** A time to take, rounded up, so that what is said is never too short. */
export function seconds(value: number): string {
  const step = value < 1 ? 0.01 : value < 10 ? 0.1 : 1;
  return String(Number((Math.ceil(value / step - 1e-9) * step).toFixed(2)));
}
