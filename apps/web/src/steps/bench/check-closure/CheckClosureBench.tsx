import {
  type CheckClosureCase,
  SOFT_SLAM_UNDER_PA,
  type StoppedCheck,
  VALVE_TYPE_FACTS,
  checkSlamCalculation,
  checkClosureCase,
  decelerationMs2,
  liquidDensityKgM3,
  walkPaths,
} from '@grevik/core';
import { useCallback, useMemo } from 'react';
import { Cutaway } from '../../../kit/cutaway/Cutaway';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import { Facts } from '../Facts';
import { PlaybackBar } from '../PlaybackBar';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { simulator } from '../simulator';
import { usePlayback } from '../usePlayback';
import { useSimulation } from '../useSimulation';
import styles from './CheckClosure.module.css';
import { DiscChart } from './DiscChart';
import { checkClosureFields } from './check-closure-fields';

const SHOWN_S = 6;

/** Every kind of check on one pump stop, moving in the same clock: which seats softest, and which the flow holds open at all. */
export function CheckClosureBench({ line, position, duty, models }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const fields = useMemo(() => checkClosureFields(words), [words]);
  const mainM = useMemo(() => beyondM(line, position.id), [line, position.id]);
  const filled = useMemo(() => checkClosureCase(duty, mainM), [duty, mainM]);
  const of = useCase<CheckClosureCase>(filled, fields, { of: 'check-stop' });
  const { values } = of;
  const { result, trouble } = useSimulation(
    useCallback(() => simulator('live').checkClosure(values), [values]),
  );
  const lastsS = Math.max(0, ...(result ?? []).map(({ closeTimeS }) => closeTimeS)) * 1.1;
  const clock = usePlayback(SHOWN_S);
  const nowS = clock.share * lastsS;
  const picked = models.find(({ id }) => id === position.pick?.modelId)?.type;
  const stands = picked ?? position.condition.type;
  const here = result?.find(({ checkType }) => checkType === stands);
  const best = result?.[0];
  const shown = here ?? best;
  const falls = decelerationMs2({ ...values, densityKgM3: liquidDensityKgM3(values) });
  const nowMs = (best?.velocityMs ?? 0) - falls * nowS;
  return (
    <div className={page.work}>
      <CaseFields of={of} fields={fields} />
      <div className={page.pictures}>
        {trouble && (
          <p className={page.warn} role="alert">
            {translated(trouble.message)}
          </p>
        )}
        {result && best && shown && (
          <>
            <FindingBar
              position={position}
              text={
                here && here !== best
                  ? words('checkClosure.finding', {
                      best: nameOf(best),
                      here: nameOf(here),
                      grade: words(`checkClosure.grades.${here.grade}`),
                    })
                  : words('checkClosure.findingBest', { best: nameOf(best) })
              }
              finding={{
                bench: 'check-stop',
                verdict: shown.grade === 'soft' ? 'supports' : 'care',
                measured: { value: shown.slamPa, limit: SOFT_SLAM_UNDER_PA, unit: 'Pa' },
              }}
              query={of.query}
            />
            <Facts
              facts={[
                [
                  words('checkClosure.velocity'),
                  `${nowMs < 0 ? '−' : ''}${figures.quantity(Math.abs(nowMs), 'velocity')}`,
                ],
                [words('checkClosure.falls'), `${figures.quantity(falls, 'velocity')} / s`],
              ]}
            />
            <PlaybackBar
              clock={clock}
              lastsS={lastsS}
              shownS={SHOWN_S}
              playWord={words('checkClosure.play')}
              stopWord={words('checkClosure.stop')}
            />
            <ul className={styles.kinds}>
              {result.map((kind) => (
                <Kind key={kind.checkType} kind={kind} nowS={nowS} isHere={kind === here} />
              ))}
            </ul>
            <DiscChart kinds={result} here={here} nowS={nowS} file={`${position.tag}-pump-stop`} />
            {checkSlamCalculation.basis && <BasisNote basis={checkSlamCalculation.basis} />}
          </>
        )}
      </div>
    </div>
  );
}

const nameOf = ({ checkType }: StoppedCheck): string => translated(VALVE_TYPE_FACTS[checkType].words);

/** Length of pipe beyond a position, along the longest way on, m; undefined where nobody measured it. */
function beyondM({ walk }: BenchProps['line'], positionId: string): number | undefined {
  const at = walk.items.find((item) => item.positionId === positionId);
  if (!at) return undefined;
  const paths = walkPaths(walk.items);
  const lengths = paths.ends.map(({ id }) => {
    const way = paths.to(id);
    const from = way.findIndex(({ item }) => item.id === at.id);
    return from < 0 ? 0 : way.slice(from).reduce((sum, { lengthM }) => sum + lengthM, 0);
  });
  return Math.max(0, ...lengths) || undefined;
}

function Kind({ kind, nowS, isHere }: { kind: StoppedCheck; nowS: number; isHere: boolean }) {
  const words = useWords();
  const figures = useFigures();
  return (
    <li className={styles.kind} data-here={isHere || undefined}>
      <Cutaway model={{ type: kind.checkType }} opening={openingAt(kind, nowS)} />
      <b>{nameOf(kind)}</b>
      <span className={styles[kind.grade]}>
        {GRADE_MARKS[kind.grade]} {words(`checkClosure.grade.${kind.grade}`)} · {figures.loss(kind.slamPa)}
      </span>
      <span>
        {words('checkClosure.reverse')} {figures.quantity(kind.reverseVelocityMs, 'velocity')}
      </span>
      <span>
        {words('checkClosure.perYear')}{' '}
        {kind.slamsPerYear === 0
          ? words('checkClosure.noSlams')
          : words('checkClosure.slams', { count: kind.slamsPerYear })}
      </span>
      <span className={kind.fullyOpen ? undefined : styles.hangs}>
        {words('checkClosure.sizing')} {figures.quantity(kind.minimumMs, 'velocity')}:{' '}
        {words(kind.fullyOpen ? 'checkClosure.held' : 'checkClosure.hangs')}
        {!kind.fullyOpen &&
          (kind.suggestedDn === undefined
            ? `, ${words('checkClosure.noSize')}`
            : `, ${words('checkClosure.better', { size: figures.size(kind.suggestedDn) })}`)}
      </span>
    </li>
  );
}

/** A shape beside the word. */
const GRADE_MARKS = { soft: '○', audible: '◐', slam: '●' } as const;

function openingAt({ series, closeTimeS }: StoppedCheck, timeS: number): number {
  if (timeS >= closeTimeS) return 0;
  const next = series.findIndex((point) => point.timeS > timeS);
  const from = series[next - 1];
  const to = series[next];
  if (!from || !to) return series[0]?.opening ?? 0;
  return from.opening + ((timeS - from.timeS) / (to.timeS - from.timeS)) * (to.opening - from.opening);
}
