import type { ModelView } from '@grevik/contracts';
import { modelWords } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useChangeModelMutation } from '../../store/catalogue-api';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { type Answers, withAnswer } from './answers';

interface AnswersKeptProps {
  answers: Answers;
  models: readonly ModelView[];
  /** The size that was looked at: a bore is answered for it alone. */
  dn: number;
  forget: () => void;
}

/** What was answered counts here and now; whoever keeps the catalogue can write it into the models. */
export function AnswersKept({ answers, models, dn, forget }: AnswersKeptProps) {
  const [change, { isLoading }] = useChangeModelMutation();
  const mayChange = useMay('catalogue');
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const answered = models.filter(({ id }) => answers[id]);
  if (answered.length === 0) return null;
  const keep = async (): Promise<void> => {
    for (const held of answered) {
      const { id, version, retired: _retired, ...model } = withAnswer(held, answers[held.id], dn);
      const { error } = await change({ id, version, model });
      if (error) return void enqueueSnackbar(failureText(error), { variant: 'error' });
    }
    enqueueSnackbar(
      words('answers.kept', { models: answered.map((model) => modelWords(model).from).join(', ') }),
    );
    forget();
  };
  return (
    <span>
      {words('answers.count', { count: answered.length })}{' '}
      {mayChange && (
        <Button size="small" disabled={isLoading} onClick={() => void keep()}>
          {words('answers.keep')}
        </Button>
      )}
      <Button size="small" onClick={forget}>
        {words('answers.forget')}
      </Button>
    </span>
  );
}
