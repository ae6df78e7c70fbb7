import type { SecondFactorRequest } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { Suspense, lazy } from 'react';
import { useForm } from 'react-hook-form';
import { failureText } from '../../store/failure';
import {
  useConfirmSecondFactorMutation,
  useEndSecondFactorMutation,
  useOfferSecondFactorMutation,
  useSecondFactorQuery,
} from '../../store/sign-in-api';
import { useWords } from '../../words';
import { FormField } from './FormFields';
import styles from './SignIn.module.css';

const QrCode = lazy(async () => ({ default: (await import('../../kit/QrCode')).QrCode }));

/** Codes of a phone beside the password: turned on with a first code, turned off with another. */
export function SecondFactor() {
  const { data } = useSecondFactorQuery();
  const [offer, offering] = useOfferSecondFactorMutation();
  const [confirm, confirming] = useConfirmSecondFactorMutation();
  const [end, ending] = useEndSecondFactorMutation();
  const words = useWords();
  if (!data) return null;
  const codes = confirming.data?.codes;
  if (codes && data.isOn)
    return (
      <>
        <Alert severity="success">{words('account.factorIsOn')}</Alert>
        <p>{words('account.codesBody')}</p>
        <ul className={styles.codes} aria-label={words('account.codes')}>
          {codes.map((code) => (
            <li key={code}>
              <code>{code}</code>
            </li>
          ))}
        </ul>
        <Button variant="outlined" onClick={confirming.reset}>
          {words('account.codesKept')}
        </Button>
      </>
    );
  if (data.isOn)
    return (
      <>
        <p>
          {words('account.factorOn')} {words('account.codesLeft', { count: data.codesLeft })}
        </p>
        <CodeForm label={words('account.factorOff')} failed={ending.error} send={(of) => end(of)} />
      </>
    );
  if (!offering.data)
    return (
      <>
        <p>{words('account.factorBody')}</p>
        {offering.error !== undefined && <Alert severity="error">{failureText(offering.error)}</Alert>}
        <Button variant="outlined" disabled={offering.isLoading} onClick={() => void offer()}>
          {words('account.factorBegin')}
        </Button>
      </>
    );
  const { address, secret } = offering.data;
  return (
    <>
      <p>{words('account.factorScan')}</p>
      <Suspense>
        <QrCode sidePx={200} address={address} label={words('account.factorQr')} />
      </Suspense>
      <p>
        {words('account.factorTyped')}{' '}
        <code className={styles.secret}>{secret.match(/.{1,4}/g)?.join(' ')}</code>
      </p>
      <CodeForm
        label={words('account.factorConfirm')}
        failed={confirming.error}
        send={async (of) => {
          const { data: made } = await confirm(of);
          if (made) offering.reset();
        }}
      />
    </>
  );
}

interface CodeFormProps {
  label: string;
  failed: unknown;
  send: (code: SecondFactorRequest) => unknown;
}

function CodeForm({ label, failed, send }: CodeFormProps) {
  const form = useForm<SecondFactorRequest>({ defaultValues: { code: '' } });
  const words = useWords();
  return (
    <form noValidate className={styles.form} onSubmit={(event) => void form.handleSubmit(send)(event)}>
      <FormField
        form={form}
        name="code"
        label={words('account.code')}
        autoComplete="one-time-code"
        slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 20 } }}
      />
      {failed !== undefined && <Alert severity="error">{failureText(failed)}</Alert>}
      <Button type="submit" variant="contained" disabled={form.formState.isSubmitting}>
        {label}
      </Button>
    </form>
  );
}
