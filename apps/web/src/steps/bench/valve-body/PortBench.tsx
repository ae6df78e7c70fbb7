import {
  type Given,
  type PortProfile,
  type ValveShape,
  inUnits,
  liquidDensityKgM3,
  pipeBoreM,
  portProfile,
  given,
} from '@grevik/core';
import { useMemo } from 'react';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import {
  AXIS,
  CURVE,
  GRID,
  Legend,
  PENS,
  PLOT,
  figuresThatCount,
  under,
} from '../../../kit/chart/chart-parts';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import type { FieldsOf } from '../case/case-fields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { PortDrawing } from './PortDrawing';
import styles from './Inside.module.css';
import { PORT_BASIS } from './inside-basis';

/** Said to be assumed. */
const USUAL_PA = 4e5;

interface PortCase {
  flowM3s: number;
  pressurePa: number;
  diameterM: number;
  boreRatio: number;
  taperDeg: number;
}

const HEIGHT = 210;
const USUAL_RATIO = 0.75;
const USUAL_TAPER = 15;
const ASSUMED_MS = 2;

/** A narrowed port as a step and as a taper: what the bore takes, what comes back behind it, what is lost for good. */
export function PortBench({ position, duty, valve }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const fields = useMemo(
    (): FieldsOf<PortCase> => ({
      boreRatio: { label: words('inside.ratio'), as: 'percent', min: 0.4, max: 1, even: true },
      taperDeg: { label: words('inside.taper'), as: 'degrees', min: 6, max: 45, even: true },
      flowM3s: { label: words('hammer.flow'), as: 'flow', min: 1e-6, max: 1 },
      pressurePa: { label: words('hammer.pressure'), as: 'pressure', min: 1e4, max: 4e7 },
      diameterM: { label: words('hammer.bore'), as: 'length', min: 0.005, max: 1.5 },
    }),
    [words],
  );
  const filled = useMemo(() => {
    const bore = pipeBoreM(duty);
    const diameterM = bore ?? duty.dn / 1000;
    const narrowed = valve.boreRatio !== undefined && valve.boreRatio < 1 ? valve.boreRatio : undefined;
    return {
      boreRatio: {
        value: narrowed ?? USUAL_RATIO,
        from: narrowed === undefined ? 'assumed' : 'valve',
      } as Given<number>,
      taperDeg: {
        value: Math.min(45, valve.taperAngleDeg ?? USUAL_TAPER),
        from: valve.taperAngleDeg === undefined ? 'assumed' : 'valve',
      } as Given<number>,
      flowM3s: {
        value: duty.flowM3s || (Math.PI / 4) * diameterM ** 2 * ASSUMED_MS,
        from: duty.flowM3s ? 'duty' : 'assumed',
      } as Given<number>,
      pressurePa: given(USUAL_PA, ['duty', duty.pressurePa]),
      diameterM: { value: diameterM, from: bore === undefined ? 'assumed' : 'pipe' } as Given<number>,
    };
  }, [duty, valve]);
  const of = useCase<PortCase>(filled, fields, { of: 'port' });
  const { boreRatio, taperDeg, diameterM, ...stream } = of.values;
  const densityKgM3 = liquidDensityKgM3(duty);
  const profiles = useMemo(() => {
    const along = (shape: Omit<ValveShape, 'type'>): PortProfile =>
      portProfile({ type: 'ball', ...shape }, diameterM, {
        flowM3s: stream.flowM3s,
        pressurePa: stream.pressurePa,
        densityKgM3,
      });
    return [
      { kind: 'full', profile: along({}) },
      { kind: 'step', profile: along({ boreRatio }) },
      { kind: 'venturi', profile: along({ boreRatio, taperAngleDeg: taperDeg }) },
    ] as const;
  }, [boreRatio, taperDeg, diameterM, stream.flowM3s, stream.pressurePa, densityKgM3]);
  const [, step, venturi] = profiles;
  const times = venturi.profile.lostPa > 0 ? step.profile.lostPa / venturi.profile.lostPa : 1;
  const percent = Math.round(boreRatio * 100);
  return (
    <div className={page.work}>
      <CaseFields of={of} fields={fields} />
      <div className={page.pictures}>
        <FindingBar
          position={position}
          text={words('inside.portFinding', { percent, times: Number(times.toPrecision(2)) })}
          finding={{
            bench: 'port',
            verdict: 'supports',
            measured: { value: step.profile.lostPa, limit: venturi.profile.lostPa, unit: 'Pa' },
          }}
          query={of.query}
        />
        <div className={styles.ports}>
          {profiles.map(({ kind, profile }) => (
            <figure key={kind}>
              <PortDrawing
                ratio={kind === 'full' ? 1 : boreRatio}
                taperDeg={kind === 'venturi' ? taperDeg : undefined}
                label={words(`inside.${kind}`)}
              />
              <figcaption>
                <b>{words(`inside.${kind}`)}</b>
                <dl>
                  <div>
                    <dt>{words('inside.inBore')}</dt>
                    <dd>{figures.quantity(profile.boreVelocityMs, 'velocity')}</dd>
                  </div>
                  <div>
                    <dt>{words('inside.lost')}</dt>
                    <dd>{figures.loss(profile.lostPa)}</dd>
                  </div>
                  <div>
                    <dt>{words('inside.back')}</dt>
                    <dd>{kind === 'full' ? '–' : `${Math.round(profile.recovered * 100)} %`}</dd>
                  </div>
                </dl>
              </figcaption>
            </figure>
          ))}
        </div>
        <AlongAxis profiles={profiles} percent={percent} file={`${position.tag}-port`} />
        <BasisNote basis={PORT_BASIS} />
      </div>
    </div>
  );
}

