import type { PositionView } from '@grevik/contracts';
import { type StepValues, isFuelGas, isQuarterTurn, stemTurns } from '@grevik/core';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { saveCsv } from '../../kit/figure/save-file';
import { furtherRemarks, shortName } from '../../kit/position-name';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { useLineFrame } from '../../shell/useLineFrame';
import { useWords } from '../../words';
import { useStartUp } from './useStartUp';
import styles from './ValveChart.module.css';

/** Shut-offs said in large letters: the first two to close. */
const FIRST = 2;

/** The chart for the wall: each shut-off by tag, what it serves, which way and how many turns; the two to close first in large letters. */
export function ValveChartPage() {
  const { line, jobName } = useLineFrame();
  const here = useStartUp();
  const words = useWords();
  const figures = useFigures();
  if (here.isError) return <Failure error={here.error} retry={() => void here.refetch()} />;
  if (!here.view || !here.startUp) return <Loading what={words('startUp.what')} />;
  const operated = new Map(
    here.startUp.steps.find(({ id }) => id === 'operate')?.items.map(({ id, values }) => [id, values]) ?? [],
  );
  const types = new Map(here.line.positions.map(({ id, type }) => [id, type]));
  const shutOffs = line.positions.filter(
    ({ duty }) => duty.function === 'isolate' || duty.function === 'emergency-shutoff',
  );
  const first = firstToClose(shutOffs);
  const turnsOf = ({ id, duty }: PositionView): string => {
    const type = types.get(id);
    const counted = operated.get(id)?.turns;
    if (counted !== undefined) return String(counted);
    if (type === undefined) return words('valveChart.unknown');
    return isQuarterTurn(type) ? words('valveChart.quarter') : `≈ ${Math.round(stemTurns(type, duty.dn))}`;
  };
  const { handedOver } = here.view;
  return (
    <article className={styles.page}>
      <header>
        <h1>{words('valveChart.title', { line: line.name })}</h1>
        <p>{words('valveChart.job', { job: jobName })}</p>
        <div className="no-print">
          <Button variant="contained" onClick={() => window.print()}>
            {words('valveChart.print')}
          </Button>{' '}
          <Button
            variant="outlined"
            onClick={() =>
              saveCsv(`${line.name} tags.csv`, [
                [
                  words('valveChart.tag'),
                  words('valveChart.serves'),
                  words('valveChart.size'),
                  words('valveChart.address'),
                ],
                ...line.positions.map((position) => [
                  position.tag,
                  shortName(position),
                  figures.size(position.duty.dn),
                  `${window.location.origin}/jobs/${line.jobId}/lines/${line.id}/walk/${encodeURIComponent(position.tag)}`,
                ]),
              ])
            }
          >
            {words('valveChart.tags')}
          </Button>{' '}
          <Link to={`/jobs/${line.jobId}/lines/${line.id}/start-up`}>{words('startUp.label')}</Link>
        </div>
      </header>
      {isFuelGas(line.medium) && <p className={styles.gas}>{words('valveChart.emergency')}</p>}
      {shutOffs.length === 0 && <p>{words('valveChart.none')}</p>}
      {first.length > 0 && (
        <section className={styles.first} aria-label={words('valveChart.closeFirst')}>
          <h2>{words('valveChart.closeFirst')}</h2>
          <ol>
            {first.map((position) => (
              <li key={position.id}>
                <b>{position.tag}</b> {shortName(position)}
                <small>{furtherRemarks(position)}</small>
              </li>
            ))}
          </ol>
        </section>
      )}
      <table className={styles.table}>
        <thead>
          <tr>
            {(['tag', 'serves', 'size', 'closes', 'turns'] as const).map((column) => (
              <th key={column} scope="col">
                {words(`valveChart.${column}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shutOffs.map((position) => (
            <tr key={position.id}>
              <th scope="row">{position.tag}</th>
              <td>
                {shortName(position)}
                <small>{furtherRemarks(position)}</small>
              </td>
              <td>{figures.size(position.duty.dn)}</td>
              <td>{closes(operated.get(position.id)) ?? words('valveChart.unchecked')}</td>
              <td>{turnsOf(position)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {handedOver && (
        <p>
          {words('valveChart.signed', {
            date: dateWords(handedOver.at),
            by: handedOver.handedBy,
            to: handedOver.takenBy,
          })}
        </p>
      )}
    </article>
  );
}

const closes = (values: StepValues | undefined): string | undefined =>
  typeof values?.closes === 'string' ? values.closes.replaceAll('-', ' ') : undefined;

/** Emergency shut-offs first, then the nearest to the source. */
function firstToClose(shutOffs: readonly PositionView[]): PositionView[] {
  const emergency = shutOffs.filter(({ duty }) => duty.function === 'emergency-shutoff');
  return [...emergency, ...shutOffs.filter((position) => !emergency.includes(position))].slice(0, FIRST);
}
