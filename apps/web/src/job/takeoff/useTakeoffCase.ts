import {
  COUNTED,
  type Counted,
  NOMINAL_SIZES,
  STOPS_PER_FIXTURE,
  type StopKind,
  TAKEOFF_FIXTURES,
  type TakeoffFixture,
} from '@grevik/core';
import { useSearchParams } from 'react-router';

const MOST = 100_000;
const whole = (text: string | null, most: number): number | undefined => {
  const value = text === null || text.trim() === '' ? Number.NaN : Number(text);
  return Number.isInteger(value) && value >= 0 && value <= most ? value : undefined;
};

export interface TakeoffCase {
  /** What is typed in place of what was walked. */
  counts: Partial<Record<Counted, number>>;
  template: Record<TakeoffFixture, number>;
  sparesPercent: number;
  /** Models compared for a kind of stop, in their order; undefined where nobody chose. */
  models: (kind: StopKind) => readonly string[] | undefined;
  /** Size a kind of stop is bought in; undefined where nobody chose. */
  dn: (kind: StopKind) => number | undefined;
  setCount: (kind: Counted, count: number | undefined) => void;
  setCounts: (counts: Partial<Record<Counted, number>>) => void;
  setEach: (kind: TakeoffFixture, stops: number) => void;
  setSpares: (percent: number) => void;
  setModels: (kind: StopKind, ids: readonly string[]) => void;
  setDn: (kind: StopKind, dn: number) => void;
  /** How many of a model's spares ride along with a kind of stop. */
  along: (kind: StopKind, modelId: string, spare: number) => number | undefined;
  setAlong: (kind: StopKind, modelId: string, spare: number, count: number) => void;
}

const MOST_STOPS = 20;

/** The takeoff's figures, kept in the address: a link opens the same count. */
export function useTakeoffCase(): TakeoffCase {
  const [query, setQuery] = useSearchParams();
  const change = (edit: (next: URLSearchParams) => void): void =>
    setQuery(
      (before) => {
        const next = new URLSearchParams(before);
        edit(next);
        return next;
      },
      { replace: true },
    );
  const counts: TakeoffCase['counts'] = {};
  const template: Record<string, number> = { ...STOPS_PER_FIXTURE };
  for (const kind of COUNTED) {
    const count = whole(query.get(kind), MOST);
    if (count !== undefined) counts[kind] = count;
  }
  for (const kind of TAKEOFF_FIXTURES) {
    template[kind] = whole(query.get(`${kind}-stops`), MOST_STOPS) ?? STOPS_PER_FIXTURE[kind];
  }
  return {
    counts,
    template: template as TakeoffCase['template'],
    sparesPercent: whole(query.get('spares'), 100) ?? 5,
    models: (kind) => query.get(`of-${kind}`)?.split(',').filter(Boolean),
    dn: (kind) => NOMINAL_SIZES.find(({ dn }) => String(dn) === query.get(`dn-${kind}`))?.dn,
    setCount: (kind, count) =>
      change((next) => (count === undefined ? next.delete(kind) : next.set(kind, String(count)))),
    setCounts: (all) =>
      change((next) => {
        for (const [kind, count] of Object.entries(all)) next.set(kind, String(count));
      }),
    setEach: (kind, stops) => change((next) => next.set(`${kind}-stops`, String(stops))),
    setSpares: (percent) => change((next) => next.set('spares', String(percent))),
    setModels: (kind, ids) => change((next) => next.set(`of-${kind}`, ids.join(','))),
    setDn: (kind, dn) => change((next) => next.set(`dn-${kind}`, String(dn))),
    along: (kind, modelId, spare) => whole(query.get(`with-${kind}-${modelId}-${spare}`), MOST),
    setAlong: (kind, modelId, spare, count) =>
      change((next) => next.set(`with-${kind}-${modelId}-${spare}`, String(count))),
  };
}
