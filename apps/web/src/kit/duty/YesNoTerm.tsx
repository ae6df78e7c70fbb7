import { useWords } from '../../words';
import { ChoiceTerm } from './ChoiceTerm';
import { yesOrNo } from './more-facts';

interface YesNoTermProps {
  name: string;
  value: boolean | undefined;
  from?: string | undefined;
  choose: (value: boolean) => void;
}

/** A fact that holds or does not, or is not known. */
export function YesNoTerm({ value, choose, ...term }: YesNoTermProps) {
  const words = useWords();
  return (
    <ChoiceTerm
      {...term}
      choices={yesOrNo()}
      value={value === undefined ? undefined : value ? 'yes' : 'no'}
      unknown={words('factValues.unknown')}
      choose={(to) => choose(to === 'yes')}
    />
  );
}
