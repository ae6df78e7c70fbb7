import { Button } from '@mui/material';
import { Link } from 'react-router';
import { Notice } from '../kit/Notice';
import { useJobNamesQuery } from '../store/api';
import { useWords } from '../words';

/** An address without a screen: what may be wrong with it, and where people mostly want to go. */
export function NotFound() {
  const words = useWords();
  const { data: jobs } = useJobNamesQuery();
  return (
    <Notice
      title={words('notFound.title')}
      action={
        <Button variant="contained" component={Link} to="/">
          {words('app.openJobs')}
        </Button>
      }
    >
      <p>{words('notFound.body')}</p>
      <ul>
        {jobs?.slice(0, 8).map(({ id, name }) => (
          <li key={id}>
            <Link to={`/jobs/${id}`}>{name}</Link>
          </li>
        ))}
      </ul>
    </Notice>
  );
}
