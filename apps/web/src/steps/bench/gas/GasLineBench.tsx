import {
  type FuelGas,
  type GasLine,
  type GasLineCase,
  type Given,
  gasLine,
  gasRunCalculation,
  given,
} from '@grevik/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Notice } from '../../../kit/Notice';
import { VerdictMark } from '../../../kit/VerdictMark';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { AmountField } from '../case/AmountField';
import { CaseFields } from '../case/CaseFields';
import { type BenchCase, useCase } from '../case/useCase';
import { useNumbersInAddress, withNumbers } from '../case/useNumbersInAddress';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { standingType } from '../standing-type';
import { LineMap } from './LineMap';
import { USUAL_SUPPLY_PA, gasLineFields } from './gas-fields';
import { endOf } from './run-words';

type OwnCase = Omit<GasLineCase, 'gas' | 'heatW'>;

const USUAL_DROP_PA = 0.5 * 249.08891;
const USUAL_ELBOWS = 2;
const HEAT = { min: 1, max: 1e8 };

/** The gas line as it was walked, sized by its longest run, each valve counted as the length it is worth. */
export function GasLineBench({ line, position, duty, models }: BenchProps) {
  const figures = useFigures();
  const words = useWords();
  const fields = useMemo(() => gasLineFields(words), [words]);
  const filled = useMemo(
    () => ({
      supplyPa: given(USUAL_SUPPLY_PA, ['duty', duty.pressurePa]),
      dropPa: { value: USUAL_DROP_PA, from: 'assumed' } as Given<number>,
      elbowsPerRun: { value: USUAL_ELBOWS, from: 'assumed' } as Given<number>,
    }),
    [duty.pressurePa],
  );
  const of = useCase<OwnCase>(filled, fields, { of: 'gas-line' });
  const { numbers: heatW, set: setHeat } = useNumbersInAddress('heat', HEAT);
  const { items } = line.walk;
  const typeAt = useMemo(() => {
    const types = new Map(line.positions.map((one) => [one.id, standingType(one, line, models)]));
    return (positionId: string | undefined) => types.get(positionId ?? '');
  }, [line, models]);
  const gas = line.medium as FuelGas;
  const sized = useMemo(
    () =>
      gasLine(
        { gas, heatW, ...of.values, dropPa: Math.min(of.values.dropPa, of.values.supplyPa) },
        items,
        typeAt,
      ),
    [gas, heatW, of.values, items, typeAt],
  );
  if (sized.appliances.length === 0)
    return (
      <Notice
        title={words('benches.gas-line')}
        action={<Link to={`/jobs/${line.jobId}/lines/${line.id}/walk`}>{words('steps.walk')}</Link>}
      >
        <p>{words('gas.noAppliance')}</p>
      </Notice>
    );
  const small = sized.runs.flatMap(({ verdict }, at) => (verdict === 'over' ? [at + 1] : []));
  const worst = sized.appliances.reduce((most, { dropPa }) => Math.max(most, dropPa), 0);
  const isLost = worst > of.values.dropPa;
  const isUnknown = sized.unknown.length > 0;
  const withHeat = (): string => withNumbers(of.query(), 'heat', heatW).toString();
  return (
    <div className={page.work}>
      <div>
        <CaseFields of={of} fields={fields} />
        <Plates sized={sized} set={setHeat} />
      </div>
      <div className={page.pictures}>
        <FindingBar
          position={position}
          text={
            small.length > 0
              ? words('gas.findingOver', {
                  count: small.length,
                  runs: small.join(', '),
                  whole: words(isLost ? 'gas.wholeOver' : 'gas.wholeWithin'),
                })
              : words(isLost ? 'gas.findingLoss' : isUnknown ? 'gas.findingUnknown' : 'gas.finding')
          }
          finding={{
            bench: 'gas-line',
            verdict: small.length === 0 && !isLost && !isUnknown ? 'supports' : 'care',
            measured: { value: worst, limit: of.values.dropPa, unit: 'Pa' },
          }}
          query={withHeat}
        />
        <Runs sized={sized} of={of} file={`${line.name}-gas-line`} />
        {sized.unknown.length > 0 && (
          <p className={page.warn}>
            {words('gas.unknown', {
              runs: sized.unknown
                .map(({ name, dn }) => name ?? (dn === undefined ? '' : figures.size(dn)))
                .join(', '),
            })}
          </p>
        )}
        {gasRunCalculation.basis && <BasisNote basis={gasRunCalculation.basis} />}
      </div>
    </div>
  );
}

