import { Button } from '@mui/material';
import { useRouteError } from 'react-router';
import { Notice } from '../kit/Notice';

/** What is left when a screen breaks: nothing entered is lost, and a way on. */
export function Broken() {
  const error = useRouteError();
  return (
    <Notice
      title="This screen broke"
      action={
        <Button variant="contained" onClick={() => window.location.assign('/')}>
          Open the list of jobs
        </Button>
      }
    >
      <p>
        What was saved is kept. If it breaks again, pass this on:{' '}
        {error instanceof Error ? error.message : String(error)}
      </p>
    </Notice>
  );
}
