import { CURRENCIES } from '@grevik/core';
import { TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useSetCurrencyMutation } from '../../store/walk-api';
import { numberLocale, useWords } from '../../words';

/** The currency the company's prices are in; changing it converts nothing. */
export function CurrencyField({ currency, version }: { currency: string; version: number }) {
  const [set, { isLoading }] = useSetCurrencyMutation();
  const { enqueueSnackbar } = useSnackbar();
  const may = useMay('catalogue');
  const words = useWords();
  const names = new Intl.DisplayNames(numberLocale(), { type: 'currency' });
  return (
    <TextField
      select
      size="small"
      label={words('houseRules.currency')}
      helperText={words('houseRules.currencyHint')}
      value={currency}
      disabled={!may || isLoading}
      onChange={({ target: { value } }) => {
        set({ version, currency: value })
          .unwrap()
          .then(() => enqueueSnackbar(words('houseRules.currencySet', { currency: value })))
          .catch((error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }));
      }}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
      sx={{ marginTop: 2, marginLeft: { sm: 2 }, minWidth: 220 }}
    >
      {CURRENCIES.map((code) => (
        <option key={code} value={code}>
          {code} · {names.of(code)}
        </option>
      ))}
    </TextField>
  );
}
