import type { ModelView } from '@grevik/contracts';
import { NOMINAL_SIZES, STOP_KIND_FACTS, type StopKind, type Takeoff, modelWords } from '@grevik/core';
import { Checkbox } from '@mui/material';
import { Link } from 'react-router';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import { PartsToGoWithIt } from './PartsToGoWithIt';
import styles from './Takeoff.module.css';
import { Ways } from './Ways';
import type { TakeoffCase } from './useTakeoffCase';

/** A kind of stop as the job takes it: how many pieces, in which size, which models are compared. */
export interface GroupOfStops {
  kind: StopKind;
  dn: number;
  /** Models made for it in this size. */
  offered: readonly ModelView[];
  compared: readonly ModelView[];
  counted: Takeoff;
  fixtures: number;
}

interface StopGroupProps {
  group: GroupOfStops;
  jobId: string;
  of: TakeoffCase;
  currency: string;
  money: (amount: number) => string;
}

/** One kind of stop with its own models and size: what each way costs, and what goes along. */
export function StopGroup({
  group: { kind, dn, offered, compared, counted, fixtures },
  jobId,
  of,
  currency,
  money,
}: StopGroupProps) {
  const words = useWords();
  const figures = useFigures();
  const name = translated(STOP_KIND_FACTS[kind].words);
  const chosen = compared.map(({ id }) => id);
  return (
    <section className={styles.group} aria-label={name}>
      <header className={styles.ways}>
        <h2>{name}</h2>
        <span>{words('takeoff.pieces', { count: counted.quantity })}</span>
        <select
          className="no-print"
          aria-label={words('takeoff.sizeOf', { name })}
          value={dn}
          onChange={({ target }) => of.setDn(kind, Number(target.value))}
        >
          {NOMINAL_SIZES.map((size) => (
            <option key={size.dn} value={size.dn}>
              {figures.size(size.dn)}
            </option>
          ))}
        </select>
      </header>
      {offered.length === 0 && (
        <p role="status">
          {words('takeoff.noModels', { size: figures.size(dn) })}{' '}
          <Link className="no-print" to="/catalogue/new">
            {words('catalogue.new')}
          </Link>
        </p>
      )}
      <div
        className={`${styles.models} no-print`}
        role="group"
        aria-label={words('takeoff.choose', { name })}
      >
        {offered.map((model) => (
          <label key={model.id}>
            <Checkbox
              size="small"
              checked={chosen.includes(model.id)}
              onChange={() =>
                of.setModels(
                  kind,
                  chosen.includes(model.id) ? chosen.filter((id) => id !== model.id) : [...chosen, model.id],
                )
              }
            />
            {modelWords(model).from}, {translated(modelWords(model).name).toLowerCase()}
          </label>
        ))}
      </div>
      {counted.options.length > 0 && <Ways {...{ counted, compared, dn, fixtures, money }} />}
      {compared.map((model, at) => (
        <PartsToGoWithIt
          key={model.id}
          {...{ jobId, kind, model, of, currency, dn, quantity: counted.quantity }}
          unit={counted.options[at]?.unit ?? 0}
        />
      ))}
    </section>
  );
}
