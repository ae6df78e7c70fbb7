import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import {
  type Found,
  type HouseRuleSettings,
  type ValveType,
  HOLDING,
  LEAKING,
  STANDING,
  TURNING,
  VALVE_TYPES,
  VALVE_TYPE_FACTS,
  conditionAt,
  isQuarterTurn,
  readTag,
} from '@grevik/core';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { adviceAt } from '../../kit/found/advice-at';
import { WhatToLookAt } from '../../kit/outlook/WhatToLookAt';
import { TurnsField, turnsOf } from '../../kit/found/TurnsField';
import { useWriteEntry } from '../../store/useWriteEntry';
import { useMay } from '../../store/people-api';
import { newId } from '../../store/new-id';
import { translated, useWords } from '../../words';
import { AdviceList } from './AdviceList';
import { Choices } from './Choices';
import { NameFields } from './NameFields';
import { Photos } from './Photos';
import type { Walked } from '../../kit/isolation/useWalk';
import styles from './WhatIsHere.module.css';

const USUAL: readonly ValveType[] = ['ball', 'gate-solid', 'globe', 'compression-stop-angle', 'check-swing'];

interface WhatIsHereProps {
  line: LineView;
  walk: Walked;
  settings: HouseRuleSettings;
  models: readonly ModelView[];
  position: PositionView;
  next: () => void;
}

