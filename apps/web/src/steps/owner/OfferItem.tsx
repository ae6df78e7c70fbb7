import type { LifeBasisView, ModelView, OwnerItemRequest, PositionView } from '@grevik/contracts';
import {
  budgetValve,
  columnsByType,
  currencyDecimals,
  hoursToChange,
  learnedIn,
  lineUp,
  modelWords,
  ownerPrice,
  ownerWords,
  priceEach,
  typeFound,
  valveFailure,
  wholeAmounts,
} from '@grevik/core';
import { Checkbox, TextField } from '@mui/material';
import { useEffect, useMemo, useState } from 'react';
import { Loading } from '../../kit/Notice';
import { PhotoLinks } from '../../kit/photo/PhotoLinks';
import { shortName } from '../../kit/position-name';
import { useLineFrame } from '../../shell/useLineFrame';
import { useLifeBasisQuery } from '../../store/budget-api';
import { translated, useWords } from '../../words';
import styles from './OwnerOffer.module.css';

/** Reads what stands in the form; a text where something is missing. */
export type ReadItem = () => OwnerItemRequest | string;

interface OfferItemProps {
  position: PositionView;
  /** @returns takes it back */
  register: (id: string, read: ReadItem) => () => void;
}

/** One valve on the page: texts to be read through, photos, options with hours and parts. */
export function OfferItem(props: OfferItemProps) {
  const { data: basis } = useLifeBasisQuery(props.position.id);
  return basis ? <Item {...props} basis={basis} /> : <Loading what={props.position.tag} />;
}

/** Types offered, and options at most. */
const OFFERED = 6;
const MOST_OPTIONS = 3;
const TEXTS = ['found', 'canHappen', 'ifNothing'] as const;

