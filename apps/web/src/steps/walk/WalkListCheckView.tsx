import type { WalkListPreview } from '@grevik/contracts';
import { FUNCTION_WORDS, MEDIUM_FACTS, PIPE_FACTS } from '@grevik/core';
import { Button, Table, TableBody, TableCell, TableContainer, TableHead, TableRow } from '@mui/material';
import type { ReactNode } from 'react';
import { VerdictMark } from '../../kit/VerdictMark';
import { translated, useWords } from '../../words';
import { useFigures } from '../../kit/useFigures';
import styles from './WalkListPage.module.css';

/** Rows shown of a long list; the rest is counted. */
const MOST_SHOWN = 200;

interface WalkListCheckViewProps {
  check: WalkListPreview;
  takeIt: () => void;
  taking: boolean;
}

/** What would be added, and for each bad row its number, field, value and what would be right. */
export function WalkListCheckView({
  check: { positions, problems, newLines, unread },
  takeIt,
  taking,
}: WalkListCheckViewProps) {
  const figures = useFigures();
  const words = useWords();
  const badRows = new Set(problems.map(({ row }) => row)).size;
  const also = [
    newLines.length > 0 &&
      words('walkList.newLines', {
        lines: newLines
          .map(({ name, medium }) => `${name} (${translated(MEDIUM_FACTS[medium].words)})`)
          .join(', '),
      }),
    unread.length > 0 && words('walkList.unread', { columns: unread.join(', ') }),
  ].filter(Boolean);
  return (
    <>
      <div className={styles.sum}>
        <Button variant="contained" size="large" disabled={positions.length === 0 || taking} onClick={takeIt}>
          {taking ? words('walkList.adding') : words('walkList.add', { count: positions.length })}
        </Button>
        <p>
          <b>{words('walkList.can', { count: positions.length, bad: badRows })}</b>{' '}
          {badRows > 0 && `${words('walkList.leftOutBody')} `}
          {also.join(' ')}
        </p>
      </div>
      {problems.length > 0 && (
        <Rows
          title={words('walkList.leftOut')}
          heads={[
            words('walkList.row'),
            words('walkList.fieldHead'),
            words('walkList.found'),
            words('walkList.right'),
          ]}
          count={problems.length}
        >
          {problems.slice(0, MOST_SHOWN).map(({ row, field, value, message }) => (
            <TableRow key={`${row} ${field}`}>
              <TableCell>{row}</TableCell>
              <TableCell>
                <VerdictMark verdict="out" word={field} />
              </TableCell>
              <TableCell>{value === '' ? <i>{words('walkList.nothing')}</i> : value}</TableCell>
              <TableCell>{translated(message)}</TableCell>
            </TableRow>
          ))}
        </Rows>
      )}
      {positions.length > 0 && (
        <Rows
          title={words('walkList.wouldAdd')}
          className={styles.positions}
          heads={(['row', 'tag', 'line', 'asked', 'size', 'duty', 'remarks'] as const).map((head) =>
            words(`walkList.${head}`),
          )}
          count={positions.length}
        >
          {positions.slice(0, MOST_SHOWN).map(({ row, tag, line, medium, duty, remarks }) => (
            <TableRow key={row}>
              <TableCell>{row}</TableCell>
              <TableCell>
                <b>{tag}</b>
              </TableCell>
              <TableCell>{line}</TableCell>
              <TableCell>{translated(FUNCTION_WORDS[duty.function])}</TableCell>
              <TableCell>{figures.size(duty.dn)}</TableCell>
              <TableCell>
                {translated(MEDIUM_FACTS[medium].words)}, {figures.quantity(duty.pressurePa, 'pressure')},{' '}
                {figures.quantity(duty.temperatureC, 'temperature')}
                {duty.flowM3s !== undefined && `, ${figures.quantity(duty.flowM3s, 'flow')}`}
                {duty.pipe && `, ${translated(PIPE_FACTS[duty.pipe.material].words)}`}
              </TableCell>
              <TableCell>{remarks}</TableCell>
            </TableRow>
          ))}
        </Rows>
      )}
    </>
  );
}

/** A table of rows with a heading, and how many more there are. */
function Rows({
  title,
  heads,
  count,
  className,
  children,
}: {
  title: string;
  heads: readonly string[];
  count: number;
  className?: string | undefined;
  children: ReactNode;
}) {
  const words = useWords();
  return (
    <section>
      <h2>{title}</h2>
      <TableContainer>
        <Table size="small" aria-label={title} className={className}>
          <TableHead>
            <TableRow>
              {heads.map((head) => (
                <TableCell key={head}>{head}</TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>{children}</TableBody>
        </Table>
      </TableContainer>
      {count > MOST_SHOWN && <p>{words('walkList.more', { count: count - MOST_SHOWN })}</p>}
    </section>
  );
}
