import type { PositionState, ValveFunction, ValveType } from '@grevik/core';
import { PositionSymbol } from '../../kit/strip/PositionSymbol';

/** Colour repeats what shape and words say: a mark for what is picked, a cross for what fails. */
const FILL: Record<PositionState, string> = {
  'not-picked': 'var(--bright)',
  picked: 'var(--bright)',
  ordered: 'var(--seat)',
  'in-service': 'var(--moving)',
  act: 'var(--bright)',
};

interface StateSymbolProps {
  state: PositionState;
  type: ValveType | null;
  asked: ValveFunction;
}

/** A valve as the board draws it: its piping symbol, with how far it is. */
export function StateSymbol({ state, type, asked }: StateSymbolProps) {
  return (
    <PositionSymbol type={type ?? undefined} asked={asked} isFailing={state === 'act'} fill={FILL[state]} />
  );
}
