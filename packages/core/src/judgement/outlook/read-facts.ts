import type { Duty, DutyFact } from '../duty/index.js';

/**
 * Duties that note which of their facts are read. What a rule did not read cannot change what it says.
 *
 * @param duty as the position gives it
 * @returns `fresh` gives a new duty of the same facts, so that nothing worked out for another is found again; `read` runs some work and adds the
 *          facts it read to a set
 *
 * @example
 * const facts = new Set<DutyFact>();
 * const { fresh, read } = noting(duty);
 * read(facts, () => fresh().pipe?.material); // facts: pipe, pipe.material
 */
export function noting(duty: Duty): {
  fresh: () => Duty;
  read: <T>(into: Set<DutyFact>, work: () => T) => T;
} {
  let noted: Set<DutyFact> | undefined;
  const pipe =
    duty.pipe &&
    new Proxy(
      { ...duty.pipe },
      {
        get(target, name) {
          noted?.add(`pipe.${String(name)}` as DutyFact);
          return Reflect.get(target, name) as unknown;
        },
      },
    );
  // A copy: what is frozen may not be answered with anything else.
  const facts = { ...duty, ...(pipe && { pipe }) };
  const handler: ProxyHandler<Duty> = {
    get(target, name) {
      noted?.add(String(name) as DutyFact);
      return Reflect.get(target, name) as unknown;
    },
  };
  return {
    fresh: () => new Proxy(facts, handler),
    read: (into, work) => {
      noted = into;
      try {
        return work();
      } finally {
        noted = undefined;
      }
    },
  };
}

/**
 * A duty with one fact set anew.
 *
 * @example
 * withFact({ ...duty, pipe: { material: 'copper' } }, 'pipe.lengthUpstreamM', 3).pipe // { material: 'copper', lengthUpstreamM: 3 }
 */
export function withFact<D extends Pick<Duty, 'pipe'>>(duty: D, fact: DutyFact, value: unknown): D {
  if (!fact.startsWith('pipe.')) return { ...duty, [fact]: value };
  return { ...duty, pipe: { ...duty.pipe, [fact.slice('pipe.'.length)]: value } as Duty['pipe'] };
}

/** A fact of a duty; undefined where it is not given. */
export function factOf(duty: Partial<Duty>, fact: DutyFact): unknown {
  if (!fact.startsWith('pipe.')) return duty[fact as keyof Duty];
  return duty.pipe?.[fact.slice('pipe.'.length) as keyof NonNullable<Duty['pipe']>];
}
