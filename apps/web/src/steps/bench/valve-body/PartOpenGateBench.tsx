import {
  type ControlCase,
  familyOf,
  inUnits,
  modelWords,
  partOpenGate,
  pipeBoreM,
  pipeVelocityMs,
} from '@grevik/core';
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
import { GATE_BASIS } from './inside-basis';
import { insideFields } from './inside-fields';

const STEPS = 100;
const N_PER_LBF = 4.4482216152605;

/** A gate left part way: the jet under its wedge, and the wedge that hangs loose in it. */
export function PartOpenGateBench({ position, duty, valve, model }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const opening = useAppSelector(({ handle }) => handle);
  const fields = useMemo(() => insideFields(words), [words]);
  const isGate = familyOf(valve.type) === 'gate';
  const boreM = pipeBoreM(duty) ?? duty.dn / 1000;
  const filled = useMemo(
    () => insideCase(duty, valve, { isOfKind: isGate, type: 'gate-solid', boreM }),
    [duty, valve, isGate, boreM],
  );
  const of = useCase<ControlCase>(filled, fields, { of: 'part-open-gate', valve: model?.id ?? valve.type });
  const here = partOpenGate(of.values, boreM, opening);
  const points = useMemo(
    () => Array.from({ length: STEPS + 1 }, (_, at) => partOpenGate(of.values, boreM, at / STEPS)),
    [of.values, boreM],
  );
  const shakesBelow = points.reduce(
    (most, point) => (point.shakes ? Math.max(most, point.opening) : most),
    0,
  );
  const { symbol } = inUnits(here.jetMs, 'velocity', figures.system);
  const shown = (ms: number): number => inUnits(ms, 'velocity', figures.system, symbol).figure;
  return (
    <div className={page.work}>
      <div>
        <div className={`${styles.drawn} ${here.shakes ? styles.shaking : ''}`}>
          <Cutaway
            model={isGate && model ? model : { type: 'gate-solid' }}
            opening={opening}
            marksWear={here.shakes}
          />
        </div>
        <CaseFields of={of} fields={fields} />
      </div>
      <div className={page.pictures}>
        <FindingBar
          position={position}
          text={
            shakesBelow === 0
              ? words('inside.gateFindingCalm')
              : words('inside.gateFinding', { opening: Math.round(shakesBelow * 100) })
          }
          finding={{
            bench: 'part-open-gate',
            verdict: shakesBelow === 0 ? 'supports' : 'care',
            measured: { value: here.jetMs, limit: here.shakesAboveMs, unit: 'm/s' },
            ...(isGate && model && { valve: modelWords(model).from }),
          }}
          query={of.query}
        />
        <HandleSlider />
        <p className={here.shakes ? page.warn : styles.calm} role="status">
          <b>{words('inside.openShut')}</b>{' '}
          {words(opening === 0 ? 'inside.gateShut' : here.shakes ? 'inside.shakes' : 'inside.calm')}
        </p>
        <Facts
          facts={[
            [words('inside.jet'), figures.quantity(here.jetMs, 'velocity')],
            [words('inside.pipe'), figures.quantity(pipeVelocityMs(here.flowM3s, boreM), 'velocity')],
            [words('control.drop'), figures.loss(here.dropPa)],
            [words('inside.force'), force(here.forceN, figures.system)],
            [words('inside.eddies'), words('inside.beats', { count: Math.round(here.shedHz) })],
          ]}
        />
        <HandleCurve
          title={words('inside.jetChart')}
          unit={symbol}
          says={words('inside.jetSays', { limit: figures.quantity(here.shakesAboveMs, 'velocity') })}
          file={`${position.tag}-gate-jet`}
          points={points.map((point) => ({ opening: point.opening, value: shown(point.jetMs) }))}
          opening={opening}
          limit={shown(here.shakesAboveMs)}
        />
        <BasisNote basis={GATE_BASIS} />
      </div>
    </div>
  );
}

const force = (newton: number, system: 'us' | 'metric'): string =>
  system === 'us'
    ? `${Number((newton / N_PER_LBF).toPrecision(2))} lbf`
    : `${Number(newton.toPrecision(2))} N`;
