import type { LineView } from '@grevik/contracts';
import {
  LINE_FACTS,
  LINE_ONLY_FACTS,
  type LineFacts as Facts,
  MEDIUM_FACTS,
  SOLIDS,
  STEAM_RETURNS,
  THREADS,
} from '@grevik/core';
import { Button, Popover } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { ChoiceTerm } from '../kit/duty/ChoiceTerm';
import { factChoices } from '../kit/duty/more-facts';
import { Fixed, Term } from '../kit/duty/Term';
import { YesNoTerm } from '../kit/duty/YesNoTerm';
import { QuantityField } from '../kit/QuantityField';
import { useFigures } from '../kit/useFigures';
import { failureText } from '../store/failure';
import { useMay } from '../store/people-api';
import { useChangeLineFactsMutation } from '../store/walk-api';
import { useWords } from '../words';
import styles from './LineFacts.module.css';

const QUANTITY = { pressurePa: 'pressure', temperatureC: 'temperature', surgeLimitPa: 'pressure' } as const;
const CHOICES = {
  solids: () => factChoices(SOLIDS),
  threads: () => factChoices(THREADS),
  steamReturn: () => factChoices(STEAM_RETURNS),
};

type Fact = keyof Facts;
const isQuantity = (fact: Fact): fact is keyof typeof QUANTITY => fact in QUANTITY;
const isChoice = (fact: Fact): fact is keyof typeof CHOICES => fact in CHOICES;

/** What holds for a whole line: seen and changed behind one button. */
export function LineFacts({ line }: { line: LineView }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [change] = useChangeLineFactsMutation();
  const { enqueueSnackbar } = useSnackbar();
  const figures = useFigures();
  const words = useWords();
  const mayChange = useMay('change-duty');
  const { facts } = line;
  const isSteamLine = MEDIUM_FACTS[line.medium].family === 'steam';
  const asked: readonly Fact[] = [
    ...LINE_FACTS,
    ...LINE_ONLY_FACTS.filter((fact) => fact !== 'steamReturn' || isSteamLine),
  ];

  const save = async (to: Facts): Promise<string | undefined> => {
    try {
      await change({ lineId: line.id, version: line.factsVersion, facts: to }).unwrap();
      enqueueSnackbar(words('lineFacts.changed', { line: line.name }));
      return undefined;
    } catch (error) {
      return failureText(error);
    }
  };
  const choose = (fact: Fact, value: unknown): void =>
    void save({ ...facts, [fact]: value }).then(
      (refused) => refused !== undefined && enqueueSnackbar(refused, { variant: 'error' }),
    );

  const term = (fact: Fact) => {
    const name = words(`lineFacts.${fact}`);
    const unknown = words('factValues.unknown');
    if (isQuantity(fact)) {
      const value = facts[fact];
      const shown = value === undefined ? '' : figures.quantity(value, QUANTITY[fact]);
      return (
        <Term name={name} words={shown === '' ? unknown : shown} missing={shown === ''}>
          {(close) => (
            <QuantityField
              label={name}
              quantity={QUANTITY[fact]}
              shown={shown}
              optional
              save={(to) => save({ ...facts, [fact]: to })}
              close={close}
            />
          )}
        </Term>
      );
    }
    if (isChoice(fact))
      return (
        <ChoiceTerm
          name={name}
          choices={CHOICES[fact]()}
          value={facts[fact]}
          unknown={unknown}
          choose={(to) => choose(fact, to)}
        />
      );
    return <YesNoTerm name={name} value={facts[fact]} choose={(to) => choose(fact, to)} />;
  };

  return (
    <>
      <Button
        size="small"
        sx={{ paddingInline: 0, minWidth: 0 }}
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="dialog"
      >
        {words('lineFacts.button')}
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{
          paper: { role: 'dialog', 'aria-label': words('lineFacts.title', { line: line.name }) },
        }}
      >
        <Fixed value={!mayChange}>
          <div className={styles.facts}>
            <h3>{words('lineFacts.title', { line: line.name })}</h3>
            <p>{words('lineFacts.body')}</p>
            <dl>
              {asked.map((fact) => (
                <div key={fact}>
                  <dt>{words(`lineFacts.${fact}`)}</dt>
                  <dd>{term(fact)}</dd>
                </div>
              ))}
            </dl>
          </div>
        </Fixed>
      </Popover>
    </>
  );
}
