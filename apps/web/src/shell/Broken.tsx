import { Button } from '@mui/material';
import { useRouteError } from 'react-router';
import { Notice } from '../kit/Notice';
import { useWords } from '../words';

/** What is left when a screen breaks: nothing entered is lost, and a way on. */
export function Broken() {
  const error = useRouteError();
  const words = useWords();
  return (
    <Notice
      title={words('broken.title')}
      action={
        <Button variant="contained" onClick={() => window.location.assign('/')}>
          {words('app.openJobs')}
        </Button>
      }
    >
      <p>{words('broken.body', { message: error instanceof Error ? error.message : String(error) })}</p>
    </Notice>
  );
}
