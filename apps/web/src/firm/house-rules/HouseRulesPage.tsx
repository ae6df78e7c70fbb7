import { type HouseRule, type HouseRuleSettings, HOUSE_RULES, houseRuleSettings } from '@grevik/core';
import { Alert, Radio, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { useCompanyQuery, useJobNamesQuery, useJobQuery } from '../../store/api';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useTakeJobOptionsMutation, useTakeOptionsMutation } from '../../store/walk-api';
import { translated, useWords } from '../../words';
import { rulesOnJob } from '../../kit/company-rules';
import { CurrencyField } from './CurrencyField';
import styles from './HouseRulesPage.module.css';
import { OwnGatesSaid } from './OwnGatesSaid';
import { HoldRules } from './HoldRules';
import { WhatWouldChange } from './WhatWouldChange';

const FOLLOWS = 'company';

/** Where good people differ: every option in a sentence, the one the company takes, the one a job takes for itself, and what another would change. */
export function HouseRulesPage() {
  const company = useCompanyQuery();
  const jobs = useJobNamesQuery();
  const [query, setQuery] = useSearchParams();
  const [takeOptions, taking] = useTakeOptionsMutation();
  const [takeJobOptions, takingForJob] = useTakeJobOptionsMutation();
  const mayTake = useMay('house-rules');
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const chosen = jobs.data?.find(({ id }) => id === query.get('job'));
  const ofJob = useJobQuery(chosen?.id ?? '', { skip: chosen === undefined });
  const job = chosen && ofJob.data;
  const settings = useMemo(
    () => (company.data ? rulesOnJob(company.data, job) : houseRuleSettings()),
    [company.data, job],
  );
  const failed = [company, jobs, ofJob].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} retry={() => void failed.refetch()} />;
  if (!company.data || !jobs.data || (chosen && !job)) return <Loading what={words('houseRules.title')} />;
  const { data: whole } = company;
  const { houseRules: ofCompany, version: ofCompanyVersion } = whole;
  const own = job ? job.houseRules : ofCompany;
  const isBusy = taking.isLoading || takingForJob.isLoading;
  const error = taking.error ?? takingForJob.error;
  const take = async (rule: HouseRule, option: string): Promise<void> => {
    const { [rule]: _was, ...others } = own;
    const houseRules = (
      option === FOLLOWS ? others : { ...others, [rule]: option }
    ) as Partial<HouseRuleSettings>;
    const { data } = job
      ? await takeJobOptions({ jobId: job.id, version: job.version, houseRules })
      : await takeOptions({ version: ofCompanyVersion, houseRules });
    if (data) enqueueSnackbar(words('houseRules.taken'));
  };
  // What would change is counted on a job: the one chosen, else the first.
  const counted = job ?? jobs.data[0];
  return (
    <div className={styles.page}>
      <h1>{words('houseRules.title')}</h1>
      <p>{words(mayTake ? 'houseRules.body' : 'houseRules.bodyLook')}</p>
      <TextField
        select
        size="small"
        label={words('houseRules.for')}
        value={job?.id ?? ''}
        onChange={({ target }) => setQuery(target.value === '' ? {} : { job: target.value })}
        slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        sx={{ marginTop: 2, minWidth: 260 }}
      >
        <option value="">{words('houseRules.company')}</option>
        {jobs.data.map(({ id, name }) => (
          <option key={id} value={id}>
            {words('houseRules.job', { name })}
          </option>
        ))}
      </TextField>
      <CurrencyField currency={company.data.currency} version={ofCompanyVersion} />
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      {(Object.keys(HOUSE_RULES) as HouseRule[]).map((rule) => {
        const { question, options: all, default: usual } = HOUSE_RULES[rule];
        const isOwn = job !== undefined && rule in job.houseRules;
        const byCompany = rulesOnJob(whole, undefined)[rule];
        return (
          <div key={rule} className={styles.pair}>
            <fieldset className={styles.rule} disabled={!mayTake || isBusy}>
              <legend>{translated(question)}</legend>
              {rule === 'gate-life' && <OwnGatesSaid company={whole} />}
              {job && (
                <label data-taken={!isOwn || undefined}>
                  <Radio
                    size="small"
                    name={rule}
                    checked={!isOwn}
                    disabled={!mayTake}
                    onChange={() => void take(rule, FOLLOWS)}
                  />
                  {words('houseRules.asCompany', {
                    says: translated((all as Record<string, string>)[byCompany] ?? ''),
                  })}
                </label>
              )}
              {Object.entries(all).map(([option, says]) => {
                const isTaken = settings[rule] === option && (job === undefined || isOwn);
                return (
                  <label key={option} data-taken={isTaken || undefined}>
                    <Radio
                      size="small"
                      name={rule}
                      checked={isTaken}
                      disabled={!mayTake}
                      onChange={() => void take(rule, option)}
                    />
                    {translated(says)}
                    {option === usual && <span> {words('houseRules.standard')}</span>}
                  </label>
                );
              })}
            </fieldset>
            {counted && <WhatWouldChange key={counted.id} job={counted} rule={rule} settings={settings} />}
          </div>
        );
      })}
      {!job && <HoldRules company={company.data} />}
    </div>
  );
}
