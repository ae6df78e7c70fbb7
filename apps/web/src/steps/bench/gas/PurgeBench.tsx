import {
  type FuelGas,
  type GasPurge,
  type Given,
  gasPurge,
  gasPurgeCalculation,
  purgeCard,
  usualKv,
  walkPaths,
  given,
} from '@grevik/core';
import { Button } from '@mui/material';
import { useMemo } from 'react';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { Notice } from '../../../kit/Notice';
import { AXIS, CURVE, GRID, PLOT, under } from '../../../kit/chart/chart-parts';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { PrintLanguage, usePrintLanguage } from '../../../shell/PrintLanguage';
import { useLineFrame } from '../../../shell/useLineFrame';
import { numberLocale, translated, useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { FindingBar } from '../../../kit/finding/FindingBar';
import styles from './Gas.module.css';
import { type PurgeCase, USUAL_SUPPLY_PA, purgeFields } from './gas-fields';

const HEIGHT = 170;
const VOLUMES = 2;
const TRIP_TIMES = 1.5;
const USUAL_FLOW_M3H = 20;
const TRIP_MARGIN = 0.8;

/** The card for clearing the line up to this valve through one that is there to be worn out; it prints on a page. */
export function PurgeBench({ line, position, duty }: BenchProps) {
  const words = useWords();
  const printed = usePrintLanguage();
  const figures = useFigures();
  const { jobName } = useLineFrame();
  const { segments, unknown } = useMemo(() => segmentsTo(line, position.id), [line, position.id]);
  const boreM = segments.at(-1)?.insideDiameterM ?? duty.dn / 1000;
  const filled = useMemo(() => {
    const assumed = <T,>(value: T): Given<T> => ({ value, from: 'assumed' });
    return {
      insulated: assumed(false),
      pressurePa: given(USUAL_SUPPLY_PA, ['duty', duty.pressurePa]),
      volumes: assumed(VOLUMES),
      openKv: assumed(usualKv('ball', boreM)),
      hasTrip: assumed(true),
      tripM3h: assumed(TRIP_TIMES * USUAL_FLOW_M3H),
      opening: { value: 1, from: 'solved' } as Given<number>,
    };
  }, [duty.pressurePa, boreM]);
  const allFields = useMemo(() => purgeFields(words, true), [words]);
  const of = useCase<PurgeCase>(filled, allFields, { of: 'gas-purge' });
  const { values } = of;
  const shownFields = useMemo(() => purgeFields(words, values.hasTrip), [words, values.hasTrip]);
  const isOpeningSet = of.from('opening') === 'yours';
  const purge = useMemo(
    () =>
      segments.length === 0
        ? undefined
        : gasPurge({
            segments,
            gas: line.medium as FuelGas,
            pressurePa: values.pressurePa,
            volumes: values.volumes,
            outlet: { openKv: values.openKv, characteristic: 'ball' },
            tripMargin: TRIP_MARGIN,
            ...(values.hasTrip && { excessFlowTripM3h: values.tripM3h }),
            ...(isOpeningSet && { opening: values.opening }),
          }),
    [segments, line.medium, values, isOpeningSet],
  );
  if (unknown)
    return (
      <Notice title={words('benches.gas-purge')}>
        <p>{words('purge.unknownRun', { length: figures.quantity(unknown.lengthM, 'length') })}</p>
      </Notice>
    );
  if (!purge)
    return (
      <Notice title={words('benches.gas-purge')}>
        <p>{words('purge.atSource', { tag: position.tag })}</p>
      </Notice>
    );
  const { recommended } = purge;
  const opening = percent(recommended.opening);
  const wait = Math.ceil(recommended.seconds);
  const card = purgeCard(values.insulated ? 'insulated' : 'plain', purge, {
    opening: `${opening} %`,
    seconds: `${wait} s`,
  });
  const lengthM = segments.reduce((sum, segment) => sum + segment.lengthM, 0);
  return (
    <div className={page.work}>
      <div className="no-print">
        <CaseFields
          of={{ ...of, values: { ...values, opening: recommended.opening } }}
          fields={shownFields}
        />
      </div>
      <div className={page.pictures}>
        <div className="no-print">
          <FindingBar
            position={position}
            text={words(purge.wouldTripIfFullyOpen ? 'purge.findingTrip' : 'purge.finding', {
              opening,
              seconds: wait,
            })}
            finding={{ bench: 'gas-purge', verdict: 'care' }}
            query={of.query}
          >
            <PrintLanguage {...printed} />
            <Button size="small" variant="outlined" onClick={() => window.print()}>
              {words('purge.print')}
            </Button>
          </FindingBar>
        </div>
        <article className={styles.card} aria-label={words('benches.gas-purge')}>
          <p>
            <b>{words('purge.line')}:</b>{' '}
            {words('purge.lineFacts', {
              length: figures.quantity(lengthM, 'length'),
              tag: position.tag,
              volume: figures.volume(purge.lineVolumeM3),
            })}
            . {words('purge.riser')}: {words(`purge.risers.${values.insulated ? 'insulated' : 'plain'}`)}.
          </p>
          <dl className={styles.big}>
            {(
              [
                ['purge.take', `${opening} %`],
                ['purge.forSeconds', `${wait} s`],
                ['purge.passes', figures.quantity(recommended.flowM3h, 'gas flow')],
                ...(purge.maxOpening === undefined
                  ? []
                  : [['purge.most', `${percent(purge.maxOpening)} %`] as const]),
                [
                  'purge.where',
                  words(purge.dischargeRule === 'outdoors-only' ? 'purge.outdoors' : 'purge.code'),
                ],
              ] as const
            ).map(([name, figure]) => (
              <div key={name}>
                <dt>{words(name)}</dt>
                <dd>{figure}</dd>
              </div>
            ))}
          </dl>
          <div className={styles.columns}>
            <section>
              <h2>{words('purge.kit')}</h2>
              <ul>
                {card.kit.map((item) => (
                  <li key={item}>{translated(item)}</li>
                ))}
              </ul>
            </section>
            <section>
              <h2>{words('purge.order')}</h2>
              <ol>
                {card.steps.map((step) => (
                  <li key={step}>{translated(step)}</li>
                ))}
              </ol>
            </section>
          </div>
          <section className={styles.danger}>
            <h2>{words('purge.cautions')}</h2>
            {card.cautions.map((caution) => (
              <p key={caution}>{translated(caution)}</p>
            ))}
          </section>
          <p>
            {words('purge.made', {
              date: new Intl.DateTimeFormat(numberLocale(), { dateStyle: 'long' }).format(new Date()),
              job: jobName,
            })}
          </p>
        </article>
        <div className="no-print">
          <TimeByOpening purge={purge} file={`${position.tag}-purge`} />
        </div>
        <div className="no-print">
          {gasPurgeCalculation.basis && <BasisNote basis={gasPurgeCalculation.basis} />}
        </div>
      </div>
    </div>
  );
}

const percent = (share: number): string => String(Math.floor(share * 100 + 1e-6));

/** The pipe between the source and a valve, by the walk; or the first run of it whose bore or length is not known. */
function segmentsTo(
  { walk }: BenchProps['line'],
  positionId: string,
): { segments: { insideDiameterM: number; lengthM: number }[]; unknown?: { lengthM?: number } } {
  const at = walk.items.find((item) => item.positionId === positionId);
  if (!at) return { segments: [] };
  const runs = walkPaths(walk.items)
    .to(at.id)
    .filter(({ item }) => item.kind === 'run');
  const unknown = runs.find(({ item, diameterM }) => diameterM === undefined || item.lengthM === undefined);
  return {
    segments: runs.flatMap(({ lengthM, diameterM }) =>
      diameterM !== undefined && lengthM > 0 ? [{ insideDiameterM: diameterM, lengthM }] : [],
    ),
    ...(unknown && { unknown: unknown.item }),
  };
}

function TimeByOpening({ purge, file }: { purge: GasPurge; file: string }) {
  const words = useWords();
  return (
    <Figure
      title={words('purge.curve')}
      unit="s"
      file={file}
      data={() => [
        ['opening', 'flow m3/h', 'seconds'],
        ...purge.openings.map(({ opening, flowM3h, seconds }) => [opening, flowM3h, seconds]),
      ]}
    >
      <div
        role="img"
        aria-label={words('purge.curveSays', {
          opening: `${percent(purge.recommended.opening)} %`,
          seconds: `${Math.ceil(purge.recommended.seconds)} s`,
        })}
      >
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart
            data={purge.openings
              .slice(1)
              .map(({ opening, seconds }) => ({ opening: opening * 100, seconds }))}
            {...PLOT}
          >
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              dataKey="opening"
              type="number"
              domain={[0, 100]}
              label={under(words('purge.handle'))}
            />
            <YAxis {...AXIS} width={46} />
            {purge.maxOpening !== undefined && purge.maxOpening < 1 && (
              <ReferenceLine x={purge.maxOpening * 100} stroke="var(--out)" strokeDasharray="8 3" />
            )}
            <ReferenceLine x={purge.recommended.opening * 100} stroke="var(--brass-fill)" strokeWidth={2} />
            <Line dataKey="seconds" {...CURVE} stroke="var(--ink)" strokeWidth={2} />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </Figure>
  );
}
