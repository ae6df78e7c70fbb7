import {
  type Basis,
  type Given,
  MOST_WASH_MS,
  SEAT_WORDS,
  type WashCase,
  type WashLine,
  inUnits,
  pipeBoreM,
  washLine,
  given,
} from '@grevik/core';
import { useMemo } from 'react';
import {
  Bar,
  BarChart,
  CartesianGrid,
  Cell,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { Notice } from '../../../kit/Notice';
import { VerdictMark } from '../../../kit/VerdictMark';
import { AXIS, GRID, PLOT, under } from '../../../kit/chart/chart-parts';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import { Facts } from '../Facts';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import type { FieldsOf } from '../case/case-fields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';

/** Where the slider stands until the plate of the machine was read. */
const USUAL_PA = 1.4e7;
const USUAL_C = 20;

const HEIGHT = 190;
/** A usual gun: twenty litres a minute. */
const USUAL_FLOW_M3S = 20e-3 / 60;
const BASIS: Basis = {
  method:
    'Speed in the bore by continuity; loss by the K of a reduced ball; warming by the whole pressure turned to heat.',
  source: 'Crane TP-410 for K; p / (rho c) for the warming; the trade’s twelve metres a second in the bore.',
  limits: 'Water from a positive-displacement machine at its full pressure.',
  ignores: 'Pulsation of the pump, soap, grit, and the heat the body gives away.',
};

/** Bore against flow and pressure, and what the pressure makes of a seat that throttles it. */
export function WashBench({ position, duty }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const fields = useMemo(
    (): FieldsOf<WashCase> => ({
      flowM3s: { label: words('wash.flow'), as: 'flow', min: 1e-5, max: 5e-3 },
      pressurePa: { label: words('wash.pressure'), as: 'pressure', min: 1e6, max: 6e7 },
      temperatureC: { label: words('wash.temperature'), as: 'temperature', min: 0, max: 150, even: true },
      diameterM: { label: words('wash.bore'), as: 'length', min: 0.005, max: 0.05 },
    }),
    [words],
  );
  const filled = useMemo(() => {
    const bore = pipeBoreM(duty);
    return {
      flowM3s: {
        value: duty.flowM3s || USUAL_FLOW_M3S,
        from: duty.flowM3s ? 'duty' : 'assumed',
      } as Given<number>,
      pressurePa: given(USUAL_PA, ['duty', duty.pressurePa]),
      temperatureC: given(USUAL_C, ['duty', duty.temperatureC]),
      diameterM: {
        value: bore ?? duty.dn / 1000,
        from: bore === undefined ? 'assumed' : 'pipe',
      } as Given<number>,
    };
  }, [duty]);
  const of = useCase<WashCase>(filled, fields, { of: 'wash-line' });
  const result = useMemo(() => washLine(of.values), [of.values]);
  const nylon = result.seats.find(({ seat }) => seat === 'nylon');
  const isHot = nylon?.verdict === 'over';
  if (of.from('pressurePa') === 'assumed')
    return (
      <div className={page.work}>
        <CaseFields of={of} fields={fields} />
        <Notice title={words('wash.noPressure')}>
          <p>{words('wash.noPressureBody')}</p>
        </Notice>
      </div>
    );
  return (
    <div className={page.work}>
      <CaseFields of={of} fields={fields} />
      <div className={page.pictures}>
        <p className={page.warn}>{words('wash.trapped')}</p>
        <FindingBar
          position={position}
          text={words(
            result.leastBoreM === undefined ? 'wash.findingNone' : isHot ? 'wash.findingHot' : 'wash.finding',
          )}
          finding={{
            bench: 'wash-line',
            verdict: result.leastBoreM === undefined || isHot ? 'care' : 'supports',
            ...(result.leastBoreM !== undefined && {
              measured: { value: result.leastBoreM, limit: of.values.diameterM, unit: 'm' },
            }),
          }}
          query={of.query}
        />
        <Facts
          facts={[
            [words('wash.warms'), warmer(result.warmsByK, figures.system)],
            [words('wash.seatAt'), figures.quantity(result.seatC, 'temperature')],
            [words('wash.rating'), figures.quantity(result.ratingPa, 'pressure')],
          ]}
        />
        <div className={page.pair}>
          <SpeedByBore result={result} file={`${position.tag}-wash`} />
          <table className={page.plain}>
            <thead>
              <tr>
                <th>{words('wash.boreOf')}</th>
                <th>{words('wash.speed')}</th>
                <th>{words('wash.loses')}</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {result.bores.map(({ boreM, velocityMs, dropPa, verdict }) => (
                <tr key={boreM}>
                  <th scope="row">{figures.quantity(boreM, 'length')}</th>
                  <td data-number>{figures.quantity(velocityMs, 'velocity')}</td>
                  <td data-number>{figures.loss(dropPa)}</td>
                  <td>
                    <VerdictMark
                      verdict={verdict === 'over' ? 'out' : 'fits'}
                      word={words(verdict === 'over' ? 'wash.over' : 'wash.within')}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <section aria-label={words('wash.heat')}>
          <table className={page.plain}>
            <thead>
              <tr>
                <th>{words('wash.heat')}</th>
                <th>{words('wash.limit')}</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {result.seats.map(({ seat, limitC, verdict }) => (
                <tr key={seat}>
                  <th scope="row">{translated(SEAT_WORDS[seat])}</th>
                  <td data-number>{figures.quantity(limitC, 'temperature')}</td>
                  <td>
                    <VerdictMark
                      verdict={verdict === 'over' ? 'out' : 'fits'}
                      word={words(verdict === 'over' ? 'wash.yields' : 'wash.stands')}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <BasisNote basis={BASIS} />
      </div>
    </div>
  );
}

/** A difference of temperature in the reader's degrees. */
const warmer = (kelvin: number, system: 'us' | 'metric'): string =>
  system === 'us' ? `${Number((kelvin * 1.8).toPrecision(2))} °F` : `${Number(kelvin.toPrecision(2))} °C`;

function SpeedByBore({ result, file }: { result: WashLine; file: string }) {
  const words = useWords();
  const figures = useFigures();
  const { symbol } = inUnits(MOST_WASH_MS, 'velocity', figures.system);
  const shown = (ms: number): number => inUnits(ms, 'velocity', figures.system, symbol).figure;
  return (
    <Figure
      title={words('wash.chart')}
      unit={symbol}
      file={file}
      data={() => [
        ['bore m', 'speed m/s', 'loss Pa', 'verdict'],
        ...result.bores.map(({ boreM, velocityMs, dropPa, verdict }) => [boreM, velocityMs, dropPa, verdict]),
      ]}
    >
      <div
        role="img"
        aria-label={words('wash.chartSays', { limit: figures.quantity(MOST_WASH_MS, 'velocity') })}
      >
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <BarChart
            data={result.bores.map(({ boreM, velocityMs, verdict }) => ({
              bore: figures.quantity(boreM, 'length'),
              speed: shown(velocityMs),
              verdict,
            }))}
            {...PLOT}
          >
            <CartesianGrid {...GRID} />
            <XAxis {...AXIS} dataKey="bore" label={under(words('wash.boreOf'))} />
            <YAxis {...AXIS} width={46} />
            <Bar dataKey="speed" isAnimationActive={false}>
              {result.bores.map(({ boreM, verdict }) => (
                <Cell
                  key={boreM}
                  fill={verdict === 'over' ? 'var(--out-fill)' : 'var(--water)'}
                  stroke={verdict === 'over' ? 'var(--out)' : 'var(--ink)'}
                />
              ))}
            </Bar>
            <ReferenceLine
              y={shown(MOST_WASH_MS)}
              stroke="var(--out)"
              strokeDasharray="8 3"
              strokeWidth={1.6}
            />
          </BarChart>
        </ResponsiveContainer>
      </div>
    </Figure>
  );
}