/** Heat of each appliance, as its plate says it. */
function Plates({ sized, set }: { sized: GasLine; set: (id: string, watts: number) => void }) {
  const words = useWords();
  return (
    <section aria-label={words('gas.plate')}>
      <h2>{words('gas.plate')}</h2>
      {sized.appliances.map(({ item, heatW }) => (
        <AmountField
          key={item.id}
          label={endOf(item)}
          field={{ label: endOf(item), as: 'heat', ...HEAT }}
          value={heatW / (item.count ?? 1)}
          set={(watts) => set(item.id, watts)}
        />
      ))}
    </section>
  );
}

function Runs({ sized, of, file }: { sized: GasLine; of: BenchCase<OwnCase>; file: string }) {
  const figures = useFigures();
  const words = useWords();
  return (
    <>
      <Figure
        title={words('gas.map')}
        unit={`${words('gas.longest')}: ${figures.quantity(sized.longestM, 'length')}`}
        file={file}
        data={() => [
          [
            'run',
            'dn',
            'bore m',
            'length m',
            'fittings m',
            'heat W',
            'flow m3/h',
            'carries m3/h',
            'loses Pa',
            'verdict',
          ],
          ...sized.runs.map((run, at) => [
            at + 1,
            run.item.dn ?? '',
            run.diameterM,
            run.item.lengthM ?? '',
            run.fittingsM,
            run.heatW,
            run.flowM3h,
            run.capacityM3h,
            run.dropPa,
            run.verdict,
          ]),
        ]}
      >
        <LineMap sized={sized} />
      </Figure>
      <div className={page.scroll} tabIndex={0} role="region" aria-label={words('gas.run')}>
        <table className={page.plain}>
          <thead>
            <tr>
              {(['run', 'length', 'added', 'heat', 'flow', 'carries', 'loses'] as const).map((name) => (
                <th key={name}>{words(`gas.${name}`)}</th>
              ))}
              <th />
            </tr>
          </thead>
          <tbody>
            {sized.runs.map((run, at) => (
              <tr key={run.item.id}>
                <th scope="row">
                  {at + 1} · {run.item.dn === undefined ? '' : figures.size(run.item.dn)} {run.item.material}
                </th>
                <td data-number>{figures.quantity(run.item.lengthM ?? 0, 'length')}</td>
                <td data-number title={run.valves.map(({ fitting }) => fitting).join(', ')}>
                  {figures.quantity(run.fittingsM, 'length')}
                  {run.valves.map(({ item, fitting, lengthM }) => (
                    <div key={item.id}>
                      {words('gas.valveAs', { valve: fitting, length: figures.quantity(lengthM, 'length') })}
                    </div>
                  ))}
                </td>
                <td data-number>{figures.quantity(run.heatW, 'heat')}</td>
                <td data-number>{figures.quantity(run.flowM3h, 'gas flow')}</td>
                <td data-number>{figures.quantity(run.capacityM3h, 'gas flow')}</td>
                <td data-number>{figures.quantity(run.dropPa, 'pressure')}</td>
                <td>
                  <VerdictMark
                    verdict={run.verdict === 'over' ? 'out' : 'fits'}
                    word={words(run.verdict === 'over' ? 'gas.over' : 'gas.within')}
                  />
                  {run.verdict === 'over' &&
                    ` ${run.neededDn === undefined ? words('gas.noSize') : words('gas.needs', { size: figures.size(run.neededDn) })}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className={page.scroll}>
        <table className={page.plain}>
          <thead>
            <tr>
              <th>{words('gas.appliance')}</th>
              <th>{words('gas.heat')}</th>
              <th>{words('gas.loses')}</th>
              <th>{words('gas.drop')}</th>
            </tr>
          </thead>
          <tbody>
            {sized.appliances.map(({ item, heatW, dropPa, verdict }) => (
              <tr key={item.id}>
                <th scope="row">{endOf(item)}</th>
                <td data-number>{figures.quantity(heatW, 'heat')}</td>
                <td data-number>{figures.quantity(dropPa, 'pressure')}</td>
                <td>
                  <VerdictMark
                    verdict={verdict === 'over' ? 'out' : 'fits'}
                    word={figures.quantity(of.values.dropPa, 'pressure')}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
