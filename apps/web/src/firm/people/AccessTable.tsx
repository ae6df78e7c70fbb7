import { ROLES } from '@grevik/contracts';
import { Table, TableBody, TableCell, TableContainer, TableHead, TableRow } from '@mui/material';
import { Failure } from '../../kit/Notice';
import { useAccessQuery } from '../../store/people-api';
import { translated, useWords } from '../../words';
import styles from './PeoplePage.module.css';

/** Who may do what: the server's own table. */
export function AccessTable() {
  const { data, error, isError, refetch } = useAccessQuery();
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  return (
    <section>
      <h2>{words('people.may')}</h2>
      <TableContainer tabIndex={0}>
        <Table size="small" aria-label={words('people.may')} className={styles.access}>
          <TableHead>
            <TableRow>
              <TableCell />
              {ROLES.map((role) => (
                <TableCell key={role}>{words(`roles.${role}`)}</TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {data?.permissions.map(({ id, words: does, roles }) => (
              <TableRow key={id}>
                <TableCell component="th" scope="row">
                  {translated(does)}
                </TableCell>
                {ROLES.map((role) => (
                  <TableCell key={role}>
                    {roles.includes(role) ? <b>{words('people.yes')}</b> : <span>–</span>}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
    </section>
  );
}
