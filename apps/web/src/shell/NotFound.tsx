import { Button } from '@mui/material';
import { Link } from 'react-router';
import { Notice } from '../kit/Notice';

export function NotFound() {
  return (
    <Notice
      title="There is no screen at this address"
      action={
        <Button variant="contained" component={Link} to="/">
          Open the list of jobs
        </Button>
      }
    >
      <p>The address may be cut off, or from another version of Grevik.</p>
    </Notice>
  );
}
