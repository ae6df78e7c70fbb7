import { STOPS_PER_FIXTURE, TAKEOFF_FIXTURES, type TakeoffFixture } from '@grevik/core';
import { useSearchParams } from 'react-router';

const MOST = 100_000;
const whole = (text: string | null, most: number): number | undefined => {
  const value = text === null || text.trim() === '' ? Number.NaN : Number(text);
  return Number.isInteger(value) && value >= 0 && value <= most ? value : undefined;
};

export interface TakeoffCase {
  /** What is typed in place of what was walked. */
  counts: Partial<Record<TakeoffFixture, number>>;
  template: Record<TakeoffFixture, number>;
  sparesPercent: number;
  /** Models compared, in their order. */
  models: readonly string[];
  setCount: (kind: TakeoffFixture, count: number | undefined) => void;
  setCounts: (counts: Partial<Record<TakeoffFixture, number>>) => void;
  setEach: (kind: TakeoffFixture, stops: number) => void;
  setSpares: (percent: number) => void;
  setModels: (ids: readonly string[]) => void;
  /** How many of a model's spares ride along. */
  along: (modelId: string, spare: number) => number | undefined;
  setAlong: (modelId: string, spare: number, count: number) => void;
}

const MOST_STOPS = 20;

/** The takeoff's figures, kept in the address: a link opens the same count. */
export function useTakeoffCase(usual: readonly string[]): TakeoffCase {
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
  for (const kind of TAKEOFF_FIXTURES) {
    const count = whole(query.get(kind), MOST);
    if (count !== undefined) counts[kind] = count;
    template[kind] = whole(query.get(`${kind}-stops`), MOST_STOPS) ?? STOPS_PER_FIXTURE[kind];
  }
  return {
    counts,
    template: template as TakeoffCase['template'],
    sparesPercent: whole(query.get('spares'), 100) ?? 5,
    models: query.get('of')?.split(',').filter(Boolean) ?? usual,
    setCount: (kind, count) =>
      change((next) => (count === undefined ? next.delete(kind) : next.set(kind, String(count)))),
    setCounts: (all) =>
      change((next) => {
        for (const [kind, count] of Object.entries(all)) next.set(kind, String(count));
      }),
    setEach: (kind, stops) => change((next) => next.set(`${kind}-stops`, String(stops))),
    setSpares: (percent) => change((next) => next.set('spares', String(percent))),
    setModels: (ids) => change((next) => next.set('of', ids.join(','))),
    along: (modelId, spare) => whole(query.get(`with-${modelId}-${spare}`), MOST),
    setAlong: (modelId, spare, count) =>
      change((next) => next.set(`with-${modelId}-${spare}`, String(count))),
  };
}
