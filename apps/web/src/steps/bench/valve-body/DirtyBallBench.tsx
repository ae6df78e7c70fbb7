import { type ControlCase, dirtyBall, modelWords } from '@grevik/core';
import { useMemo } from 'react';
import { Cutaway } from '../../../kit/cutaway/Cutaway';
import { useFigures } from '../../../kit/useFigures';
import { HandleSlider } from '../../../kit/handle/HandleSlider';
import { useAppSelector } from '../../../store/store';
import { useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import { Facts } from '../Facts';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { HandleCurve } from './HandleCurve';
import styles from './Inside.module.css';
import { insideCase } from './inside-case';
import { DIRTY_BALL_BASIS } from './inside-basis';
import { insideFields } from './inside-fields';

const STEPS = 50;

/** A ball in dirty water: grit cuts the lip of the seat part way, and settles in the cavity that stands open. */
export function DirtyBallBench({ position, duty, valve, model }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const opening = useAppSelector(({ handle }) => handle);
  const fields = useMemo(() => insideFields(words), [words]);
  const isBall = valve.type === 'ball';
  const filled = useMemo(
    () => insideCase(duty, valve, { isOfKind: isBall, type: 'ball', boreM: duty.dn / 1000 }),
    [duty, valve, isBall],
  );
  const of = useCase<ControlCase>(filled, fields, { of: 'dirty-ball', valve: model?.id ?? valve.type });
  const here = dirtyBall(of.values, opening);
  const points = useMemo(
    () => Array.from({ length: STEPS + 1 }, (_, at) => dirtyBall(of.values, at / STEPS)),
    [of.values],
  );
  const worst = points.reduce((most, { wearTimes }) => Math.max(most, wearTimes), 1);
  return (
    <div className={page.work}>
      <div>
        <div className={styles.drawn}>
          <Cutaway model={isBall && model ? model : { type: 'ball' }} opening={opening} marksWear />
          <svg viewBox="0 0 180 118" className={styles.grit} aria-hidden="true">
            {GRIT.map(([x, y], at) => (
              <circle
                key={at}
                cx={x}
                cy={y}
                r={1 + (at % 3) * 0.5}
                style={{ opacity: here.cavityOpen > 0.15 ? Math.min(1, here.cavityOpen * 1.2) : 0 }}
              />
            ))}
          </svg>
        </div>
        <CaseFields of={of} fields={fields} />
      </div>
      <div className={page.pictures}>
        <FindingBar
          position={position}
          text={words('inside.ballFinding', { times: Number(worst.toPrecision(2)) })}
          finding={{
            bench: 'dirty-ball',
            verdict: 'care',
            ...(isBall && model && { valve: modelWords(model).from }),
          }}
          query={of.query}
        />
        <HandleSlider />
        <Facts
          facts={[
            [words('inside.jet'), figures.quantity(here.jetMs, 'velocity')],
            [words('control.passes'), figures.quantity(here.flowM3s, 'flow')],
            [
              words('inside.wear'),
              here.wearTimes === 0
                ? words('inside.wearNone')
                : words('inside.wearTimes', { times: Number(here.wearTimes.toPrecision(2)) }),
            ],
            [
              words('inside.cavity'),
              words(here.cavityOpen > 0.15 ? 'inside.cavityOpen' : 'inside.cavityShut'),
            ],
          ]}
        />
        <HandleCurve
          title={words('inside.wearChart')}
          unit={words('inside.timesOpen')}
          says={words('inside.wearSays')}
          file={`${position.tag}-ball-wear`}
          points={points.map((point) => ({ opening: point.opening, value: point.wearTimes }))}
          opening={opening}
        />
        <BasisNote basis={DIRTY_BALL_BASIS} />
      </div>
    </div>
  );
}

/** Grains in the corners of the cavity, above and below the ball. */
const GRIT: readonly (readonly [number, number])[] = [
  [72, 40],
  [77, 37],
  [83, 35],
  [97, 35],
  [103, 37],
  [108, 40],
  [71, 79],
  [75, 82],
  [80, 84],
  [86, 86],
  [93, 86],
  [99, 84],
  [105, 82],
  [109, 79],
];
