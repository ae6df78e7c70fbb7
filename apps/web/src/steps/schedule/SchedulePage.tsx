import {
  type CatalogueModel,
  ADVICE,
  FUNCTION_WORDS,
  PIPE_FACTS,
  modelWords,
  pickedNow,
  reasonAlone,
} from '@grevik/core';
import { Button, Table, TableBody, TableCell, TableContainer, TableHead, TableRow } from '@mui/material';
import { Link } from 'react-router';
import { UrgentFinding } from '../../kit/found/UrgentFinding';
import { useWalk } from '../../kit/isolation/useWalk';
import { VerdictMark } from '../../kit/VerdictMark';
import { dateWords } from '../../kit/when';
import { unbroken } from '../../kit/unbroken';
import { useFigures } from '../../kit/useFigures';
import { numberLocale, translated, useWords } from '../../words';
import { useLineFrame } from '../../shell/useLineFrame';
import styles from './SchedulePage.module.css';

const HEADINGS = ['tag', 'where', 'asked', 'size', 'duty', 'pick', 'verdict', 'because', 'price'] as const;

/** The line as a list to print or to take along. */
export function SchedulePage() {
  const { line, companyName, jobName, models, settings, money } = useLineFrame();
  const figures = useFigures();
  const words = useWords();
  const walk = useWalk(line, settings);
  const chosen = line.positions.map((position) => ({
    position,
    picked: pickedNow(position, line, models, settings),
  }));
  const total = chosen.reduce((sum, { picked }) => sum + (picked?.size?.price ?? 0), 0);
  const open = chosen.filter(({ picked }) => !picked?.size).length;

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <div>
          <h1>{words('schedule.title', { line: line.name })}</h1>
          <p>
            {jobName} · {companyName} ·{' '}
            {new Intl.DateTimeFormat(numberLocale(), { dateStyle: 'long' }).format(new Date())}
            {line.handedOverAt !== null &&
              ` · ${words('line.inServiceSince', { date: dateWords(line.handedOverAt) })}`}
          </p>
        </div>
        <div className={`${styles.actions} no-print`}>
          <Button variant="contained" onClick={() => window.print()}>
            {words('app.print')}
          </Button>
          <Button
            variant="outlined"
            component="a"
            href={`/api/lines/${line.id}/schedule.csv?units=${figures.system}`}
            download
          >
            {words('schedule.csv')}
          </Button>
          <Button component={Link} to={`/jobs/${line.jobId}/orders`}>
            {words('orders.link')}
          </Button>
          <Button component={Link} to={`/jobs/${line.jobId}/takeoff`}>
            {words('takeoff.link')}
          </Button>
        </div>
      </header>
      <TableContainer>
        <Table size="small" className={styles.table}>
          <TableHead>
            <TableRow>
              {HEADINGS.map((heading) => (
                <TableCell key={heading}>{words(`schedule.${heading}`)}</TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {chosen.map(({ position, picked }) => {
              const { id, tag, remarks, duty } = position;
              return (
                <TableRow key={id}>
                  <TableCell className={styles.tag}>
                    <Link to={`/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(tag)}`}>
                      {tag}
                    </Link>
                  </TableCell>
                  <TableCell>
                    {remarks}{' '}
                    <UrgentFinding line={line} walk={walk} position={position} settings={settings} />
                  </TableCell>
                  <TableCell>{translated(FUNCTION_WORDS[duty.function])}</TableCell>
                  <TableCell className={styles.figure}>{figures.size(duty.dn)}</TableCell>
                  <TableCell>
                    {unbroken(figures.quantity(duty.pressurePa, 'pressure'))},{' '}
                    {unbroken(figures.quantity(duty.temperatureC, 'temperature'))}
                    {duty.flowM3s !== undefined && `, ${unbroken(figures.quantity(duty.flowM3s, 'flow'))}`}
                    {duty.pipe && `, ${translated(PIPE_FACTS[duty.pipe.material].words)}`}
                  </TableCell>
                  <TableCell>
                    {picked ? <ModelInWords model={picked.model} /> : <i>{words('schedule.notPicked')}</i>}
                  </TableCell>
                  <TableCell>
                    {picked && (
                      <VerdictMark
                        verdict={picked.verdict}
                        word={words(
                          picked.verdict === 'out' ? 'verdicts.noLongerFits' : `verdicts.${picked.verdict}`,
                        )}
                      />
                    )}
                  </TableCell>
                  <TableCell>{picked && translated(reasonAlone(picked.reason, picked.model))}</TableCell>
                  <TableCell className={styles.figure}>{picked?.size && money(picked.size.price)}</TableCell>
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </TableContainer>
      <p className={styles.total}>
        <b>{money(total)}</b> {words('schedule.total')}
        {open > 0 && words('schedule.stillOpen', { open, all: chosen.length })}.
      </p>
      <p className={styles.caution}>{translated(ADVICE)}</p>
    </div>
  );
}

function ModelInWords({ model }: { model: CatalogueModel }) {
  const { name, details, from } = modelWords(model);
  return (
    <>
      <b>{translated(name)}</b>, {translated(details)} · {from}
    </>
  );
}
