import type { ModelView } from '@grevik/contracts';
import {
  APPROVALS,
  BODY_MATERIALS,
  BODY_WORDS,
  type CatalogueModel,
  ENDS,
  END_WORDS,
  InvalidInput,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  SEAT_WORDS,
  STEMS,
  VALVE_TYPES,
  VALVE_TYPE_FACTS,
  type ValveType,
  modelFromTag,
  modelWords,
} from '@grevik/core';
import { Alert, Button, Checkbox, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { Fragment, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { useFigures } from '../../kit/useFigures';
import { useCatalogueQuery, useCompanyQuery } from '../../store/api';
import {
  useAddModelMutation,
  useChangeModelMutation,
  useRetireModelMutation,
} from '../../store/catalogue-api';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { CatalogueTabs } from './CatalogueTabs';
import { type ModelTyped, OF_TYPES, modelFrom, typedModel } from './model-form';
import styles from './ModelPage.module.css';
import { SizesTable } from './SizesTable';
import { RATING_CHOICES, ratingWords } from '../../kit/rating-choices';
import { TypeStory } from './TypeStory';

/** One model of the catalogue: what it is, in what sizes and prices, and its type from the inside. */
export function ModelPage() {
  const { modelId } = useParams();
  const [query] = useSearchParams();
  const { data: models, error, isError, refetch } = useCatalogueQuery();
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!models) return <Loading what={words('catalogue.title')} />;
  if (modelId === undefined) {
    const { model, dn } = modelFromTag(query.get('tag') ?? '');
    const started = { ...model, ...(dn !== undefined && { sizes: [{ dn }] }) } as Partial<CatalogueModel>;
    return <ModelForm was={started} held={undefined} />;
  }
  const held = models.find(({ id }) => id === modelId);
  if (!held)
    return (
      <Notice
        title={words('catalogue.gone')}
        action={<Link to="/catalogue">{words('catalogue.title')}</Link>}
      />
    );
  const { id: _id, version: _version, retired: _retired, ...was } = held;
  return <ModelForm key={`${held.id} ${held.version}`} was={was} held={held} />;
}

function ModelForm({ was, held }: { was: Partial<CatalogueModel>; held: ModelView | undefined }) {
  const figures = useFigures();
  const words = useWords();
  const form = useForm<ModelTyped>({ defaultValues: typedModel(was, figures) });
  const [trouble, setTrouble] = useState<string>();
  const [add, adding] = useAddModelMutation();
  const [change, changing] = useChangeModelMutation();
  const [retire, retiring] = useRetireModelMutation();
  const { data: company } = useCompanyQuery();
  const mayChange = useMay('catalogue');
  const { enqueueSnackbar } = useSnackbar();
  const navigate = useNavigate();
  const type = useWatch({ control: form.control, name: 'type' });
  const approvals = useWatch({ control: form.control, name: 'approvals' });
  const isBusy = adding.isLoading || changing.isLoading || retiring.isLoading;
  const failure = adding.error ?? changing.error ?? retiring.error;

  const save = async (typed: ModelTyped): Promise<void> => {
    setTrouble(undefined);
    let model: CatalogueModel;
    try {
      model = modelFrom(typed, was, figures);
    } catch (refused) {
      if (!(refused instanceof InvalidInput)) throw refused;
      return setTrouble(refused.message);
    }
    const { data } = held
      ? await change({ id: held.id, version: held.version, model })
      : await add({ model });
    if (!data) return;
    enqueueSnackbar(words('catalogue.saved', { model: modelWords(data).from }));
    void navigate(`/catalogue/models/${data.id}`, { replace: true });
  };
  const setRetired = async (retired: boolean): Promise<void> => {
    if (!held) return;
    const { data } = await retire({ id: held.id, version: held.version, retired });
    if (data)
      enqueueSnackbar(
        words(retired ? 'catalogue.nowRetired' : 'catalogue.back', { model: modelWords(data).from }),
      );
  };
  const choice = (name: keyof ModelTyped, options: readonly (readonly [string, string])[]) => (
    <TextField
      select
      size="small"
      label={words(`catalogue.field.${name}` as 'catalogue.field.type')}
      defaultValue={form.getValues(name)}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
      {...form.register(name)}
    >
      <option value="">{words('catalogue.unknown')}</option>
      {options.map(([value, said]) => (
        <option key={value} value={value}>
          {said}
        </option>
      ))}
    </TextField>
  );
  const field = (name: keyof ModelTyped, more: object = {}) => (
    <TextField
      size="small"
      label={words(`catalogue.field.${name}` as 'catalogue.field.type')}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { autoComplete: 'off' } }}
      {...more}
      {...form.register(name)}
    />
  );
  const plain = (ids: readonly string[]) =>
    ids.map((id) => [id, translated(id.replaceAll('-', ' '))] as const);
  const materials = SEAT_MATERIALS.map((of) => [of, translated(SEAT_WORDS[of])] as const);
  const ends = ENDS.map((end) => [end, translated(END_WORDS[end])] as const);
  const yesNo = [
    ['yes', words('catalogue.yes')],
    ['no', words('catalogue.no')],
  ] as const;
  return (
    <div className={styles.page}>
      <CatalogueTabs />
      <form noValidate onSubmit={(event) => void form.handleSubmit(save)(event)}>
        <header className={styles.head}>
          <h1>{held ? modelWords(held).from : words('catalogue.new')}</h1>
          {held?.retired && <span>{words('catalogue.retired')}</span>}
          {mayChange && (
            <>
              {held && (
                <Button disabled={isBusy} onClick={() => void setRetired(!held.retired)}>
                  {words(held.retired ? 'catalogue.takeBack' : 'catalogue.retire')}
                </Button>
              )}
              <Button type="submit" variant="contained" disabled={isBusy}>
                {words(isBusy ? 'app.saving' : 'catalogue.save')}
              </Button>
            </>
          )}
        </header>
        {(trouble !== undefined || failure !== undefined) && (
          <Alert severity="error">{trouble ?? failureText(failure)}</Alert>
        )}
        <fieldset className={styles.fields} disabled={!mayChange}>
          <legend>{words('catalogue.whatItIs')}</legend>
          {field('maker', { required: true })}
          {field('model', { required: true })}
          {choice(
            'type',
            VALVE_TYPES.map((of) => [of, translated(VALVE_TYPE_FACTS[of].words)] as const),
          )}
          {choice('port', plain(PORTS))}
          {choice('pieces', plain(['1', '2', '3']))}
          {choice(
            'bodyMaterial',
            BODY_MATERIALS.map((of) => [of, translated(BODY_WORDS[of])] as const),
          )}
          {choice('seatMaterial', materials)}
          {choice('discMaterial', materials)}
          {choice('stem', plain(STEMS))}
          {choice('plasticStem', yesNo)}
          {choice('operator', plain(OPERATORS))}
          {choice('inlet', ends)}
          {choice('outlet', ends)}
          {choice(
            'ratingId',
            RATING_CHOICES.map((id) => [id, ratingWords(id, figures, words)] as const),
          )}
          {field('points', { placeholder: '70 °F: 600 psi; 250 °F: 400 psi' })}
          {choice('listedIndicating', yesNo)}
          {choice('listedJoint', yesNo)}
          {field('closeTimeS')}
          {OF_TYPES.filter(({ of }) => of(type)).map(({ field: name, choices }) =>
            choices ? (
              <Fragment key={name}>
                {choice(
                  name,
                  choices.map((id) => [id, words(`catalogue.${id}`)] as const),
                )}
              </Fragment>
            ) : (
              <Fragment key={name}>{field(name)}</Fragment>
            ),
          )}
          {field('lifeLow')}
          {field('lifeHigh')}
          {field('standard')}
          <div className={styles.approvals} role="group" aria-label={words('catalogue.approvals')}>
            {words('catalogue.approvals')}
            {APPROVALS.map((approval) => (
              <label key={approval}>
                <Checkbox
                  size="small"
                  checked={approvals.includes(approval)}
                  onChange={({ target }) =>
                    form.setValue(
                      'approvals',
                      target.checked ? [...approvals, approval] : approvals.filter((of) => of !== approval),
                      { shouldDirty: true },
                    )
                  }
                />
                {translated(approval)}
              </label>
            ))}
          </div>
        </fieldset>
        <SizesTable form={form} currency={company?.currency ?? ''} disabled={!mayChange} />
        <fieldset className={styles.spares} disabled={!mayChange}>
          <legend>{words('catalogue.spares')}</legend>
          {field('spares', {
            multiline: true,
            minRows: 2,
            fullWidth: true,
            placeholder: 'Seat kit: 4.50: 10',
          })}
        </fieldset>
      </form>
      {(VALVE_TYPES as readonly string[]).includes(type) && (
        <section className={styles.story}>
          <h2>{translated(VALVE_TYPE_FACTS[type as ValveType].words)}</h2>
          <TypeStory key={type} type={type as ValveType} />
        </section>
      )}
    </div>
  );
}
