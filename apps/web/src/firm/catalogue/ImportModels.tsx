import type { CatalogueFormat, CatalogueListPreview, OwnTaskView } from '@grevik/contracts';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { Loading } from '../../kit/Notice';
import { TaskProgress } from '../../kit/background-task/TaskProgress';
import { api } from '../../store/api';
import { usePreviewModelsMutation } from '../../store/catalogue-api';
import { failureText } from '../../store/failure';
import { useAppDispatch } from '../../store/store';
import { useImportModelsMutation } from '../../store/tasks-api';
import { readTextFile } from '../../kit/read-text-file';
import { useWords } from '../../words';

interface Looked {
  format: CatalogueFormat;
  text: string;
  seen: CatalogueListPreview;
}

/** Brings models from a sheet or a JSON list: looked at row by row, then imported in the background, together or not at all. */
export function ImportModels({ close }: { close: () => void }) {
  const [looked, setLooked] = useState<Looked>();
  const [preview, previewing] = usePreviewModelsMutation();
  const [send, sending] = useImportModelsMutation();
  const [taskId, setTaskId] = useState<string>();
  const dispatch = useAppDispatch();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const openFile = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = target.files?.[0];
    target.value = '';
    if (!file) return;
    setLooked(undefined);
    sending.reset();
    setTaskId(undefined);
    const format = /\.json$/i.test(file.name) ? 'json' : 'csv';
    const text = await readTextFile(file);
    const { data } = await preview({ format, text });
    if (data) setLooked({ format, text, seen: data });
  };
  const takeIt = async (): Promise<void> => {
    if (!looked) return;
    const { format, text, seen } = looked;
    const { data } = await send({ format, text, adds: seen.adds.length, changes: seen.changes.length });
    setTaskId(data?.taskId);
  };
  const onDone = ({ result }: OwnTaskView): void => {
    if (!result?.models) return;
    dispatch(api.util.invalidateTags(['Catalogue']));
    enqueueSnackbar(words('catalogue.taken', result.models));
    close();
  };
  const failure = previewing.error ?? sending.error;
  const seen = looked?.seen;
  return (
    <Dialog open onClose={close} fullWidth maxWidth="md" aria-labelledby="bring-title">
      <DialogTitle id="bring-title">{words('catalogue.bring')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <p>{words('catalogue.bringBody')}</p>
        <div>
          <Button component="label" variant="outlined">
            {words('walkList.choose')}
            <input
              type="file"
              accept=".csv,.json,text/csv,application/json"
              hidden
              onChange={(event) => void openFile(event)}
            />
          </Button>
        </div>
        {previewing.isLoading && <Loading what={words('walkList.what')} />}
        {failure !== undefined && <Alert severity="error">{failureText(failure)}</Alert>}
        {taskId !== undefined && (
          <TaskProgress key={taskId} {...{ taskId, onDone }} onClose={() => setTaskId(undefined)} />
        )}
        {seen && (
          <>
            <p>
              {words('catalogue.would', {
                adds: seen.adds.length,
                changes: seen.changes.length,
                same: seen.same,
              })}
            </p>
            {seen.changes.length > 0 && (
              <p>{words('catalogue.wouldChange', { models: seen.changes.join(', ') })}</p>
            )}
            {seen.adds.length > 0 && <p>{words('catalogue.wouldAdd', { models: seen.adds.join(', ') })}</p>}
            {seen.problems.length > 0 && (
              <Alert severity="warning">
                {words('catalogue.refused', { count: seen.problems.length })}
                <ul style={{ margin: '4px 0 0', paddingLeft: 18 }}>
                  {seen.problems.slice(0, MOST_SHOWN).map(({ row, column, message }) => (
                    <li key={`${row} ${column}`}>{words('catalogue.row', { row, column, message })}</li>
                  ))}
                </ul>
              </Alert>
            )}
            {seen.unread.length > 0 && (
              <p>{words('catalogue.unreadColumns', { columns: seen.unread.join(', ') })}</p>
            )}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('catalogue.leave')}</Button>
        <Button
          variant="contained"
          disabled={
            !seen || seen.adds.length + seen.changes.length === 0 || sending.isLoading || taskId !== undefined
          }
          onClick={() => void takeIt()}
        >
          {words('catalogue.takeThem')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const MOST_SHOWN = 50;
