import { Alert, Button } from '@mui/material';
import { useForm } from 'react-hook-form';
import { Link, useLocation } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { failureText } from '../../store/failure';
import { usePasswordLinkQuery, useUsePasswordLinkMutation } from '../../store/sign-in-api';
import { useWords } from '../../words';
import { NewPasswordField } from './FormFields';
import styles from './SignIn.module.css';

/** Opens a link for a new password. Its secret stands behind the #, which no server is told. */
export function NewPasswordPage() {
  const token = useLocation().hash.slice(1);
  const { data: offer, error, isError, refetch } = usePasswordLinkQuery(token, { skip: token === '' });
  const form = useForm<{ password: string }>({ defaultValues: { password: '' } });
  const [take, taking] = useUsePasswordLinkMutation();
  const words = useWords();
  if (token === '')
    return <Notice title={words('join.cut')} action={<Link to="/">{words('app.openJobs')}</Link>} />;
  if (taking.isSuccess)
    return (
      <Notice title={words('newPassword.done')} action={<Link to="/">{words('doors.signIn')}</Link>}>
        <p>{words('newPassword.doneBody')}</p>
      </Notice>
    );
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!offer) return <Loading what={words('app.name')} />;
  return (
    <main className={styles.page}>
      <header>
        <h1>{words('newPassword.title')}</h1>
        <p>{words('newPassword.body', { ...offer })}</p>
      </header>
      <form
        noValidate
        className={styles.form}
        onSubmit={(event) => void form.handleSubmit(({ password }) => take({ token, password }))(event)}
      >
        <NewPasswordField form={form} name="password" />
        {taking.error !== undefined && <Alert severity="error">{failureText(taking.error)}</Alert>}
        <Button type="submit" variant="contained" disabled={taking.isLoading}>
          {words('newPassword.save')}
        </Button>
      </form>
    </main>
  );
}