/** What stands at a position and how it is: written down by tapping, judged as it is entered. */
export function WhatIsHere({ line, walk, settings, models, position, next }: WhatIsHereProps) {
  const item = walk.items.find(({ positionId }) => positionId === position.id);
  const before = item ? conditionAt(item, position.condition) : position.condition;
  const [id, setId] = useState(() => newId());
  const [found, setFound] = useState<Found>({});
  const [text, setText] = useState('');
  const [turns, setTurns] = useState('');
  const { write, isWriting } = useWriteEntry(position);
  const [trouble, setTrouble] = useState<string>();
  const { enqueueSnackbar } = useSnackbar();
  const mayRecord = useMay('record');
  const figures = useFigures();
  const words = useWords();

  const now: Found = { ...before, ...found };
  const counted = turnsOf(turns);
  const set = (facts: Found): void => setFound({ ...found, ...facts });
  const advice = adviceAt(line, walk, position, settings, {
    ...before,
    ...found,
    ...(found.turning === 'freely' && { turnedAt: new Date().toISOString() }),
  });
  const isNew = Object.keys(found).length > 0 || counted !== undefined || text.trim() !== '';
  const type = now.type === 'nothing' ? undefined : now.type;

  const save = async (): Promise<void> => {
    const facts: Found = { ...found, ...(typeof counted === 'number' && { turns: counted }) };
    const saysFacts = Object.keys(facts).length > 0;
    const sent = await write({
      id,
      kind: saysFacts ? 'found' : 'note',
      text: text.trim(),
      ...(saysFacts && { found: facts }),
      happenedAt: new Date().toISOString(),
    });
    setTrouble(sent.kind === 'refused' ? sent.refusal : undefined);
    if (sent.kind === 'refused') return;
    enqueueSnackbar(words(sent.kind === 'waits' ? 'log.waits' : 'log.added', { tag: position.tag }));
    setId(newId());
    setFound({});
    setText('');
    setTurns('');
    next();
  };

  return (
    <section className={styles.here} aria-labelledby="here-title">
      <p className={styles.tag}>
        {position.tag} · {figures.size(position.duty.dn)}
        {before.at !== undefined && (
          <span>{words('walk.foundAt', { date: dateWords(before.at), by: before.by ?? '' })}</span>
        )}
      </p>
      <h2 id="here-title">{words('walk.here')}</h2>
      <AdviceList advice={advice} />
      <div className={styles.types}>
        <Choices
          label={words('walk.kind')}
          options={[...USUAL, 'nothing' as const]}
          chosen={now.type}
          say={(of) => (of === 'nothing' ? words('walk.nothing') : words(`walk.usual.${of as 'ball'}`))}
          choose={(of) => set({ type: of })}
        />
        <TextField
          select
          size="small"
          label={words('walk.other')}
          value={type !== undefined && !USUAL.includes(type) ? type : ''}
          onChange={({ target }) => set({ type: target.value as ValveType })}
        >
          {VALVE_TYPES.map((of) => (
            <MenuItem key={of} value={of}>
              {translated(VALVE_TYPE_FACTS[of].words)}
            </MenuItem>
          ))}
        </TextField>
      </div>
      <TextField
        size="small"
        fullWidth
        label={words('walk.marking')}
        value={found.marking ?? before.marking ?? ''}
        onChange={({ target }) => {
          const { marking: _marking, ...rest } = found;
          setFound(target.value.trim() === '' ? rest : { ...rest, marking: target.value });
        }}
        slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off' } }}
      />
      <TagReadingWords text={now.marking} type={type} dn={position.duty.dn} />
      <Choices
        label={words('walk.turning')}
        options={TURNING}
        chosen={now.turning}
        say={(of) => words(`found.turning.${of}`)}
        choose={(turning) => set({ turning })}
      />
      <Choices
        label={words('walk.holding')}
        options={HOLDING}
        chosen={now.holding}
        say={(of) => words(`found.holding.${of}`)}
        choose={(holding) => set({ holding })}
      />
      <Choices
        label={words('walk.leaking')}
        options={LEAKING.filter((of) => of !== 'somewhere')}
        chosen={now.leaking}
        say={(of) => words(`found.leaking.${of as 'no'}`)}
        choose={(leaking) => set({ leaking })}
      />
      <div className={styles.pair}>
        <Choices
          label={words('walk.handle')}
          options={['yes', 'no'] as const}
          chosen={now.handleShows === undefined ? undefined : now.handleShows ? 'yes' : 'no'}
          say={(of) => words(`log.${of}`)}
          choose={(of) => set({ handleShows: of === 'yes' })}
        />
        <Choices
          label={words('walk.standing')}
          options={STANDING}
          chosen={now.standing}
          say={(of) => words(`found.standing.${of}`)}
          choose={(standing) => set({ standing })}
        />
      </div>
      {(type === undefined || !isQuarterTurn(type)) && <TurnsField text={turns} change={setTurns} />}
      <TextField
        size="small"
        multiline
        fullWidth
        label={words('log.text')}
        value={text}
        onChange={({ target }) => setText(target.value)}
        slotProps={{ htmlInput: { maxLength: 2000 } }}
      />
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      {mayRecord && (
        <div className={styles.save}>
          <Button
            variant="contained"
            disabled={!isNew || isWriting || counted === 'wrong'}
            onClick={() => void save()}
          >
            {words(isWriting ? 'app.saving' : 'walk.saveNext')}
          </Button>
          <Button variant="outlined" onClick={next}>
            {words('walk.leave')}
          </Button>
        </div>
      )}
      <WhatToLookAt line={line} position={position} models={models} settings={settings} />
      <Photos position={position} />
      <NameFields key={`${position.id} ${position.version}`} position={position} lineId={line.id} />
    </section>
  );
}

/** What a casting settles, and what an order would still need. */
function TagReadingWords({
  text,
  type,
  dn,
}: {
  text: string | undefined;
  type: ValveType | undefined;
  dn: number;
}) {
  const words = useWords();
  if (text === undefined || text.trim() === '') return null;
  const { markings, open, unread } = readTag(text, { dn, ...(type && { type }) });
  return (
    <p className={styles.reading} aria-live="polite">
      {markings.map(({ meaning }) => translated(meaning)).join('; ')}
      {unread.length > 0 && ` ${words('walk.unread', { words: unread.join(' ') })}`}
      {open.length > 0 && (
        <b>
          {' '}
          {words('walk.stillOpen', {
            fields: open.map(({ field }) => words(`spec.${field as 'dn'}`)).join(', '),
          })}
        </b>
      )}
    </p>
  );
}
