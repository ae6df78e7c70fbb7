import type { ModelView } from '@grevik/contracts';
import { VALVE_TYPE_FACTS, coinAmounts, modelWords } from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { Failure, Loading } from '../../kit/Notice';
import { usePages } from '../../kit/pages/usePages';
import { useFigures } from '../../kit/useFigures';
import { useCatalogueQuery, useCompanyQuery } from '../../store/api';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { ImportModels } from './ImportModels';
import styles from './CataloguePage.module.css';
import { CatalogueTabs } from './CatalogueTabs';
import { FromTag } from './FromTag';

/** What the company chooses from, model by model. */
export function CataloguePage() {
  const { data: models, error, isError, refetch } = useCatalogueQuery();
  const { data: company } = useCompanyQuery();
  const [sought, setSought] = useState('');
  const [showsRetired, setShowsRetired] = useState(false);
  const [open, setOpen] = useState<'list' | 'tag'>();
  const mayChange = useMay('catalogue');
  const navigate = useNavigate();
  const words = useWords();
  useEffect(() => {
    document.title = `${words('catalogue.title')} · Grevik`;
  }, [words]);
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!models || !company) return <Loading what={words('catalogue.title')} />;
  const wanted = sought.trim().toLowerCase();
  const found = models.filter((model) => {
    const { name, details, from } = modelWords(model);
    const said = `${from} ${name} ${translated(name)} ${details} ${translated(details)} ${VALVE_TYPE_FACTS[model.type].family} ${model.approvals?.join(' ') ?? ''}`;
    return (showsRetired || !model.retired) && said.toLowerCase().includes(wanted);
  });
  const retired = models.filter((model) => model.retired).length;
  const money = coinAmounts(company.currency);
  return (
    <div className={styles.page}>
      <CatalogueTabs />
      <header className={styles.head}>
        <h1>{words('catalogue.title')}</h1>
        <span>{words('catalogue.count', { count: models.length - retired })}</span>
        {mayChange && (
          <>
            <Button variant="contained" component={Link} to="/catalogue/new">
              {words('catalogue.new')}
            </Button>
            <Button variant="outlined" onClick={() => setOpen('tag')}>
              {words('catalogue.fromTag')}
            </Button>
            <Button variant="outlined" onClick={() => setOpen('list')}>
              {words('catalogue.bring')}
            </Button>
          </>
        )}
        <Button href="/api/catalogue/catalogue.csv">CSV</Button>
        <Button href="/api/catalogue/catalogue.json">JSON</Button>
      </header>
      <div className={styles.find}>
        <input
          type="search"
          value={sought}
          placeholder={words('catalogue.find')}
          aria-label={words('catalogue.find')}
          onChange={({ target }) => setSought(target.value)}
        />
        {retired > 0 && (
          <label>
            <Checkbox
              size="small"
              checked={showsRetired}
              onChange={({ target }) => setShowsRetired(target.checked)}
            />
            {words('catalogue.showRetired', { count: retired })}
          </label>
        )}
      </div>
      {found.length === 0 ? (
        <p className={styles.none}>
          {words(models.length === 0 ? 'catalogue.empty' : 'catalogue.noneFound')}
        </p>
      ) : (
        <Models models={found} money={money} />
      )}
      {open === 'list' && <ImportModels close={() => setOpen(undefined)} />}
      {open === 'tag' && (
        <FromTag
          close={() => setOpen(undefined)}
          start={(text) => void navigate(`/catalogue/new?tag=${encodeURIComponent(text)}`)}
        />
      )}
    </div>
  );
}

interface ModelsProps {
  models: readonly ModelView[];
  money: (amount: number) => string;
}

function Models({ models, money }: ModelsProps) {
  const words = useWords();
  const { shown, more } = usePages(models);
  return (
    <>
      <table className={styles.models}>
        <thead>
          <tr>
            <th aria-label={words('lineUp.inside')} />
            <th>{words('catalogue.model')}</th>
            <th>{words('catalogue.what')}</th>
            <th>{words('catalogue.sizes')}</th>
            <th>{words('catalogue.approvals')}</th>
            <th>{words('catalogue.life')}</th>
            <th>{words('catalogue.price')}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((model) => (
            <Row key={model.id} model={model} money={money} />
          ))}
        </tbody>
      </table>
      {more}
    </>
  );
}

function Row({ model, money }: { model: ModelView; money: (amount: number) => string }) {
  const figures = useFigures();
  const words = useWords();
  const { name, details, from } = modelWords(model);
  const [first] = model.sizes;
  const last = model.sizes.at(-1);
  if (!first || !last) return null;
  const range = (one: string, other: string): string => (one === other ? one : `${one} – ${other}`);
  const [low, high] = model.lifeYears ?? [];
  const prices = model.sizes.map(({ price }) => price);
  return (
    <tr data-retired={model.retired || undefined}>
      <td className={styles.cut}>
        <Cutaway model={model} opening={0.7} />
      </td>
      <th scope="row">
        <Link to={`/catalogue/models/${model.id}`}>{from}</Link>
        {model.retired && <span> {words('catalogue.retired')}</span>}
      </th>
      <td>
        {translated(name)}
        <small>{translated(details)}</small>
      </td>
      <td>{range(figures.size(first.dn), figures.size(last.dn))}</td>
      <td>
        {model.approvals === undefined
          ? words('catalogue.unknown')
          : translated(model.approvals.join(', ')) || '–'}
      </td>
      <td>{low === undefined || high === undefined ? '–' : words('lineUp.years', { low, high })}</td>
      <td>{range(money(Math.min(...prices)), money(Math.max(...prices)))}</td>
    </tr>
  );
}
