import type { JoinRequest } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { useForm } from 'react-hook-form';
import { Link, useLocation, useNavigate } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { failureText } from '../../store/failure';
import { useAcceptMutation, useOfferQuery } from '../../store/people-api';
import { useWords } from '../../words';
import { LanguageSwitch } from '../../shell/LanguageSwitch';
import styles from './SignIn.module.css';
import { EmailField, FormField, NewPasswordField } from './FormFields';

/** Opens an invitation's link. Its secret stands behind the #, which no server is told. */
export function JoinPage() {
  const token = useLocation().hash.slice(1);
  const { data: offer, error, isError, refetch } = useOfferQuery(token, { skip: token === '' });
  const form = useForm<JoinRequest>({ defaultValues: { name: '', email: '', password: '' } });
  const [accept, accepting] = useAcceptMutation();
  const navigate = useNavigate();
  const words = useWords();
  if (token === '')
    return <Notice title={words('join.cut')} action={<Link to="/">{words('app.openJobs')}</Link>} />;
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!offer) return <Loading what={words('app.name')} />;
  const join = async (entered: JoinRequest): Promise<void> => {
    const { data } = await accept({ ...entered, token });
    if (data) void navigate('/');
  };
  return (
    <main className={styles.page}>
      <header>
        <LanguageSwitch />
        <h1>{words('join.title', { company: offer.company })}</h1>
        <p>{words('join.body', { by: offer.invitedBy, role: words(`roles.${offer.role}`) })}</p>
      </header>
      <form noValidate className={styles.form} onSubmit={(event) => void form.handleSubmit(join)(event)}>
        <FormField form={form} name="name" label={words('doors.name')} autoComplete="name" />
        <EmailField form={form} name="email" />
        <NewPasswordField form={form} name="password" />
        {accepting.error !== undefined && <Alert severity="error">{failureText(accepting.error)}</Alert>}
        <Button type="submit" variant="contained" disabled={accepting.isLoading}>
          {words('join.join')}
        </Button>
      </form>
    </main>
  );
}
