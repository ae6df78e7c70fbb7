import { MenuItem, MenuList } from '@mui/material';
import { Term } from './Term';
import { type Choice, wordsOf } from './duty-words';

interface ChoiceTermProps<T> {
  name: string;
  choices: readonly Choice<T>[];
  value: T | undefined;
  /** Said where nothing is chosen yet. */
  unknown: string;
  from?: string | undefined;
  choose: (value: T) => void;
}

/** A word chosen from a list. */
export function ChoiceTerm<T extends string | number>({
  name,
  choices,
  value,
  unknown,
  from,
  choose,
}: ChoiceTermProps<T>) {
  const words = wordsOf(choices, value);
  return (
    <Term name={name} words={words ?? unknown} missing={words === undefined} from={from}>
      {(close) => (
        <MenuList autoFocusItem dense>
          {choices.map((choice) => (
            <MenuItem
              key={choice.value}
              selected={choice.value === value}
              onClick={() => {
                close();
                if (choice.value !== value) choose(choice.value);
              }}
            >
              {choice.words}
            </MenuItem>
          ))}
        </MenuList>
      )}
    </Term>
  );
}
