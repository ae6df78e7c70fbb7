import {
  FINE_STEAM_STEP,
  type Given,
  type Radiator,
  type SetRadiator,
  benchValve,
  setRadiators,
  steamStopCalculation,
  usualRadiatorM2,
  valveTypeFacts,
  walkPaths,
  given,
} from '@grevik/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Notice } from '../../../kit/Notice';
import { VerdictMark } from '../../../kit/VerdictMark';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { useLineFrame } from '../../../shell/useLineFrame';
import { translated, useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { AmountField } from '../case/AmountField';
import { CaseFields } from '../case/CaseFields';
import type { FieldsOf } from '../case/case-fields';
import { useCase } from '../case/useCase';
import { useNumbersInAddress, withNumbers } from '../case/useNumbersInAddress';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { standingType } from '../standing-type';
import { Dial } from './Dial';
import { sixteenths } from './sixteenths';
import styles from './Radiators.module.css';

/** Two ounces, the usual of a vapour system; said to be assumed. */
const USUAL_SUPPLY_PA = 860;

interface SteamCase {
  supplyPa: number;
  returnPa: number;
}

const AREA = { as: 'area', min: 0.1, max: 100 } as const;
const VERDICT_MARK = { 'fine-enough': 'fits', 'too-coarse': 'care', 'too-small': 'out' } as const;

/** Every radiator of the hall with its opening and internal stop, in the order they are balanced. */
export function RadiatorsBench({ line, position, duty, models }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const { addressOf } = useLineFrame();
  const fields = useMemo(
    (): FieldsOf<SteamCase> => ({
      supplyPa: { label: words('radiators.supply'), as: 'pressure', min: 200, max: 103_000 },
      returnPa: { label: words('radiators.back'), as: 'pressure', min: -50_000, max: 90_000, even: true },
    }),
    [words],
  );
  const filled = useMemo(
    () => ({
      supplyPa: given(USUAL_SUPPLY_PA, ['duty', duty.pressurePa]),
      returnPa: { value: 0, from: 'assumed' } as Given<number>,
    }),
    [duty.pressurePa],
  );
  const of = useCase<SteamCase>(filled, fields, { of: 'radiators' });
  const { numbers: areas, set: measure } = useNumbersInAddress('areas', AREA);
  const radiators = useMemo(() => radiatorsOf(line, models, areas), [line, models, areas]);
  const set = useMemo(() => setRadiators(radiators, of.values), [radiators, of.values]);
  if (set.length === 0)
    return (
      <Notice
        title={words('benches.radiators')}
        action={<Link to={`/jobs/${line.jobId}/lines/${line.id}/walk`}>{words('steps.walk')}</Link>}
      >
        <p>{words('radiators.none')}</p>
      </Notice>
    );
  const kept = line.facts.steamReturn ?? 'unknown';
  const isKept = kept === 'trap' || kept === 'orifice';
  const here = set.find(({ radiator }) => radiator.tag === position.tag);
  const withAreas = (): string =>
    withNumbers(
      of.query(),
      'areas',
      Object.fromEntries(radiators.map(({ tag, areaM2Edr }) => [tag, areaM2Edr])),
    ).toString();
  return (
    <div className={page.work}>
      <div>
        <CaseFields of={of} fields={fields} />
        {here?.stop && <Dial turns={here.radiator.turns} stop={here.stop.stopSetting} />}
      </div>
      <div className={page.pictures}>
        {here?.stop && (
          <FindingBar
            position={position}
            text={sayFinding(here, words)}
            finding={{
              bench: 'radiators',
              verdict: here.stop.verdict === 'fine-enough' && isKept ? 'supports' : 'care',
              ...(here.stop.stepPerSixteenth !== undefined && {
                measured: { value: here.stop.stepPerSixteenth, limit: FINE_STEAM_STEP, unit: 'ratio' },
              }),
            }}
            query={withAreas}
          />
        )}
        <p className={isKept ? styles.how : page.warn}>{words(`radiators.returns.${kept}`)}</p>
        <p className={styles.how}>{words('radiators.how')}</p>
        <Figure
          title={words('radiators.list')}
          file={`${line.name}-radiators`}
          hasPicture={false}
          data={() => [
            [
              'order',
              'tag',
              'dn',
              'area m2',
              'steam kg/h',
              'opening',
              'stop turns',
              'step per 1/16',
              'verdict',
            ],
            ...set.map(({ radiator, stop, order }) => [
              order,
              radiator.tag,
              radiator.dn,
              radiator.areaM2Edr,
              stop?.steamKgH ?? '',
              stop?.opening ?? '',
              stop?.stopSetting ?? '',
              stop?.stepPerSixteenth ?? '',
              stop?.verdict ?? '',
            ]),
          ]}
        >
          <div className={page.scroll} tabIndex={0} role="region" aria-label={words('radiators.list')}>
            <table className={page.plain}>
              <thead>
                <tr>
                  {(['order', 'radiator', 'area', 'valve', 'steam', 'opening', 'stop', 'step'] as const).map(
                    (name) => (
                      <th key={name}>{words(`radiators.${name}`)}</th>
                    ),
                  )}
                  <th />
                </tr>
              </thead>
              <tbody>
                {set.map((one) => (
                  <Row
                    key={one.radiator.tag}
                    one={one}
                    isHere={one === here}
                    to={`${addressOf(one.radiator)}?of=radiators`}
                    remarks={line.positions.find(({ tag }) => tag === one.radiator.tag)?.remarks ?? ''}
                    isMeasured={one.radiator.tag in areas}
                    measure={measure}
                    away={figures.quantity(one.radiator.distanceM, 'length')}
                  />
                ))}
              </tbody>
            </table>
          </div>
        </Figure>
        {steamStopCalculation.basis && <BasisNote basis={steamStopCalculation.basis} />}
      </div>
    </div>
  );
}

interface RowProps {
  one: SetRadiator;
  isHere: boolean;
  to: string;
  remarks: string;
  isMeasured: boolean;
  measure: (tag: string, areaM2: number) => void;
  away: string;
}

function Row({
  one: { radiator, stop, trouble, order },
  isHere,
  to,
  remarks,
  isMeasured,
  measure,
  away,
}: RowProps) {
  const figures = useFigures();
  const words = useWords();
  return (
    <tr aria-current={isHere || undefined} className={isHere ? styles.here : undefined}>
      <th scope="row">{order}</th>
      <td>
        <Link to={to}>{radiator.tag}</Link> {remarks}
        <div className={styles.away}>{words('radiators.away', { length: away })}</div>
      </td>
      <td>
        <AmountField
          label=""
          field={{ label: `${words('radiators.area')} ${radiator.tag}`, ...AREA }}
          value={radiator.areaM2Edr}
          set={(area) => measure(radiator.tag, area)}
        />
        {!isMeasured && <span className={styles.assumed}>{words('origins.assumed')}</span>}
      </td>
      <td>{words(`characteristics.${radiator.characteristic}`)}</td>
      {stop ? (
        <>
          <td data-number>{figures.quantity(stop.steamKgH, 'steam flow')}</td>
          <td data-number>{Math.round(stop.opening * 100)} %</td>
          <td data-number>
            <b>{words('radiators.turns', { turns: sixteenths(stop.stopSetting) })}</b>
          </td>
          <td data-number>
            {stop.stepPerSixteenth === undefined
              ? ''
              : `${Number((stop.stepPerSixteenth * 100).toPrecision(2))} %`}
          </td>
          <td>
            <VerdictMark
              verdict={VERDICT_MARK[stop.verdict]}
              word={words(`radiators.verdict.${stop.verdict}`)}
            />
          </td>
        </>
      ) : (
        <td colSpan={5} role="alert">
          {trouble !== undefined && translated(trouble)}
        </td>
      )}
    </tr>
  );
}

function sayFinding({ stop, order }: SetRadiator, words: ReturnType<typeof useWords>): string {
  if (stop?.verdict === 'too-small') return words('radiators.findingSmall');
  if (stop?.verdict === 'too-coarse')
    return words('radiators.findingCoarse', {
      step: Number(((stop.stepPerSixteenth ?? 0) * 100).toPrecision(2)),
    });
  return words('radiators.finding', { turns: sixteenths(stop?.stopSetting ?? 0), order });
}

/** The radiator valves of a line, by what is picked, found or written on the walk. */
function radiatorsOf(
  line: BenchProps['line'],
  models: BenchProps['models'],
  areas: Readonly<Record<string, number>>,
): Radiator[] {
  const paths = walkPaths(line.walk.items);
  return line.positions.flatMap((position) => {
    const { id, tag, duty, pick } = position;
    const model = models.find((one) => one.id === pick?.modelId);
    const item = line.walk.items.find(({ positionId }) => positionId === id);
    const type = standingType(position, line, models);
    if (!type || valveTypeFacts(type).family !== 'radiator') return [];
    const made = models.find((one) => one.type === type && one.sizes.some(({ dn }) => dn === duty.dn));
    const known = benchValve({ ...duty, medium: line.medium }, model ?? made ?? type);
    return [
      {
        tag,
        dn: duty.dn,
        areaM2Edr: areas[tag] ?? usualRadiatorM2(duty.dn),
        openKv: known.openKv ?? USUAL_KV,
        characteristic: known.characteristic,
        turns: known.turns,
        distanceM: item ? paths.to(item.id).reduce((sum, { lengthM }) => sum + lengthM, 0) : 0,
      },
    ];
  });
}
const USUAL_KV = 3;
