import type { LineView, PositionView } from '@grevik/contracts';
import {
  FAILURE_WORDS,
  type HouseRuleSettings,
  capitalized,
  claimAndOptions,
  valveFailure,
} from '@grevik/core';
import { type Walked, useWalk } from '../isolation/useWalk';
import { useFigures } from '../useFigures';
import { adviceAt } from './advice-at';
import { translated } from '../../words';

interface UrgentFindingProps {
  line: LineView;
  position: PositionView;
  settings: HouseRuleSettings;
}

/** What is wrong with the valve that stands there, what to do first, and what was done about it so far; nothing where nothing is wrong. */
export function UrgentFinding({ line, walk, position, settings }: UrgentFindingProps & { walk: Walked }) {
  const figures = useFigures();
  const failure = valveFailure(position.condition, line.medium);
  if (failure === undefined) return null;
  const [first] = adviceAt(line, walk, position, settings);
  const { dealt } = position.condition;
  return (
    <>
      <b>{capitalized(translated(FAILURE_WORDS[failure]))}.</b>{' '}
      {first && figures.sentence(claimAndOptions(first.text).claim)} {dealt !== undefined && `${dealt}.`}
    </>
  );
}

/** The same at a position that fails, with the walk of its line. */
export function UrgentHere(props: UrgentFindingProps) {
  const walk = useWalk(props.line, props.settings);
  return <UrgentFinding {...props} walk={walk} />;
}
