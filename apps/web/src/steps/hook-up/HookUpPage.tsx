import {
  MEDIUM_FACTS,
  PLACE_LIMITS,
  PLACE_LIMIT_IDS,
  type PlaceLimit,
  modelWords,
  partWords,
  placeLimitsOf,
} from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { Link } from 'react-router';
import { Notice } from '../../kit/Notice';
import { StepHead } from '../../kit/StepHead';
import { VerdictMark } from '../../kit/VerdictMark';
import { useFigures } from '../../kit/useFigures';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { AccessoryChoice } from './AccessoryChoice';
import { ChangeSection } from './ChangeSection';
import { LengthField } from './LengthField';
import { ExplodedRow } from './ExplodedRow';
import { FacingList } from './FacingList';
import styles from './HookUp.module.css';
import { OptionsForSide } from './OptionsForSide';
import { useHookUp } from '../../shell/useHookUp';

/** How the picked valve joins its pipe: ways on each side, the parts in a row, the kit, and what faces where. */
export function HookUpPage() {
  const { line, position, duty, picked, valve, joined, choices, settle, settleFact, settings, isSaving } =
    useHookUp();
  const figures = useFigures();
  const may = useMay('pick');
  const words = useWords();
  const { tag } = position;
  const stepTo = (step: string): string =>
    `/jobs/${line.jobId}/lines/${line.id}/${step}/${encodeURIComponent(tag)}`;
  if (!picked || !joined)
    return (
      <Notice
        title={words('hookUp.noPick', { tag })}
        action={
          <Button variant="contained" component={Link} to={stepTo('line-up')}>
            {words('hookUp.toLineUp')}
          </Button>
        }
      >
        <p>{words(picked ? 'hookUp.gone' : 'hookUp.noPickBody')}</p>
      </Notice>
    );
  const fixed = placeLimitsOf(duty);
  const limits = choices.limits ?? [];
  const toggle = (limit: PlaceLimit): void =>
    void settleFact({
      limits: limits.includes(limit) ? limits.filter((one) => one !== limit) : [...limits, limit],
    });
  return (
    <div className={styles.page}>
      <StepHead position={position} title={words('hookUp.title')} also={modelWords(picked.model).from}>
        <div className={styles.acts}>
          <VerdictMark verdict={joined.verdict} />
          <Button size="small" variant="outlined" component={Link} to={stepTo('install')}>
            {words('hookUp.card')}
          </Button>
          <Button size="small" variant="contained" component={Link} to={stepTo('order')}>
            {words('hookUp.order')}
          </Button>
        </div>
      </StepHead>
      <ExplodedRow joined={joined} model={picked.model} />
      {joined.reasons.length > 0 && (
        <ul className={styles.reasons}>
          {joined.reasons.map(({ rule, verdict, text }) => (
            <li key={rule}>
              {(verdict === 'out' || verdict === 'care') && <VerdictMark verdict={verdict} />}{' '}
              {translated(text)}
            </li>
          ))}
        </ul>
      )}
      <div className={styles.work}>
        {joined.sides.map((side) => (
          <OptionsForSide
            key={side.side}
            side={side}
            mayChange={may && !isSaving}
            setPipe={(pipe) => void settleFact({ pipes: { ...choices.pipes, [side.side]: pipe } })}
            setWay={(way) => void settleFact({ ways: { ...choices.ways, [side.side]: way } })}
          />
        ))}
        <section className={styles.limits} aria-label={words('hookUp.limits')}>
          <h2>{words('hookUp.limits')}</h2>
          {PLACE_LIMIT_IDS.map((limit) => (
            <label key={limit} className={styles.limit}>
              <Checkbox
                size="small"
                checked={fixed.includes(limit) || limits.includes(limit)}
                disabled={!may || isSaving || fixed.includes(limit)}
                onChange={() => toggle(limit)}
              />
              {translated(PLACE_LIMITS[limit])}
              {fixed.includes(limit) && <span> ({words('hookUp.fromDuty')})</span>}
            </label>
          ))}
          <label className={styles.limit}>
            <Checkbox
              size="small"
              checked={choices.metricTube ?? line.facts.metricTube ?? false}
              disabled={!may || isSaving}
              onChange={({ target: { checked } }) =>
                void settleFact({
                  metricTube: checked === (line.facts.metricTube ?? false) ? undefined : checked,
                })
              }
            />
            {words('hookUp.metricTube')}
          </label>
          {duty.place === 'buried' && (
            <LengthField
              label={words('hookUp.cover')}
              lengthM={choices.coverM}
              set={(coverM) => settleFact({ coverM })}
            />
          )}
          {may && Object.keys(choices).length > 0 && (
            <Button size="small" disabled={isSaving} onClick={() => void settle({})}>
              {words('hookUp.back')}
            </Button>
          )}
        </section>
        <section aria-label={words('hookUp.facing')}>
          <h2>{words('hookUp.facing')}</h2>
          <FacingList facing={joined.facing} />
        </section>
        {joined.change && (
          <ChangeSection
            change={joined.change}
            choices={choices}
            line={line}
            position={position}
            settings={settings}
            mayChange={may && !isSaving}
            settleFact={settleFact}
          />
        )}
        {valve && (
          <AccessoryChoice
            duty={duty}
            valve={valve}
            chosen={choices.accessories ?? []}
            mayChange={may && !isSaving}
            set={(accessories) =>
              void settleFact({ accessories: accessories.length > 0 ? accessories : undefined })
            }
          />
        )}
      </div>
      <section aria-label={words('hookUp.kit')}>
        <h2>{words('hookUp.kit')}</h2>
        <ol className={styles.kit}>
          {joined.kit.map((part) => {
            const said = translated(partWords(part, figures.system));
            return (
              <li key={said}>
                <b>{part.count ?? words('hookUp.asNeeded')}</b> {said}
              </li>
            );
          })}
        </ol>
      </section>
      <p className={styles.caution}>
        {translated(MEDIUM_FACTS[line.medium].caution)} {words('hookUp.caution')}
      </p>
    </div>
  );
}
