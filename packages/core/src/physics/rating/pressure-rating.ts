/** A named part and what it carries at the temperature in question; undefined where it is not rated there. */
export interface RatedPart {
  name: string;
  allowablePa: number | undefined;
}

export interface PressureRating {
  allowablePa: number;
  /** Name of the weakest part. */
  governing: string;
  marginPa: number;
  /** Demand over allowable; left out when not rated. */
  utilisation?: number;
  verdict: 'within' | 'over' | 'not-rated';
  components: { name: string; allowablePa: number }[];
}

/**
 * What an assembly carries: the weakest of body, seat, end joint and pipe governs.
 *
 * @param parts    one or more
 * @param demandPa highest working pressure plus surge, Pa gauge
 * @returns a part that is not rated counts as 0, and so does the whole
 *
 * @example
 * pressureRating([{ name: 'body', allowablePa: 4.1e6 }, { name: 'joint', allowablePa: 1.4e6 }], 7e5)
 * // allowablePa 1.4e6, governing 'joint', utilisation 0.5, verdict 'within'
 */
export function pressureRating(
  parts: readonly [RatedPart, ...RatedPart[]],
  demandPa: number,
): PressureRating {
  const weakest = parts.reduce((least, part) =>
    (part.allowablePa ?? 0) < (least.allowablePa ?? 0) ? part : least,
  );
  const allowablePa = weakest.allowablePa ?? 0;
  const rated = weakest.allowablePa !== undefined;
  return {
    allowablePa,
    governing: weakest.name,
    marginPa: allowablePa - demandPa,
    ...(rated && allowablePa > 0 && { utilisation: demandPa / allowablePa }),
    verdict: !rated ? 'not-rated' : demandPa <= allowablePa ? 'within' : 'over',
    components: parts.map((part) => ({ name: part.name, allowablePa: part.allowablePa ?? 0 })),
  };
}
