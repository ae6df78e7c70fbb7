import { ADVICE, type CatalogueModel, FUNCTION_WORDS, PIPE_FACTS, modelWords, pickedNow } from '@grevik/core';
import { Button, Table, TableBody, TableCell, TableContainer, TableHead, TableRow } from '@mui/material';
import { Link } from 'react-router';
import { VerdictMark } from '../kit/VerdictMark';
import { useFigures } from '../kit/useFigures';
import { useLineFrame } from '../shell/useLineFrame';
import styles from './SchedulePage.module.css';

/** The line as a list to print or to take along. */
export function SchedulePage() {
  const { line, companyName, jobName, models, sides, money } = useLineFrame();
  const figures = useFigures();
  const chosen = line.positions.map((position) => ({
    position,
    picked: pickedNow(position, line, models, sides),
  }));
  const total = chosen.reduce((sum, { picked }) => sum + (picked?.size?.price ?? 0), 0);
  const open = chosen.filter(({ picked }) => !picked?.size).length;

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <div>
          <h1>Valve schedule · {line.name}</h1>
          <p>
            {jobName} · {companyName} ·{' '}
            {new Intl.DateTimeFormat('en', { dateStyle: 'long' }).format(new Date())}
          </p>
        </div>
        <div className={`${styles.actions} no-print`}>
          <Button variant="contained" onClick={() => window.print()}>
            Print
          </Button>
          <Button
            variant="outlined"
            component="a"
            href={`/api/lines/${line.id}/schedule.csv?units=${figures.system}`}
            download
          >
            Take as CSV
          </Button>
        </div>
      </header>
      <TableContainer>
        <Table size="small" className={styles.table}>
          <TableHead>
            <TableRow>
              {['Tag', 'Where', 'Asked to', 'Size', 'Duty', 'Pick', 'Verdict', 'Because', 'Price'].map(
                (heading) => (
                  <TableCell key={heading}>{heading}</TableCell>
                ),
              )}
            </TableRow>
          </TableHead>
          <TableBody>
            {chosen.map(({ position: { id, tag, remarks, duty }, picked }) => (
              <TableRow key={id}>
                <TableCell className={styles.tag}>
                  <Link to={`/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(tag)}`}>
                    {tag}
                  </Link>
                </TableCell>
                <TableCell>{remarks}</TableCell>
                <TableCell>{FUNCTION_WORDS[duty.function]}</TableCell>
                <TableCell className={styles.figure}>{figures.size(duty.dn)}</TableCell>
                <TableCell>
                  {figures.quantity(duty.pressurePa, 'pressure')},{' '}
                  {figures.quantity(duty.temperatureC, 'temperature')}
                  {duty.flowM3s !== undefined && `, ${figures.quantity(duty.flowM3s, 'flow')}`}
                  {duty.pipe && `, ${PIPE_FACTS[duty.pipe.material].words}`}
                </TableCell>
                <TableCell>
                  {picked ? <ModelInWords model={picked.model} /> : <i>not picked yet</i>}
                </TableCell>
                <TableCell>
                  {picked && (
                    <VerdictMark
                      verdict={picked.verdict}
                      word={picked.verdict === 'out' ? 'no longer fits' : picked.verdict}
                    />
                  )}
                </TableCell>
                <TableCell>{picked?.reason}</TableCell>
                <TableCell className={styles.figure}>{picked?.size && money(picked.size.price)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      <p className={styles.total}>
        <b>{money(total)}</b> for what is picked{open > 0 && `; ${open} of ${chosen.length} still to pick`}.
      </p>
      <p className={styles.caution}>{ADVICE}</p>
    </div>
  );
}

function ModelInWords({ model }: { model: CatalogueModel }) {
  const { name, details, from } = modelWords(model);
  return (
    <>
      <b>{name}</b>, {details} · {from}
    </>
  );
}
