import type { OwnTaskView, WalkListPreview } from '@grevik/contracts';
import { FURTHER_COLUMNS } from '@grevik/core';
import { Alert, Button, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { TaskProgress } from '../../kit/background-task/TaskProgress';
import { api, useJobQuery, usePreviewWalkListMutation } from '../../store/api';
import { failureText } from '../../store/failure';
import { useAppDispatch } from '../../store/store';
import { useImportWalkListMutation } from '../../store/tasks-api';
import { useWords } from '../../words';
import { readTextFile } from '../../kit/read-text-file';
import { WalkListCheckView } from './WalkListCheckView';
import styles from './WalkListPage.module.css';

/** Brings a list typed on site: looked at row by row, then imported in the background, together or not at all. */
export function WalkListPage() {
  const { jobId = '' } = useParams();
  const { data: job, error: jobError, isError, refetch } = useJobQuery(jobId);
  const [text, setText] = useState('');
  const [looked, setLooked] = useState<WalkListPreview>();
  const [preview, previewing] = usePreviewWalkListMutation();
  const [send, sending] = useImportWalkListMutation();
  const [taskId, setTaskId] = useState<string>();
  const dispatch = useAppDispatch();
  const { enqueueSnackbar } = useSnackbar();
  const navigate = useNavigate();
  const words = useWords();
  if (isError) return <Failure error={jobError} retry={() => void refetch()} />;
  if (!job) return <Loading what={words('line.job')} />;

  const look = async (list: string): Promise<void> => {
    setText(list);
    setLooked(undefined);
    sending.reset();
    setTaskId(undefined);
    const { data } = await preview({ jobId, text: list });
    setLooked(data);
  };
  const openFile = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = event.target.files?.[0];
    event.target.value = '';
    if (file) await look(await readTextFile(file));
  };
  const takeIt = async (): Promise<void> => {
    if (!looked) return;
    const { data } = await send({ jobId, text, rows: looked.positions.map(({ row }) => row) });
    setTaskId(data?.taskId);
  };
  const onDone = ({ result }: OwnTaskView): void => {
    const [first] = result?.walkList?.lines ?? [];
    if (!result?.walkList || !first) return;
    dispatch(api.util.invalidateTags(['Jobs', 'Line', 'Mine']));
    enqueueSnackbar(words('walkList.added', { count: result.walkList.added }));
    void navigate(`/jobs/${jobId}/lines/${first.id}/line-up`);
  };

  const failure = previewing.error ?? sending.error;
  return (
    <div className={styles.page}>
      <header>
        <h1>{words('walkList.title')}</h1>
        <p>{words('walkList.body', { job: job.name })}</p>
        <details>
          <summary>{words('walkList.further')}</summary>
          <span lang="en">{FURTHER_COLUMNS.join(', ')}</span>
        </details>
      </header>
      <div className={styles.source}>
        <Button component="label" variant="contained">
          {words('walkList.choose')}
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            hidden
            onChange={(event) => void openFile(event)}
          />
        </Button>
        <span>{words('walkList.paste')}</span>
        <TextField
          size="small"
          multiline
          minRows={1}
          maxRows={5}
          fullWidth
          label={words('walkList.field')}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button
          variant="outlined"
          disabled={text.trim() === '' || previewing.isLoading}
          onClick={() => void look(text)}
        >
          {words('walkList.look')}
        </Button>
      </div>
      {failure !== undefined && <Alert severity="error">{failureText(failure)}</Alert>}
      {previewing.isLoading && <Loading what={words('walkList.what')} />}
      {taskId !== undefined && (
        <TaskProgress key={taskId} {...{ taskId, onDone }} onClose={() => setTaskId(undefined)} />
      )}
      {looked && (
        <WalkListCheckView
          check={looked}
          takeIt={() => void takeIt()}
          taking={sending.isLoading || taskId !== undefined}
        />
      )}
    </div>
  );
}
