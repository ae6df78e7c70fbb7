import { type ChangePasswordRequest, SHORTEST_PASSWORD } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { failureText } from '../../store/failure';
import { useChangePasswordMutation, useSessionQuery, useSignOutMutation } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './SignIn.module.css';
import { FormField, NewPasswordField } from './FormFields';
import { OpenSessions } from './OpenSessions';
import { OwnTasks } from './OwnTasks';
import { SecondFactor } from './SecondFactor';

/** One's own sign-in: password, second factor, the way out of every device, and what is kept of oneself. */
export function AccountPage() {
  const session = useSessionQuery().data?.session;
  const [signOut, { isLoading }] = useSignOutMutation();
  const words = useWords();
  if (!session) return null;
  const { person, company } = session;
  return (
    <div className={styles.page}>
      <header>
        <h1>{words('account.title')}</h1>
        <p>
          {person.name} · {person.email} · {words(`roles.${person.role}`)}, {company.name}
        </p>
      </header>
      <div className={styles.doors}>
        <section className={styles.door} aria-labelledby="password">
          <h2 id="password">{words('account.password')}</h2>
          {company.isDemo ? <p>{words('account.demoOnly')}</p> : <PasswordForm />}
        </section>
        {!company.isDemo && (
          <section className={styles.door} aria-labelledby="factor">
            <h2 id="factor">{words('account.factor')}</h2>
            <SecondFactor />
          </section>
        )}
        <section className={styles.door} aria-labelledby="everywhere">
          <h2 id="everywhere">{words('account.sessions')}</h2>
          <OpenSessions />
          <p>{words('account.everywhereBody')}</p>
          <Button variant="outlined" disabled={isLoading} onClick={() => void signOut({ everywhere: true })}>
            {words('account.everywhere')}
          </Button>
        </section>
        <section className={styles.door} aria-labelledby="files">
          <h2 id="files">{words('tasks.own')}</h2>
          <OwnTasks />
        </section>
        <section className={styles.door} aria-labelledby="data">
          <h2 id="data">{words('account.data')}</h2>
          <p>{words('account.dataBody')}</p>
          <Button variant="outlined" component="a" href={`/api/people/${person.id}/data.json`} download>
            {words('account.dataFile')}
          </Button>
        </section>
      </div>
    </div>
  );
}

function PasswordForm() {
  const form = useForm<ChangePasswordRequest>({ defaultValues: { current: '', next: '' } });
  const [change, { isLoading, error }] = useChangePasswordMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const save = async (entered: ChangePasswordRequest): Promise<void> => {
    const { data } = await change(entered);
    if (!data) return;
    form.reset();
    enqueueSnackbar(words('account.changed'));
  };
  return (
    <form noValidate className={styles.form} onSubmit={(event) => void form.handleSubmit(save)(event)}>
      <FormField
        form={form}
        name="current"
        type="password"
        label={words('account.current')}
        autoComplete="current-password"
      />
      <NewPasswordField form={form} name="next" label={words('account.next', { least: SHORTEST_PASSWORD })} />
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      <Button type="submit" variant="contained" disabled={isLoading}>
        {words('account.change')}
      </Button>
    </form>
  );
}
