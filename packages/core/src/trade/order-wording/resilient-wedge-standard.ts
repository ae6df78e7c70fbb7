/**
 * Whether a standard is of gates whose wedge is rubber: a gate built to it is one, whoever leaves the word away.
 * Source: AWWA C509 and C515, resilient-seated gate valves.
 *
 * @example
 * isRubberWedgeStandard('AWWA C515') // true
 */
export const isRubberWedgeStandard = (standard: string | undefined): boolean =>
  standard === 'AWWA C509' || standard === 'AWWA C515';
