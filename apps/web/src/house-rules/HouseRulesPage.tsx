import { type HouseRule, type HouseSides, HOUSE_RULES, houseSides } from '@grevik/core';
import { Alert, Radio } from '@mui/material';
import { useSnackbar } from 'notistack';
import { Failure, Loading } from '../kit/Notice';
import { useCompanyQuery } from '../store/api';
import { failureText } from '../store/failure';
import { useMay } from '../store/people-api';
import { useTakeSidesMutation } from '../store/walk-api';
import { useWords } from '../words';
import styles from './HouseRulesPage.module.css';

/** Where good people differ: every side in a sentence, and the one this company takes. */
export function HouseRulesPage() {
  const { data: company, error, isError, refetch } = useCompanyQuery();
  const [takeSides, taking] = useTakeSidesMutation();
  const mayTake = useMay('house-rules');
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!company) return <Loading what={words('houseRules.title')} />;
  const sides = houseSides(company.houseRules);
  const take = async (rule: HouseRule, side: string): Promise<void> => {
    const { data } = await takeSides({ ...company.houseRules, [rule]: side } as Partial<HouseSides>);
    if (data) enqueueSnackbar(words('houseRules.taken'));
  };
  return (
    <div className={styles.page}>
      <h1>{words('houseRules.title')}</h1>
      <p>{words(mayTake ? 'houseRules.body' : 'houseRules.bodyLook')}</p>
      {taking.error !== undefined && <Alert severity="error">{failureText(taking.error)}</Alert>}
      {(Object.keys(HOUSE_RULES) as HouseRule[]).map((rule) => {
        const { question, sides: all, standard } = HOUSE_RULES[rule];
        return (
          <fieldset key={rule} className={styles.rule} disabled={!mayTake || taking.isLoading}>
            <legend>{question}</legend>
            {Object.entries(all).map(([side, says]) => (
              <label key={side} data-taken={sides[rule] === side || undefined}>
                <Radio
                  size="small"
                  name={rule}
                  checked={sides[rule] === side}
                  disabled={!mayTake}
                  onChange={() => void take(rule, side)}
                />
                {says}
                {side === standard && <span> {words('houseRules.standard')}</span>}
              </label>
            ))}
          </fieldset>
        );
      })}
    </div>
  );
}
