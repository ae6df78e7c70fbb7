import {
  type ControlCase,
  type HandleStep,
  type Throttle,
  type ThrottlePoint,
  controlCase,
  controlInput,
  handleStep,
  inUnits,
  modelWords,
  throttle,
  throttleCalculation,
} from '@grevik/core';
import { useMemo } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { AXIS, CURVE, GRID, HANDLE_AXIS, under } from '../../../kit/chart/chart-parts';
import { Cutaway } from '../../../kit/cutaway/Cutaway';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { HandleSlider } from '../../../kit/handle/HandleSlider';
import { useAppSelector } from '../../../store/store';
import { type Words, useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import { Facts } from '../Facts';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { controlFields } from './control-fields';
import styles from './Control.module.css';

const HEIGHT = 240;
/** A step of the hand that moves the flow by more can not be set. */
const COARSE = 0.1;

/** What a part-open valve really does on its line: where the handle is of use, where it cavitates, how coarse a step is. */
export function ControlBench({ position, duty, valve, model }: BenchProps) {
  const words = useWords();
  const opening = useAppSelector(({ handle }) => handle);
  const fields = useMemo(() => controlFields(words), [words]);
  const filled = useMemo(() => controlCase(duty, valve), [duty, valve]);
  const of = useCase<ControlCase>(filled, fields, { of: 'control', valve: model?.id ?? valve.type });
  const result = useMemo(() => throttle(controlInput(of.values)), [of.values]);
  const here = useMemo(
    () => throttle({ ...controlInput(of.values), openings: [opening] }).points[0],
    [of.values, opening],
  );
  const step = handleStep({ ...valve });
  const coarse = step.travel * 100 * result.resolution;
  const verdict = verdictOf(result, coarse);
  return (
    <div className={page.work}>
      <div>
        <div className={styles.cutaway}>
          <Cutaway model={model ?? { type: valve.type }} opening={opening} boreRatio={valve.boreRatio} />
        </div>
        <CaseFields of={of} fields={fields} />
      </div>
      <div className={page.pictures}>
        <FindingBar
          position={position}
          text={words(`control.finding.${verdict}`, {
            from: percent(result.usefulBand.from),
            to: percent(result.usefulBand.to),
            step: words(`control.steps.${step.name}`),
            coarse: percent(Math.min(1, coarse)),
          })}
          finding={{
            bench: 'control',
            verdict: verdict === 'fine' ? 'supports' : 'care',
            measured: { value: Math.min(1, coarse), limit: COARSE, unit: 'ratio' },
            ...(model && { valve: modelWords(model).from }),
          }}
          query={of.query}
        />
        <HandleSlider />
        {here && <AtHandleFacts here={here} result={result} step={step} coarse={coarse} />}
        <FlowByHandle result={result} opening={opening} file={`${position.tag}-control`} />
        {throttleCalculation.basis && <BasisNote basis={throttleCalculation.basis} />}
      </div>
    </div>
  );
}

type ControlVerdict = 'fine' | 'coarse' | 'chokes' | 'cavitates';

/** What stands against throttling with it, the weightiest first. */
function verdictOf({ points, usefulBand }: Throttle, coarse: number): ControlVerdict {
  const useful = points.filter(({ opening }) => opening >= usefulBand.from && opening <= usefulBand.to);
  if (useful.some(({ state }) => state === 'choked')) return 'chokes';
  if (coarse > COARSE) return 'coarse';
  return useful.some(({ state }) => state === 'incipient') ? 'cavitates' : 'fine';
}

const percent = (share: number): string => String(Number((share * 100).toPrecision(2)));

interface AtHandleFactsProps {
  here: ThrottlePoint;
  result: Throttle;
  step: HandleStep;
  coarse: number;
}

function AtHandleFacts({ here, result, step, coarse }: AtHandleFactsProps) {
  const figures = useFigures();
  const words = useWords();
  const facts = [
    [words('control.passes'), figures.quantity(here.flowM3s, 'flow')],
    [words('control.ofFull'), `${percent(here.flowFraction)} %`],
    [words('control.drop'), figures.loss(here.valveDropPa)],
    [words('control.state'), words(`control.states.${here.state}`)],
    [words('control.authority'), `${percent(result.authority)} %`],
    [
      words('control.useful'),
      words('control.band', { from: percent(result.usefulBand.from), to: percent(result.usefulBand.to) }),
    ],
    [
      words('control.oneStep', { step: words(`control.steps.${step.name}`) }),
      words('control.moves', { percent: percent(Math.min(1, coarse)) }),
    ],
  ] as const;
  return <Facts facts={facts} />;
}

/** Stretches of the handle in one state. */
function stretches(
  points: readonly ThrottlePoint[],
  state: ThrottlePoint['state'],
): { from: number; to: number }[] {
  const found: { from: number; to: number }[] = [];
  points.forEach((point, at) => {
    if (point.state !== state) return;
    const last = found.at(-1);
    if (last && points[at - 1]?.state === state) last.to = point.opening;
    else found.push({ from: point.opening, to: point.opening });
  });
  return found;
}

function FlowByHandle({ result, opening, file }: { result: Throttle; opening: number; file: string }) {
  const figures = useFigures();
  const words = useWords();
  const full = result.points.at(-1)?.flowM3s ?? 0;
  const { symbol } = inUnits(full, 'flow', figures.system);
  const shown = (flow: number): number => inUnits(flow, 'flow', figures.system, symbol).figure;
  const { usefulBand } = result;
  const bands = (state: 'incipient' | 'choked', fill: string) =>
    stretches(result.points, state).map(({ from, to }) => (
      <ReferenceArea
        key={`${state} ${from}`}
        x1={from * 100}
        x2={to * 100}
        fill={fill}
        fillOpacity={0.8}
        label={labelOf(words, state, to - from)}
      />
    ));
  return (
    <Figure
      title={words('control.flow')}
      unit={symbol}
      file={file}
      data={() => [
        ['opening', 'Kv m3/h', 'flow m3/s', 'drop Pa', 'sigma', 'state'],
        ...result.points.map((point) => [
          point.opening,
          point.kv,
          point.flowM3s,
          point.valveDropPa,
          point.sigma ?? '',
          point.state,
        ]),
      ]}
    >
      <div
        role="img"
        aria-label={words('control.flowSays', {
          from: percent(usefulBand.from),
          to: percent(usefulBand.to),
          full: figures.quantity(full, 'flow'),
        })}
      >
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart
            data={result.points.map((point) => ({ at: point.opening * 100, flow: shown(point.flowM3s) }))}
            margin={{ top: 16, right: 12, bottom: 16, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid {...GRID} />
            <ReferenceArea
              x1={usefulBand.from * 100}
              x2={usefulBand.to * 100}
              fill="var(--bright)"
              fillOpacity={1}
              label={{
                value: words('control.usefulBand'),
                position: 'insideBottom',
                fill: 'var(--fits)',
                fontSize: 13,
              }}
            />
            {bands('incipient', 'var(--rule)')}
            {bands('choked', 'var(--out-fill)')}
            <XAxis {...HANDLE_AXIS} label={under(words('charts.handleAxis'))} />
            <YAxis {...AXIS} width={46} />
            <ReferenceLine x={opening * 100} stroke="var(--brass-fill)" strokeWidth={2} />
            <Line dataKey="flow" {...CURVE} strokeWidth={2.2} stroke="var(--ink)" />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </Figure>
  );
}

const NARROW = 0.06;
const labelOf = (words: Words, state: 'incipient' | 'choked', width: number) =>
  width < NARROW
    ? undefined
    : ({
        value: words(`control.states.${state}`),
        position: 'insideTop',
        fill: 'var(--out)',
        fontSize: 13,
      } as const);
