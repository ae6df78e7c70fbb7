import type { WalkListPreview } from '@grevik/contracts';
import { FUNCTION_WORDS, MEDIUM_FACTS, PIPE_FACTS } from '@grevik/core';
import { Button, Table, TableBody, TableCell, TableContainer, TableHead, TableRow } from '@mui/material';
import type { ReactNode } from 'react';
import { counted } from '../kit/counted';
import { VerdictMark } from '../kit/VerdictMark';
import { useFigures } from '../kit/useFigures';
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
  const badRows = new Set(problems.map(({ row }) => row)).size;
  const also = [
    newLines.length > 0 &&
      `New lines: ${newLines.map(({ name, medium }) => `${name} (${MEDIUM_FACTS[medium].words})`).join(', ')}.`,
    unread.length > 0 && `Not read: the column ${unread.join(', ')}.`,
  ].filter(Boolean);
  return (
    <>
      <div className={styles.sum}>
        <Button variant="contained" size="large" disabled={positions.length === 0 || taking} onClick={takeIt}>
          {taking ? 'Adding …' : `Add ${counted(positions.length, 'position')}`}
        </Button>
        <p>
          <b>
            {counted(positions.length, 'row')} can be taken, {badRows} can not.
          </b>{' '}
          {badRows > 0 &&
            'Those are left out: correct them in the sheet and bring it again. Rows are numbered as in the sheet, where the heading is row 1. '}
          {also.join(' ')}
        </p>
      </div>
      {problems.length > 0 && (
        <Rows
          title="Left out"
          heads={['Row', 'Field', 'Found', 'What would be right']}
          count={problems.length}
        >
          {problems.slice(0, MOST_SHOWN).map(({ row, field, value, message }) => (
            <TableRow key={`${row} ${field}`}>
              <TableCell>{row}</TableCell>
              <TableCell>
                <VerdictMark verdict="out" word={field} />
              </TableCell>
              <TableCell>{value === '' ? <i>nothing</i> : value}</TableCell>
              <TableCell>{message}</TableCell>
            </TableRow>
          ))}
        </Rows>
      )}
      {positions.length > 0 && (
        <Rows
          title="Would be added"
          className={styles.positions}
          heads={['Row', 'Tag', 'Line', 'Asked to', 'Size', 'Duty', 'Remarks']}
          count={positions.length}
        >
          {positions.slice(0, MOST_SHOWN).map(({ row, tag, line, medium, duty, remarks }) => (
            <TableRow key={row}>
              <TableCell>{row}</TableCell>
              <TableCell>
                <b>{tag}</b>
              </TableCell>
              <TableCell>{line}</TableCell>
              <TableCell>{FUNCTION_WORDS[duty.function]}</TableCell>
              <TableCell>{figures.size(duty.dn)}</TableCell>
              <TableCell>
                {MEDIUM_FACTS[medium].words}, {figures.quantity(duty.pressurePa, 'pressure')},{' '}
                {figures.quantity(duty.temperatureC, 'temperature')}
                {duty.flowM3s !== undefined && `, ${figures.quantity(duty.flowM3s, 'flow')}`}
                {duty.pipe && `, ${PIPE_FACTS[duty.pipe.material].words}`}
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
      {count > MOST_SHOWN && <p>and {count - MOST_SHOWN} more</p>}
    </section>
  );
}
