import { type Bench, type Filled, type Origin, valuesOf } from '@grevik/core';
import { useCallback, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { type AnyField, type FieldsOf, readField, writeField } from './case-fields';

export interface BenchCase<C> {
  values: C;
  /** Where a figure is from; `yours` once somebody set it. */
  from: (name: keyof C) => Origin | 'yours';
  set: <K extends keyof C>(name: K, value: C[K]) => void;
  /** Writes what is set into the address, once it is let go. */
  settle: () => void;
  /** Back to what the duty says, one figure or all. */
  reset: (name?: keyof C) => void;
  isChanged: boolean;
  /** The whole case as a query, so that it comes out the same whatever becomes of the duty. */
  query: () => string;
  /** Names of figures in the address that could not be read. */
  unread: string[];
}

/** Which bench, and which valve stands on it where one does: a link names them, whatever is picked by then. */
export interface OnBench {
  of: Bench;
  valve?: string;
}

/** The figures of a case: filled from the duty, over them what the address says, over that what somebody sets here. */
export function useCase<C extends object>(
  filled: Filled<C>,
  fields: FieldsOf<C>,
  { of: bench, valve }: OnBench,
): BenchCase<C> {
  const [query, setQuery] = useSearchParams();
  const [read] = useState(() => fromQuery(query, fields));
  const [own, show] = useState<Partial<C>>(read.own);
  // What is set is settled in the same moment, before it is shown.
  const latest = useRef(own);
  const setOwn = (next: Partial<C>): void => {
    latest.current = next;
    show(next);
  };
  const values = useMemo(() => ({ ...valuesOf(filled), ...own }), [filled, own]);

  const write = useCallback(
    (now: Partial<C>): void => {
      setQuery(
        (before) => {
          const next = new URLSearchParams(before);
          for (const name of Object.keys(fields)) next.delete(name);
          for (const [name, value] of Object.entries(now)) next.set(name, writeField(value));
          return next;
        },
        { replace: true },
      );
    },
    [fields, setQuery],
  );
  return {
    values,
    from: (name) => (name in own ? 'yours' : filled[name].from),
    set: (name, value) => setOwn({ ...latest.current, [name]: value }),
    settle: () => write(latest.current),
    reset: (name) => {
      const kept = Object.entries(latest.current).filter(([each]) => name !== undefined && each !== name);
      const next = Object.fromEntries(kept) as Partial<C>;
      setOwn(next);
      write(next);
    },
    isChanged: Object.keys(own).length > 0,
    query: () => {
      const whole = new URLSearchParams(query);
      whole.set('of', bench);
      if (valve !== undefined) whole.set('valve', valve);
      for (const name of Object.keys(fields)) whole.set(name, writeField(values[name as keyof C]));
      return whole.toString();
    },
    unread: read.unread,
  };
}

function fromQuery<C>(query: URLSearchParams, fields: FieldsOf<C>): { own: Partial<C>; unread: string[] } {
  const own: Record<string, unknown> = {};
  const unread: string[] = [];
  for (const [name, field] of Object.entries<AnyField | undefined>(fields as Record<string, AnyField>)) {
    const text = query.get(name);
    if (text === null || !field) continue;
    const value = readField(text, field);
    if (value === undefined) unread.push(name);
    else own[name] = value;
  }
  return { own: own as Partial<C>, unread };
}
