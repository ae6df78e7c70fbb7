import {
  type SignInOptionsView,
  ROLES,
  type Role,
  type SignInRequest,
  type StartCompanyRequest,
} from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { failureText, refusalOf } from '../../store/failure';
import { useLookAroundMutation, useSignInMutation, useStartCompanyMutation } from '../../store/people-api';
import { useWords } from '../../words';
import { LanguageSwitch } from '../../shell/LanguageSwitch';
import styles from './SignIn.module.css';
import { EmailField, FormField, NewPasswordField } from './FormFields';

interface SignInPageProps {
  doors: SignInOptionsView;
  /** Whether somebody was signed in here just now: their session ended, or they ended it. */
  hasEnded?: boolean;
}

/** Where one signs in. The address stays: whoever signs in is where they wanted to go. */
export function SignInPage({ doors, hasEnded = false }: SignInPageProps) {
  const words = useWords();
  return (
    <main className={styles.page}>
      <div className={styles.brand} aria-label={words('app.name')}>
        GRE<b>V</b>IK
      </div>
      <header>
        <h1>{words('doors.title')}</h1>
        <p>{words('doors.body')}</p>
        <LanguageSwitch />
        {hasEnded && <Alert severity="info">{words('doors.ended')}</Alert>}
      </header>
      <div className={styles.doors}>
        {doors.demo && <DemoDoor />}
        <SignInDoor />
        {doors.company && <CompanyDoor />}
      </div>
    </main>
  );
}

function DemoDoor() {
  const [enter, { isLoading, error }] = useLookAroundMutation();
  const words = useWords();
  const as = (role: Role) => (): void => void enter({ role });
  return (
    <section className={styles.door} aria-labelledby="demo-door">
      <h2 id="demo-door">{words('doors.demoTitle')}</h2>
      <p>{words('doors.demoBody')}</p>
      <Button variant="contained" size="large" disabled={isLoading} onClick={as('owner')}>
        {words('doors.demo')}
      </Button>
      <div className={styles.roles}>
        {ROLES.filter((role) => role !== 'owner').map((role) => (
          <Button key={role} size="small" variant="outlined" disabled={isLoading} onClick={as(role)}>
            {words('doors.asRole', { role: words(`roles.${role}`) })}
          </Button>
        ))}
      </div>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </section>
  );
}

function SignInDoor() {
  const form = useForm<SignInRequest>({ defaultValues: { email: '', password: '', company: '', code: '' } });
  const [isCodeAsked, setCodeAsked] = useState(false);
  const [signIn, { isLoading, error }] = useSignInMutation();
  const words = useWords();
  // Once asked for, the field stays: a wrong code is typed again.
  if (refusalOf(error)?.field === 'code' && !isCodeAsked) setCodeAsked(true);
  return (
    <section className={styles.door} aria-labelledby="sign-in">
      <h2 id="sign-in">{words('doors.signIn')}</h2>
      <form
        noValidate
        className={styles.form}
        onSubmit={(event) =>
          void form.handleSubmit(
            ({ company, code, ...entered }) =>
              void signIn({ ...entered, ...(company && { company }), ...(code && { code }) }),
          )(event)
        }
      >
        <EmailField form={form} name="email" />
        <FormField
          form={form}
          name="password"
          type="password"
          label={words('doors.password')}
          autoComplete="current-password"
        />
        {isCodeAsked && (
          <FormField
            form={form}
            name="code"
            label={words('doors.code')}
            autoComplete="one-time-code"
            autoFocus
          />
        )}
        {refusalOf(error)?.field === 'company' && (
          <FormField form={form} name="company" label={words('doors.company')} autoComplete="organization" />
        )}
        {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
        <Button type="submit" variant="contained" disabled={isLoading}>
          {words('doors.signIn')}
        </Button>
      </form>
    </section>
  );
}

function CompanyDoor() {
  const form = useForm<StartCompanyRequest>({
    defaultValues: { company: '', name: '', email: '', password: '' },
  });
  const [start, { isLoading, error }] = useStartCompanyMutation();
  const words = useWords();
  return (
    <section className={styles.door} aria-labelledby="start-company">
      <h2 id="start-company">{words('doors.startTitle')}</h2>
      <form
        noValidate
        className={styles.form}
        onSubmit={(event) => void form.handleSubmit((entered) => void start(entered))(event)}
      >
        <FormField form={form} name="company" label={words('doors.company')} autoComplete="organization" />
        <FormField form={form} name="name" label={words('doors.name')} autoComplete="name" />
        <EmailField form={form} name="email" />
        <NewPasswordField form={form} name="password" />
        {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
        <Button type="submit" variant="outlined" disabled={isLoading}>
          {words('doors.start')}
        </Button>
      </form>
    </section>
  );
}
