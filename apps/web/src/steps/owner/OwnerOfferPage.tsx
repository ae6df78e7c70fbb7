import type { NewOwnerPage, OwnerItemRequest, PositionView } from '@grevik/contracts';
import { valveFailure } from '@grevik/core';
import { Alert, Button, Checkbox, TextField } from '@mui/material';
import { type FormEvent, useCallback, useRef, useState } from 'react';
import { StepHead } from '../../kit/StepHead';
import { shortName } from '../../kit/position-name';
import { useLineFrame } from '../../shell/useLineFrame';
import { useLifeBasisQuery } from '../../store/budget-api';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useMakeOwnerPageMutation } from '../../store/owner-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { MadeLink } from './MadeLink';
import { OfferItem, type ReadItem } from './OfferItem';
import styles from './OwnerOffer.module.css';
import { PagesBefore } from './PagesBefore';

const MOST_BESIDE = 5;
const USUAL_DAYS = '30';
const MOST_TAX = 50;

/** Makes a page for whoever owns the building: what was found here, what can be done, what it costs. */
export function OwnerOfferPage() {
  const { line, position } = useLineFrame();
  return <Offer key={position.id} position={position} line={line} />;
}

function Offer({ position, line }: Pick<ReturnType<typeof useLineFrame>, 'position' | 'line'>) {
  const words = useWords();
  const mayMake = useMay('order');
  const [make, { error, isLoading }] = useMakeOwnerPageMutation();
  const ids = useDraftIds(`owner ${position.id}`);
  const [made, setMade] = useState<NewOwnerPage>();
  const [also, setAlso] = useState<readonly string[]>([]);
  const [typedTax, setTax] = useState<string>();
  const { data: basis } = useLifeBasisQuery(position.id);
  const { taxRate } = basis?.settings ?? {};
  const tax = typedTax ?? (taxRate === undefined ? '' : String(Number((100 * taxRate).toFixed(4))));
  const [days, setDays] = useState(USUAL_DAYS);
  const [trouble, setTrouble] = useState<string>();
  const readers = useRef(new Map<string, ReadItem>());
  const register = useCallback((id: string, read: ReadItem) => {
    readers.current.set(id, read);
    return () => void readers.current.delete(id);
  }, []);
  const beside = line.positions.filter(
    ({ id, condition }) => id !== position.id && valveFailure(condition, line.medium) !== undefined,
  );
  const shown: PositionView[] = [position, ...beside.filter(({ id }) => also.includes(id))];
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const read = shown.map(({ id }) => readers.current.get(id)?.());
    const wrong = read.find((one) => typeof one === 'string') ?? figuresWrong(tax, days);
    setTrouble(wrong);
    if (wrong !== undefined) return;
    const items = read.filter((one): one is OwnerItemRequest => typeof one === 'object');
    const page = { items, days: Number(days), ...(tax.trim() !== '' && { taxRate: Number(tax) / 100 }) };
    const { data } = await make({
      positionId: position.id,
      page: { ...page, id: ids.of(JSON.stringify(page)) },
    });
    ids.answered();
    if (data) setMade(data);
  };
  const figuresWrong = (ofTax: string, ofDays: string): string | undefined => {
    const share = Number(ofTax);
    if (ofTax.trim() !== '' && !(share >= 0 && share <= MOST_TAX))
      return words('owner.taxWrong', { typed: ofTax });
    const count = Number(ofDays);
    return Number.isInteger(count) && count >= 1 && count <= 90
      ? undefined
      : words('owner.daysWrong', { typed: ofDays });
  };
  return (
    <div className={styles.page}>
      <StepHead position={position} title={words('owner.title')} />
      <p>{words('owner.body')}</p>
      {made && <MadeLink page={made} close={() => setMade(undefined)} />}
      {mayMake && (
        <form className={styles.form} onSubmit={(event) => void submit(event)} noValidate>
          {shown.map((one) => (
            <OfferItem key={one.id} position={one} register={register} />
          ))}
          {beside.length > 0 && (
            <fieldset className={styles.also}>
              <legend>{words('owner.also')}</legend>
              {beside.map((one) => (
                <label key={one.id}>
                  <Checkbox
                    size="small"
                    checked={also.includes(one.id)}
                    disabled={!also.includes(one.id) && also.length >= MOST_BESIDE}
                    onChange={({ target }) =>
                      setAlso(target.checked ? [...also, one.id] : also.filter((id) => id !== one.id))
                    }
                  />
                  {one.tag} · {shortName(one)}
                </label>
              ))}
            </fieldset>
          )}
          <div className={styles.row}>
            <TextField
              size="small"
              label={words('owner.taxOf')}
              value={tax}
              onChange={({ target }) => setTax(target.value)}
              sx={{ minWidth: 290 }}
            />
            <TextField
              size="small"
              label={words('owner.days')}
              value={days}
              onChange={({ target }) => setDays(target.value)}
            />
            <Button type="submit" variant="contained" disabled={isLoading}>
              {words('owner.make')}
            </Button>
          </div>
          {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
          {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
        </form>
      )}
      <PagesBefore positionId={position.id} />
    </div>
  );
}
