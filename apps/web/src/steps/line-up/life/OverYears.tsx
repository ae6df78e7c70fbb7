import { modelWords, wholeAmounts } from '@grevik/core';
import { Link } from 'react-router';
import { useWords } from '../../../words';
import { type CandidateOverYears, USUAL_YEARS } from './useCandidateCosts';

interface OverYearsProps {
  cost: CandidateOverYears | undefined;
  currency: string | undefined;
  /** The page that shows how it comes about. */
  at: string;
}

/** What a candidate costs over the years, with a way to how that comes about. */
export function OverYears({ cost, currency, at }: OverYearsProps) {
  const words = useWords();
  if (!cost || currency === undefined) return null;
  const said = { money: wholeAmounts(currency)(cost.over.presentCost), years: USUAL_YEARS };
  return (
    <div>
      <Link
        to={at}
        aria-label={words('life.overOf', { ...said, model: modelWords(cost.model).from })}
        title={words('life.overMore')}
      >
        {words('life.over', said)}
      </Link>
    </div>
  );
}
