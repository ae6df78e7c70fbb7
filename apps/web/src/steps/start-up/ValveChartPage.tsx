import { PAPERS, type Paper } from '@grevik/contracts';
import { type ChartedValve, capitalized, isFuelGas, positionWords, valveChart } from '@grevik/core';
import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { saveCsv } from '../../kit/figure/save-file';
import { shortName } from '../../kit/position-name';
import { useFigures } from '../../kit/useFigures';
import { useWalk } from '../../kit/isolation/useWalk';
import { Plan } from '../../kit/plan/Plan';
import { dateWords } from '../../kit/when';
import { PrintLanguage, usePrintLanguage } from '../../shell/PrintLanguage';
import { useLineFrame } from '../../shell/useLineFrame';
import { useWords } from '../../words';
import { startUpFile, usualPaper } from './start-up-files';
import { useStartUp } from './useStartUp';
import styles from './ValveChart.module.css';

/** The chart for the wall: each shut-off by tag, what it serves, which way and how many turns; the two to close first in large letters. */
export function ValveChartPage() {
  const { line, jobName, settings } = useLineFrame();
  const walk = useWalk(line, settings);
  const here = useStartUp();
  const words = useWords();
  const figures = useFigures();
  const printed = usePrintLanguage();
  const [chosen, setPaper] = useState<Paper>();
  const paper = chosen ?? usualPaper(figures.system);
  if (here.isError) return <Failure error={here.error} retry={() => void here.refetch()} />;
  if (!here.view || !here.startUp) return <Loading what={words('startUp.what')} />;
  const { first, valves } = valveChart(here.line, here.startUp);
  const turnsOf = ({ turns }: ChartedValve): string => {
    switch (turns.kind) {
      case 'counted':
        return String(turns.turns);
      case 'usual':
        return `≈ ${turns.turns}`;
      case 'quarter':
        return words('valveChart.quarter');
      case 'unknown':
        return words('valveChart.unknown');
    }
  };
  const { handedOver } = here.view;
  return (
    <article className={styles.page}>
      <header>
        <h1>{words('valveChart.title', { line: line.name })}</h1>
        <p>{words('valveChart.job', { job: jobName })}</p>
        <div className={`${styles.acts} no-print`}>
          <Button variant="contained" onClick={() => window.print()}>
            {words('valveChart.print')}
          </Button>
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
          </Button>
          <TextField
            select
            size="small"
            label={words('valveChart.paper')}
            value={paper}
            onChange={({ target }) => setPaper(target.value as Paper)}
            slotProps={{ select: { native: true } }}
          >
            {PAPERS.map((of) => (
              <option key={of} value={of}>
                {words(`valveChart.papers.${of}`)}
              </option>
            ))}
          </TextField>
          <PrintLanguage {...printed} />
          <a
            href={startUpFile(line.id, 'valve-chart', {
              system: figures.system,
              paper,
              language: printed.language,
            })}
          >
            {words('valveChart.pdf')}
          </a>
          <a
            href={startUpFile(line.id, 'tags', { system: figures.system, paper, language: printed.language })}
          >
            {words('valveChart.tagSheet')}
          </a>
          <Link to={`/jobs/${line.jobId}/lines/${line.id}/start-up`}>{words('startUp.label')}</Link>
        </div>
      </header>
      {isFuelGas(line.medium) && <p className={styles.gas}>{words('valveChart.emergency')}</p>}
      {valves.length === 0 && <p>{words('valveChart.none')}</p>}
      {first.length > 0 && (
        <section className={styles.first} aria-label={words('valveChart.closeFirst')}>
          <h2>{words('valveChart.closeFirst')}</h2>
          <ol>
            {first.map(({ position }) => (
              <li key={position.id}>
                <b>{position.tag}</b> {positionWords(position)}
                <small>{capitalized(position.where ?? '')}</small>
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
          {valves.map((valve) => (
            <tr key={valve.position.id}>
              <th scope="row">{valve.position.tag}</th>
              <td>
                {positionWords(valve.position)}
                <small>{capitalized(valve.position.where ?? '')}</small>
              </td>
              <td>{figures.size(valve.position.duty.dn)}</td>
              <td>{valve.closes ?? words('valveChart.unchecked')}</td>
              <td>{turnsOf(valve)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {walk.items.length > 1 && (
        <section className={styles.plan} aria-label={words('valveChart.plan')}>
          <h2>{words('valveChart.plan')}</h2>
          <Plan
            walk={walk}
            chosen={undefined}
            answer={undefined}
            choose={() => undefined}
            medium={line.medium}
          />
        </section>
      )}
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