type Profiles = readonly { kind: 'full' | 'step' | 'venturi'; profile: PortProfile }[];

function AlongAxis({ profiles, percent, file }: { profiles: Profiles; percent: number; file: string }) {
  const words = useWords();
  const figures = useFigures();
  const [first] = profiles;
  const startPa = first?.profile.points[0]?.pressurePa ?? 0;
  const lowest = Math.min(
    ...profiles.flatMap(({ profile }) => profile.points.map(({ pressurePa }) => pressurePa - startPa)),
  );
  const { symbol } = inUnits(lowest, 'pressure', figures.system);
  const shown = (pa: number): number => inUnits(pa - startPa, 'pressure', figures.system, symbol).figure;
  const data = (first?.profile.points ?? []).map(({ at }, index) => ({
    at,
    ...Object.fromEntries(
      profiles.map(({ kind, profile }) => [kind, shown(profile.points[index]?.pressurePa ?? 0)]),
    ),
  }));
  return (
    <Figure
      title={words('inside.profile')}
      unit={symbol}
      file={file}
      data={() => [
        ['at, bores', ...profiles.flatMap(({ kind }) => [`${kind} Pa`, `${kind} m/s`])],
        ...(first?.profile.points ?? []).map(({ at }, index) => [
          at,
          ...profiles.flatMap(({ profile }) => [
            profile.points[index]?.pressurePa ?? 0,
            profile.points[index]?.velocityMs ?? 0,
          ]),
        ]),
      ]}
    >
      <div role="img" aria-label={words('inside.profileSays', { percent })}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart data={data} {...PLOT}>
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              dataKey="at"
              type="number"
              domain={[-2, 4]}
              label={under(words('inside.axis'))}
            />
            <YAxis {...AXIS} width={50} domain={['auto', 0]} tickFormatter={figuresThatCount(4)} />
            {profiles.map(({ kind }, at) => (
              <Line key={kind} dataKey={kind} {...CURVE} strokeWidth={2} {...PENS[at]} />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <Legend names={profiles.map(({ kind }) => words(`inside.${kind}`))} />
    </Figure>
  );
}
