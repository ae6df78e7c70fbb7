import { useSnackbar } from 'notistack';
import { failureText } from '../store/failure';

/** Says at the bottom of the page what became of something: that it is done, where there is a word for it, or why it failed. */
export function useTell(): (doing: Promise<unknown>, done?: string) => void {
  const { enqueueSnackbar } = useSnackbar();
  return (doing, done) => {
    doing.then(
      () => done !== undefined && enqueueSnackbar(done),
      (error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }),
    );
  };
}
