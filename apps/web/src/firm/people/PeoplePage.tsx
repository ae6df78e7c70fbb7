import { type PersonView, ROLES, type Role } from '@grevik/contracts';
import {
  Button,
  MenuItem,
  Select,
  Table,
  TableBody,
  TableCell,
  TableContainer,
  TableHead,
  TableRow,
} from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { useTell } from '../../kit/useTell';
import {
  useMay,
  usePeopleQuery,
  useSessionQuery,
  useSetRoleMutation,
  useTakeOutMutation,
} from '../../store/people-api';
import { useWords } from '../../words';
import { AccessTable } from './AccessTable';
import { Invitations } from './Invitations';
import { PersonMenu } from './PersonMenu';
import styles from './PeoplePage.module.css';

/** Who is in the company, who may do what, and how others come in. */
export function PeoplePage() {
  const { data: people, error, isError, refetch } = usePeopleQuery();
  const company = useSessionQuery().data?.session?.company.name ?? '';
  const mayManage = useMay('people');
  const maySeeTasks = useMay('tasks');
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!people) return <Loading what={words('account.people')} />;
  return (
    <div className={styles.page}>
      <h1>{words('people.title', { company })}</h1>
      <TableContainer tabIndex={0}>
        <Table size="small" aria-label={words('account.people')}>
          <TableHead>
            <TableRow>
              <TableCell>{words('people.who')}</TableCell>
              <TableCell>{words('doors.email')}</TableCell>
              <TableCell>{words('people.role')}</TableCell>
              {mayManage && <TableCell />}
            </TableRow>
          </TableHead>
          <TableBody>
            {people.map((person) => (
              <PersonRow key={person.id} person={person} mayManage={mayManage} />
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      {mayManage && <Invitations />}
      <AccessTable />
      {maySeeTasks && (
        <p>
          <Link to="/tasks">{words('tasks.title')}</Link>
        </p>
      )}
    </div>
  );
}

function PersonRow({ person, mayManage }: { person: PersonView; mayManage: boolean }) {
  const isSelf = useSessionQuery().data?.session?.person.id === person.id;
  const [setRole] = useSetRoleMutation();
  const [takeOut] = useTakeOutMutation();
  const [isSure, setIsSure] = useState(false);
  const tell = useTell();
  const words = useWords();
  const { id, version, name, email, role } = person;
  return (
    <TableRow>
      <TableCell>
        <b>{name}</b> {isSelf && `(${words('people.you')})`}
      </TableCell>
      <TableCell>{email}</TableCell>
      <TableCell>
        {mayManage ? (
          <Select<Role>
            size="small"
            variant="standard"
            value={role}
            inputProps={{ 'aria-label': `${words('people.role')}: ${name}` }}
            onChange={({ target: { value } }) =>
              tell(
                setRole({ id, version, role: value }).unwrap(),
                words('people.roleChanged', { name, role: words(`roles.${value}`) }),
              )
            }
          >
            {ROLES.map((of) => (
              <MenuItem key={of} value={of}>
                {words(`roles.${of}`)}
              </MenuItem>
            ))}
          </Select>
        ) : (
          words(`roles.${role}`)
        )}
      </TableCell>
      {mayManage && (
        <TableCell align="right">
          <Button
            size="small"
            color={isSure ? 'error' : 'primary'}
            aria-label={`${words(isSure ? 'people.sure' : 'people.leaves')}: ${name}`}
            onBlur={() => setIsSure(false)}
            onClick={() =>
              isSure ? tell(takeOut(id).unwrap(), words('people.left', { name })) : setIsSure(true)
            }
          >
            {words(isSure ? 'people.sure' : 'people.leaves')}
          </Button>
          <PersonMenu person={person} />
        </TableCell>
      )}
    </TableRow>
  );
}
