import { STOPS_PER_FIXTURE, type TakeoffFixture, fixtureSaid } from '@grevik/core';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useWords } from '../../words';
import { CountField } from './CountField';
import styles from './Takeoff.module.css';

const MOST_ROOMS = 10_000;

/** Fixtures typed by the room, so many rooms alike. */
export function Rooms({ add }: { add: (counts: Partial<Record<TakeoffFixture, number>>) => void }) {
  const words = useWords();
  const [text, setText] = useState('');
  const [times, setTimes] = useState(1);
  const [trouble, setTrouble] = useState<string>();
  const take = (): void => {
    const read = readRoom(text);
    if ('word' in read)
      return setTrouble(words('takeoff.notRead', { word: read.word, example: words('takeoff.roomsHint') }));
    add(Object.fromEntries(Object.entries(read.counts).map(([kind, count]) => [kind, count * times])));
    setText('');
    setTimes(1);
  };
  return (
    <div className={`${styles.rooms} no-print`} role="group" aria-label={words('takeoff.rooms')}>
      <label>
        {words('takeoff.rooms')}
        <input
          value={text}
          placeholder={words('takeoff.roomsHint')}
          aria-invalid={trouble !== undefined}
          onKeyDown={({ key }) => key === 'Enter' && text.trim() !== '' && take()}
          onChange={({ target }) => {
            setText(target.value);
            setTrouble(undefined);
          }}
        />
      </label>
      <span>×</span>
      <CountField label={words('takeoff.times')} value={times} most={MOST_ROOMS} set={setTimes} />
      <Button size="small" variant="outlined" disabled={text.trim() === ''} onClick={take}>
        {words('takeoff.addRooms')}
      </Button>
      {trouble !== undefined && <p role="alert">{trouble}</p>}
    </div>
  );
}

/** “basin, toilet, 2 showers” as counts; or the word that names nothing that takes stops. */
function readRoom(text: string): { counts: Partial<Record<TakeoffFixture, number>> } | { word: string } {
  const counts: Partial<Record<TakeoffFixture, number>> = {};
  for (const part of text.split(/[,;+]| and /).map((piece) => piece.trim())) {
    if (part === '') continue;
    const [, count = '1', name = ''] = /^(\d{1,4})?\s*[x×]?\s*(.+)$/i.exec(part) ?? [];
    const kind = fixtureSaid(name);
    if (!kind || !Object.hasOwn(STOPS_PER_FIXTURE, kind)) return { word: name || part };
    const counted = kind as TakeoffFixture;
    counts[counted] = (counts[counted] ?? 0) + Number(count);
  }
  return { counts };
}
