import type { CatalogueFormat, CatalogueListPreview } from '@grevik/contracts';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { Loading } from '../../kit/Notice';
import { usePreviewModelsMutation, useTakeModelsMutation } from '../../store/catalogue-api';
import { failureText } from '../../store/failure';
import { readTextFile } from '../../kit/read-text-file';
import { useWords } from '../../words';

interface Looked {
  format: CatalogueFormat;
  text: string;
  seen: CatalogueListPreview;
}

/** Brings models from a sheet or a JSON list: looked at row by row, then taken together or not at all. */
export function ImportModels({ close }: { close: () => void }) {
  const [looked, setLooked] = useState<Looked>();
  const [preview, previewing] = usePreviewModelsMutation();
  const [take, taking] = useTakeModelsMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const openFile = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = target.files?.[0];
    target.value = '';
    if (!file) return;
    setLooked(undefined);
    taking.reset();
    const format = /\.json$/i.test(file.name) ? 'json' : 'csv';
    const text = await readTextFile(file);
    const { data } = await preview({ format, text });
    if (data) setLooked({ format, text, seen: data });
  };
  const takeIt = async (): Promise<void> => {
    if (!looked) return;
    const { format, text, seen } = looked;
    const { data } = await take({ format, text, adds: seen.adds.length, changes: seen.changes.length });
    if (!data) return;
    enqueueSnackbar(words('catalogue.taken', { adds: data.adds.length, changes: data.changes.length }));
    close();
  };
  const failure = previewing.error ?? taking.error;
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
          disabled={!seen || seen.adds.length + seen.changes.length === 0 || taking.isLoading}
          onClick={() => void takeIt()}
        >
          {words('catalogue.takeThem')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const MOST_SHOWN = 50;
