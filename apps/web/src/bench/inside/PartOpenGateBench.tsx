import {
  type ControlCase,
  controlCase,
  inUnits,
  modelWords,
  partOpenGate,
  pipeBoreM,
  pipeVelocityMs,
  usualKv,
} from '@grevik/core';
import { useMemo } from 'react';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { useFigures } from '../../kit/useFigures';
import { HandleSlider } from '../../line-up/HandleSlider';
import { useAppSelector } from '../../store/store';
import { useWords } from '../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../finding/FindingBar';
import { HandleCurve } from './HandleCurve';
import styles from './Inside.module.css';
import { GATE_BASIS } from './inside-basis';
import { insideFields } from './inside-fields';

const STEPS = 100;
const N_PER_LBF = 4.4482216152605;

/** A gate left part way: the jet under its wedge, and the wedge that hangs loose in it. */
export function PartOpenGateBench({ line, position, duty, valve, model }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const opening = useAppSelector(({ handle }) => handle);
  const fields = useMemo(() => insideFields(words), [words]);
  const isGate = valve.type.startsWith('gate') || valve.type === 'knife-gate';
  const boreM = pipeBoreM(duty) ?? duty.dn / 1000;
  const filled = useMemo(() => {
    const known = controlCase(
      duty,
      isGate ? valve : { ...valve, type: 'gate-solid', characteristic: 'gate' },
    );
    return isGate
      ? known
      : { ...known, openKv: { value: usualKv('gate-solid', boreM), from: 'assumed' as const } };
  }, [duty, valve, isGate, boreM]);
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
  const streamMs = pipeVelocityMs(points.at(-1)?.flowM3s ?? 0, boreM);
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
          lineId={line.id}
          text={
            shakesBelow === 0
              ? words('inside.gateFindingCalm')
              : words('inside.gateFinding', { opening: Math.round(shakesBelow * 100) })
          }
          finding={{
            bench: 'part-open-gate',
            verdict: shakesBelow === 0 ? 'supports' : 'care',
            measured: { value: here.jetMs, limit: SHAKES_TIMES * streamMs, unit: 'm/s' },
            ...(isGate && model && { valve: modelWords(model).from }),
          }}
          query={of.query}
        />
        <HandleSlider />
        <p className={here.shakes ? page.warn : styles.calm} role="status">
          <b>{words('inside.openShut')}</b>{' '}
          {words(opening === 0 ? 'inside.gateShut' : here.shakes ? 'inside.shakes' : 'inside.calm')}
        </p>
        <dl className={page.facts}>
          {(
            [
              ['inside.jet', figures.quantity(here.jetMs, 'velocity')],
              ['inside.pipe', figures.quantity(pipeVelocityMs(here.flowM3s, boreM), 'velocity')],
              ['control.drop', figures.loss(here.dropPa)],
              ['inside.force', force(here.forceN, figures.system)],
              ['inside.eddies', words('inside.beats', { count: Math.round(here.shedHz) })],
            ] as const
          ).map(([name, figure]) => (
            <div key={name}>
              <dt>{words(name)}</dt>
              <dd>{figure}</dd>
            </div>
          ))}
        </dl>
        <HandleCurve
          title={words('inside.jetChart')}
          unit={symbol}
          says={words('inside.jetSays', { limit: figures.quantity(SHAKES_TIMES * streamMs, 'velocity') })}
          file={`${position.tag}-gate-jet`}
          points={points.map((point) => ({ opening: point.opening, value: shown(point.jetMs) }))}
          opening={opening}
          limit={shown(SHAKES_TIMES * streamMs)}
        />
        <BasisNote basis={GATE_BASIS} />
      </div>
    </div>
  );
}

const SHAKES_TIMES = 3;

const force = (newton: number, system: 'us' | 'metric'): string =>
  system === 'us'
    ? `${Number((newton / N_PER_LBF).toPrecision(2))} lbf`
    : `${Number(newton.toPrecision(2))} N`;
