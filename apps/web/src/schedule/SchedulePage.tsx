import { FUNCTION_WORDS, PIPE_FACTS, judgePick, modelWords } from '@grevik/core';
import { Button, Table, TableBody, TableCell, TableContainer, TableHead, TableRow } from '@mui/material';
import { Link } from 'react-router';
import { VerdictMark } from '../kit/VerdictMark';
import { useFigures } from '../kit/useFigures';
import { type LineFrameContext, useLineFrame } from '../shell/useLineFrame';
import styles from './SchedulePage.module.css';

/** The line as a list to print or to take along. */
export function SchedulePage() {
  const { line, companyName, jobName, models, sides, money } = useLineFrame();
  const figures = useFigures();
  const chosen = line.positions.map((position) => ({
    position,
    ...pickedAt({ line, models, sides }, position),
  }));
  const total = chosen.reduce((sum, { price = 0 }) => sum + price, 0);
  const open = chosen.filter(({ price }) => price === undefined).length;

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
            {chosen.map(({ position: { id, tag, remarks, duty, pick }, model, verdict, price }) => (
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
                  {model ? (
                    <>
                      <b>{modelWords(model).name}</b>, {modelWords(model).details} · {modelWords(model).from}
                    </>
                  ) : (
                    <i>not picked yet</i>
                  )}
                </TableCell>
                <TableCell>
                  {verdict && (
                    <VerdictMark verdict={verdict} word={verdict === 'out' ? 'no longer fits' : verdict} />
                  )}
                </TableCell>
                <TableCell>{pick?.reason}</TableCell>
                <TableCell className={styles.figure}>{price !== undefined && money(price)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      <p className={styles.total}>
        <b>{money(total)}</b> for what is picked{open > 0 && `; ${open} of ${chosen.length} still to pick`}.
      </p>
      <p className={styles.caution}>
        Advice for a qualified person: local code, the authority, the listing and the maker override it.
      </p>
    </div>
  );
}

/** What is picked at a position, judged on the duty as it is now. */
function pickedAt(
  { line, models, sides }: Pick<LineFrameContext, 'line' | 'models' | 'sides'>,
  position: LineFrameContext['position'],
) {
  const model = models.find(({ id }) => id === position.pick?.modelId);
  if (!model) return {};
  const { size, verdict } = judgePick({ ...position.duty, medium: line.medium }, model, sides);
  return { model, verdict, price: size?.price };
}
