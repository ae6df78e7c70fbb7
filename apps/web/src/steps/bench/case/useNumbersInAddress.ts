import { useState } from 'react';
import { useSearchParams } from 'react-router';

type Numbers = Readonly<Record<string, number>>;

interface NumbersInAddress {
  numbers: Numbers;
  set: (key: string, value: number) => void;
}

/**
 * Figures that belong to many things of one line, as one parameter of the address: `ST-102:5.6,ST-103:9.3`.
 *
 * @param name  of the parameter
 * @param range what is taken; the rest is left out
 */
export function useNumbersInAddress(name: string, range: { min: number; max: number }): NumbersInAddress {
  const [query, setQuery] = useSearchParams();
  const [numbers, show] = useState<Numbers>(() => readNumbers(query.get(name), range));
  return {
    numbers,
    set: (key, value) => {
      const next = { ...numbers, [key]: value };
      show(next);
      setQuery((before) => withNumbers(before, name, next), { replace: true });
    },
  };
}

/** A query with the figures in it. */
export function withNumbers(
  query: URLSearchParams | string,
  name: string,
  numbers: Numbers,
): URLSearchParams {
  const next = new URLSearchParams(query);
  const pairs = Object.entries(numbers).map(([key, value]) => `${key}:${Number(value.toPrecision(6))}`);
  if (pairs.length > 0) next.set(name, pairs.join(','));
  return next;
}

function readNumbers(text: string | null, { min, max }: { min: number; max: number }): Numbers {
  const pairs = (text ?? '').split(',').flatMap((pair) => {
    const at = pair.lastIndexOf(':');
    const value = Number(pair.slice(at + 1));
    return at > 0 && value >= min && value <= max ? [[pair.slice(0, at), value] as const] : [];
  });
  return Object.fromEntries(pairs);
}
