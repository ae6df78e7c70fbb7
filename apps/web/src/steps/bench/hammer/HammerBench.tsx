import {
  type BenchFinding,
  type HammerCase,
  type HandlePoint,
  type Operator,
  type Surge,
  hammerCase,
  modelWords,
  surgeCalculation,
} from '@grevik/core';
import { Button } from '@mui/material';
import { useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useChangeDuty } from '../../../kit/duty/useChangeDuty';
import { useFigures } from '../../../kit/useFigures';
import { useMay } from '../../../store/people-api';
import { translated, useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import { Facts } from '../Facts';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { simulator } from '../simulator';
import { useSimulation } from '../useSimulation';
import { CloseYourself } from '../../../kit/handle/CloseYourself';
import { Fixes } from './Fixes';
import styles from './Hammer.module.css';
import { PipeDrawing } from './PipeDrawing';
import { PressureChart } from './PressureChart';
import { Sweep } from './Sweep';
import { hammerFields } from './hammer-fields';
import { readHand, writeHand } from './hand-in-address';
import { seconds } from './seconds';

/** A closing on the position's own run: the waves in the pipe, the peak against the weakest part, and what would help. */
export function HammerBench({ line, position, duty, valve, model }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const [query, setQuery] = useSearchParams();
  const fields = useMemo(() => hammerFields(words), [words]);
  const filled = useMemo(() => hammerCase(duty, valve), [duty, valve]);
  const of = useCase<HammerCase>(filled, fields, { of: 'hammer', valve: model?.id ?? valve.type });
  const { values } = of;
  const [hand, setHand] = useState<HandlePoint[] | undefined>(() => readHand(query.get('hand')));
  const [isByHand, setByHand] = useState(hand !== undefined);

  const byHand = isByHand ? hand : undefined;
  const { result: film, trouble } = useSimulation(
    useCallback(() => simulator('live').hammer(values, byHand), [values, byHand]),
  );
  const { dn } = duty;
  const { type } = valve;
  const ways = useSimulation(
    useCallback(() => simulator('long').fixes(values, { type, dn }), [values, type, dn]),
  );
  const take = (points: HandlePoint[] | undefined): void => {
    setHand(points);
    setQuery(
      (before) => {
        const next = new URLSearchParams(before);
        if (points) next.set('hand', writeHand(points));
        else next.delete('hand');
        return next;
      },
      { replace: true },
    );
  };
  const byClock = (): void => {
    setByHand(false);
    take(undefined);
  };
  const leastS = ways.result?.leastS;
  const file = `${position.tag}-hammer`;
  return (
    <div className={page.work}>
      <div>
        <div className={`${styles.by} no-print`} role="group" aria-label={words('hammer.closing')}>
          <button type="button" aria-pressed={!isByHand} onClick={byClock}>
            {words('hammer.byClock')}
          </button>
          <button type="button" aria-pressed={isByHand} onClick={() => setByHand(true)}>
            {words('hammer.byHand')}
          </button>
        </div>
        {isByHand && <CloseYourself valve={valve} closed={take} />}
        {byHand && <p className={styles.took}>{sayHand(byHand, words)}</p>}
        <CaseFields of={of} fields={fields} />
      </div>
      <div className={page.pictures}>
        {trouble && (
          <p className={page.warn} role="alert">
            {trouble.field === 'sourceHeadM' ? words('hammer.tooMuchFlow') : translated(trouble.message)}
          </p>
        )}
        {film && !trouble && (
          <>
            <Finding
              {...{ line, position, duty, valve }}
              valveName={model && modelWords(model).from}
              of={values}
              film={film}
              least={leastS}
              operator={ways.result?.fixes.find((found) => found.fix === 'slower')?.operator}
              tookS={byHand?.at(-1)?.timeS ?? values.closingS}
              query={of.query}
              isPending={ways.isRunning}
            />
            <HammerFacts of={values} film={film} least={leastS} figures={figures} />
            {film.cavitates && <p className={page.warn}>{words('hammer.cavitates')}</p>}
            <div className={page.pair}>
              <PipeDrawing of={values} film={film} file={`${file}-along`} />
              <PressureChart of={values} film={film} file={`${file}-valve`} />
            </div>
            {ways.result && <Fixes fixes={ways.result.fixes} limitPa={values.limitPa} />}
            <Sweep
              of={values}
              pipe={duty.pipe && { material: duty.pipe.material, dn }}
              file={`${file}-sweep`}
            />
            {surgeCalculation.basis && <BasisNote basis={surgeCalculation.basis} />}
          </>
        )}
      </div>
    </div>
  );
}

function sayHand(hand: readonly HandlePoint[], words: ReturnType<typeof useWords>): string {
  const last = hand.at(-1);
  const took = seconds(last?.timeS ?? 0);
  return last && last.opening > 0
    ? words('hammer.handLeft', { percent: Math.round(last.opening * 100), seconds: took })
    : words('hammer.handTook', { seconds: took });
}

interface HammerFactsProps {
  of: HammerCase;
  film: Surge;
  least: number | undefined;
  figures: ReturnType<typeof useFigures>;
}

function HammerFacts({ of, film, least, figures }: HammerFactsProps) {
  const words = useWords();
  const facts = [
    [words('hammer.peak'), figures.quantity(film.peakPa, 'pressure')],
    [words('hammer.steady'), figures.quantity(film.steadyPa, 'pressure')],
    [words('hammer.limit'), figures.quantity(of.limitPa, 'pressure')],
    [words('hammer.sudden'), `+ ${figures.quantity(film.joukowskyPa, 'pressure')}`],
    [words('hammer.reflected'), `${film.criticalTimeS.toPrecision(2)} s`],
    [
      words('hammer.least'),
      least === undefined ? '–' : least === 0 ? words('hammer.leastNone') : `${seconds(least)} s`,
    ],
  ] as const;
  return <Facts facts={facts} />;
}

interface FindingProps extends Pick<BenchProps, 'line' | 'position' | 'duty' | 'valve'> {
  valveName: string | undefined;
  of: HammerCase;
  film: Surge;
  least: number | undefined;
  /** What would take as long. */
  operator: Operator | undefined;
  tookS: number;
  query: () => string;
  /** Whether the time to take is still being worked out. */
  isPending: boolean;
}

/** Whether it may be shut like that, and the time to take; put into the duty, the rules judge by it. */
function Finding({
  line,
  position,
  valve,
  valveName,
  of,
  film,
  least,
  operator,
  tookS,
  query,
  isPending,
}: FindingProps) {
  const words = useWords();
  const mayChange = useMay('change-duty');
  const changeDuty = useChangeDuty(position, line.id);
  const isOver = film.peakPa > of.limitPa;
  const part = valve.weakest === undefined ? words('hammer.weakest') : translated(valve.weakest);
  const taken = seconds(tookS);
  const wanted = least === undefined ? undefined : seconds(least);
  const text = !isOver
    ? words('hammer.findingFits', { taken, part })
    : wanted === undefined
      ? words(isPending ? 'hammer.findingOver' : 'hammer.findingNever', { taken, part })
      : words('hammer.finding', {
          seconds: wanted,
          taken,
          part,
          by: operator ? words('hammer.by', { operator: words(`operators.${operator}`) }) : '',
        });
  const finding: Omit<BenchFinding, 'case'> = {
    bench: 'hammer',
    verdict: isOver ? 'care' : 'supports',
    measured: { value: film.peakPa, limit: of.limitPa, unit: 'Pa' },
    ...(valveName !== undefined && { valve: valveName }),
  };
  return (
    <FindingBar position={position} text={text} finding={finding} query={query} isPending={isPending}>
      {mayChange && isOver && wanted !== undefined && (
        <Button
          size="small"
          variant="outlined"
          disabled={isPending}
          onClick={() => void changeDuty({ ...position.duty, closureTimeS: Number(wanted) })}
        >
          {words('hammer.setTime', { seconds: wanted })}
        </Button>
      )}
    </FindingBar>
  );
}