function Item({ position, register, basis }: OfferItemProps & { basis: LifeBasisView }) {
  const words = useWords();
  const { line, models, settings } = useLineFrame();
  const { id, tag, duty, photos } = position;
  const offered = useMemo(
    () =>
      modelsToOffer(
        lineUp(
          { ...duty, medium: line.medium },
          models.filter(({ retired }) => !retired),
          settings,
        ).columns,
        position.pick?.modelId,
      ),
    [duty, line.medium, models, settings, position.pick?.modelId],
  );
  const [texts, setTexts] = useState(() => wordsOf(position, line.medium, basis));
  const [shownPhotos, setPhotos] = useState<readonly string[]>(photos.slice(0, 2));
  const [chosen, setChosen] = useState<readonly string[]>(() => offered.slice(0, 2).map(({ id: of }) => of));
  const [hours, setHours] = useState(String(hoursToChange(duty.dn)));
  const [rate, setRate] = useState(String(basis.settings.hourlyRate));
  const [parts, setParts] = useState<Readonly<Record<string, string>>>({});
  const costsOf = (model: ModelView): Parameters<typeof ownerPrice>[0] | undefined => {
    const size = model.sizes.find(({ dn }) => dn === duty.dn);
    const ofParts = parts[model.id]?.trim() ?? '';
    const figures = { parts: Number(ofParts), hours: Number(hours), hourlyRate: Number(rate) };
    const isOdd = Object.values(figures).some((figure) => !(figure >= 0));
    return !size || ofParts === '' || isOdd ? undefined : { valve: priceEach(size, 1), ...figures };
  };
  useEffect(() =>
    register(id, () => {
      const options = chosen.flatMap((modelId) => {
        const model = offered.find((one) => one.id === modelId);
        const costs = model && costsOf(model);
        return costs
          ? [{ modelId, parts: costs.parts, hours: costs.hours, hourlyRate: costs.hourlyRate }]
          : [];
      });
      if (options.length === 0 || options.length < chosen.length)
        return `${tag}: ${words(offered.length === 0 ? 'owner.noOptions' : 'owner.partsMissing')}`;
      return { positionId: id, ...texts, photos: [...shownPhotos], options };
    }),
  );
  const say = wholeAmounts(basis.currency);
  return (
    <fieldset className={styles.item}>
      <legend>
        {tag} · {shortName(position)}
      </legend>
      {TEXTS.map((name) => (
        <TextField
          key={name}
          multiline
          label={words(`owner.${name}`)}
          value={texts[name]}
          onChange={({ target }) => setTexts({ ...texts, [name]: target.value })}
          slotProps={{ htmlInput: { maxLength: 1000 } }}
        />
      ))}
      <div>
        <b>{words('owner.photosOf')}</b>
        {photos.length === 0 && <p>{words('owner.noPhotos')}</p>}
        <div className={styles.photos}>
          {photos.map((photo, at) => (
            <label key={photo}>
              <PhotoLinks positionId={id} tag={tag} photos={[photo]} />
              <Checkbox
                size="small"
                checked={shownPhotos.includes(photo)}
                slotProps={{ input: { 'aria-label': words('walk.photoOf', { number: at + 1, tag }) } }}
                onChange={({ target }) =>
                  setPhotos(
                    target.checked ? [...shownPhotos, photo] : shownPhotos.filter((one) => one !== photo),
                  )
                }
              />
            </label>
          ))}
        </div>
      </div>
      <div>
        <b>{words('owner.optionsOf')}</b>
        {offered.length === 0 && <p>{words('owner.noOptions')}</p>}
        <div className={styles.row}>
          <TextField
            size="small"
            label={words('owner.hours')}
            value={hours}
            onChange={({ target }) => setHours(target.value)}
          />
          <TextField
            size="small"
            label={words('owner.rate', { currency: basis.currency })}
            value={rate}
            onChange={({ target }) => setRate(target.value)}
          />
        </div>
        <ul className={styles.options}>
          {offered.map((model) => {
            const isChosen = chosen.includes(model.id);
            const { name, from } = modelWords(model);
            const costs = costsOf(model);
            return (
              <li key={model.id}>
                <label>
                  <Checkbox
                    size="small"
                    checked={isChosen}
                    disabled={!isChosen && chosen.length >= MOST_OPTIONS}
                    onChange={({ target }) =>
                      setChosen(
                        target.checked ? [...chosen, model.id] : chosen.filter((one) => one !== model.id),
                      )
                    }
                  />
                  {translated(name)}, {from}
                </label>
                {isChosen && (
                  <TextField
                    size="small"
                    label={words('owner.parts', { currency: basis.currency })}
                    value={parts[model.id] ?? ''}
                    onChange={({ target }) => setParts({ ...parts, [model.id]: target.value })}
                    slotProps={{ htmlInput: { 'aria-label': words('owner.partsFor', { model: from }) } }}
                  />
                )}
                {isChosen && costs && (
                  <b>
                    {words('owner.whole', {
                      price: say(ownerPrice(costs, currencyDecimals(basis.currency)).whole),
                    })}
                  </b>
                )}
              </li>
            );
          })}
        </ul>
      </div>
    </fieldset>
  );
}

type Columns = ReturnType<typeof lineUp<ModelView>>['columns'];

/** The pick first, then the best of each type. */
function modelsToOffer(columns: Columns, pickedId: string | undefined): ModelView[] {
  const picked = columns.filter(({ model }) => model.id === pickedId).map(({ model }) => model);
  const best = columnsByType(columns).map(({ best: { model } }) => model);
  return [...picked, ...best.filter(({ id }) => id !== pickedId)].slice(0, OFFERED);
}

/** What an owner is told, as far as it is known. */
function wordsOf(
  { condition, duty }: PositionView,
  medium: ReturnType<typeof useLineFrame>['line']['medium'],
  { valve, settings, learned, currency, wets }: LifeBasisView,
): ReturnType<typeof ownerWords> {
  const figured = valve && budgetValve(valve, settings, learnedIn(learned));
  const known = figured && typeof figured === 'object' ? figured : undefined;
  return ownerWords({
    type: valve?.type ?? typeFound(condition) ?? (duty.function === 'non-return' ? 'check-swing' : 'ball'),
    medium,
    failure: valveFailure(condition, medium) ?? null,
    dry: valve?.dry ?? [],
    money: wholeAmounts(currency),
    ...(known && {
      life: known.life,
      costs: known.valve.failure,
      // An age that was only taken is nothing to tell an owner.
      ageYears: known.assumed.includes('age') ? undefined : known.ageYears,
    }),
    ...(wets !== null && { wets }),
  });
}
