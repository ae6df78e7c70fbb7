import type { OwnerItem } from '@grevik/contracts';
import { Alert, Button, FormControlLabel, Radio, RadioGroup, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { failureText } from '../store/failure';
import { useAnswerAsOwnerMutation } from '../store/owner-api';
import { useWords } from '../words';
import styles from './OwnerPage.module.css';

interface OwnerDecidesProps {
  item: OwnerItem;
  secret: string;
  money: (amount: number) => string;
}

const SHORTEST_NAME = 2;

/** Where an owner accepts an option or none, with their name: at the second press, since it orders. */
export function OwnerDecides({ item: { positionId, options }, secret, money }: OwnerDecidesProps) {
  const words = useWords();
  const [option, setOption] = useState<number>();
  const [name, setName] = useState('');
  const [isSure, setSure] = useState(false);
  const [answer, { error, isLoading }] = useAnswerAsOwnerMutation();
  const isReady = option !== undefined && name.trim().length >= SHORTEST_NAME;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!isReady) return;
    if (!isSure) return setSure(true);
    void answer({ key: secret, answer: { positionId, option, name: name.trim() } });
  };
  const chosen = option === undefined ? undefined : options[option];
  return (
    <form className={`${styles.decide} no-print`} onSubmit={submit}>
      <h3>{words('owner.decide')}</h3>
      <RadioGroup
        value={option ?? ''}
        onChange={(_event, to) => {
          setOption(Number(to));
          setSure(false);
        }}
      >
        {options.map(({ modelId, name: of, price }, at) => (
          <FormControlLabel
            key={modelId}
            value={at}
            control={<Radio />}
            label={words('owner.accept', { option: of, price: money(price.whole) })}
          />
        ))}
        <FormControlLabel value={-1} control={<Radio />} label={words('owner.none')} />
      </RadioGroup>
      <TextField
        label={words('owner.name')}
        value={name}
        autoComplete="name"
        onChange={({ target }) => {
          setName(target.value);
          setSure(false);
        }}
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      <Button type="submit" variant="contained" disabled={!isReady || isLoading}>
        {words(!isSure ? 'owner.send' : chosen ? 'owner.sureYes' : 'owner.sureNo', {
          price: chosen ? money(chosen.price.whole) : '',
        })}
      </Button>
    </form>
  );
}
