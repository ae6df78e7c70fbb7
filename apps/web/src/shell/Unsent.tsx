import { Button, TextField } from '@mui/material';
import { useEffect, useState } from 'react';
import { useDispatch } from 'react-redux';
import { timeWords } from '../kit/when';
import { WRITTEN_TAGS, api } from '../store/api';
import { useSessionQuery } from '../store/people-api';
import { useWords } from '../words';
import styles from './Shell.module.css';
import { useUnsent } from '../store/useUnsent';

const AGAIN_MS = 15_000;
/** What is stored sooner is not shown: the page would jump for nothing. */
const SHOWN_AFTER_MS = 600;

/** Says what waits on this device to be sent, sends it once there is a network, and shows what the server did not take. */
export function Unsent() {
  const unsent = useUnsent();
  const ownerId = useSessionQuery().data?.session?.person.id;
  const dispatch = useDispatch();
  const words = useWords();
  const [isOpen, setOpen] = useState(false);
  const waits = unsent.filter(({ refusal }) => refusal === undefined).length;
  useEffect(() => {
    if (waits === 0 || ownerId === undefined) return undefined;
    const sendNow = async (): Promise<void> => {
      const { sendAll } = await import('../store/outbox');
      if ((await sendAll(ownerId)) > 0) dispatch(api.util.invalidateTags([...WRITTEN_TAGS]));
    };
    const timer = setInterval(() => void sendNow(), AGAIN_MS);
    const online = (): void => void sendNow();
    window.addEventListener('online', online);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', online);
    };
  }, [waits, ownerId, dispatch]);
  const isThere = unsent.length > 0;
  const [isShown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(isThere), isThere ? SHOWN_AFTER_MS : 0);
    return () => clearTimeout(timer);
  }, [isThere]);
  if (!isThere || !isShown) return null;
  const drop = async (place: number | undefined): Promise<void> => {
    const { dropUnsent } = await import('../store/outbox');
    await dropUnsent(place ?? 0);
  };
  const mend = async (place: number | undefined, body: object): Promise<void> => {
    const { mendUnsent, sendAll } = await import('../store/outbox');
    await mendUnsent(place ?? 0, body);
    if (ownerId !== undefined && (await sendAll(ownerId)) > 0)
      dispatch(api.util.invalidateTags([...WRITTEN_TAGS]));
  };
  const refused = unsent.length - waits;
  return (
    <section className={`${styles.unsent} no-print`} aria-label={words('unsent.title')} aria-live="polite">
      <p>
        {waits > 0 && words('unsent.waits', { count: waits })}{' '}
        {refused > 0 && <b>{words('unsent.refused', { count: refused })}</b>}{' '}
        <Button size="small" color="inherit" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {words(isOpen ? 'unsent.hide' : 'unsent.show')}
        </Button>
      </p>
      {isOpen && (
        <ul>
          {unsent.map(({ place, title, body, enteredAt, refusal }) => (
            <li key={place}>
              {title} · {timeWords(enteredAt)}
              {refusal !== undefined && (
                <>
                  : {refusal}{' '}
                  {!(body instanceof Blob) && (
                    <Mend body={body} send={(mended) => void mend(place, mended)} />
                  )}
                  <Button size="small" color="inherit" onClick={() => void drop(place)}>
                    {words('unsent.drop')}
                  </Button>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What was refused, sent again: with another text where it has one, and not in the future. */
function Mend({ body, send }: { body: object; send: (body: object) => void }) {
  const words = useWords();
  const given = body as { text?: string; happenedAt?: string };
  const [text, setText] = useState(given.text);
  const mended = (): object => {
    const now = new Date().toISOString();
    const isAhead = given.happenedAt !== undefined && given.happenedAt > now;
    return { ...body, ...(text !== undefined && { text }), ...(isAhead && { happenedAt: now }) };
  };
  return (
    <>
      {text !== undefined && (
        <TextField
          size="small"
          label={words('unsent.text')}
          value={text}
          onChange={({ target }) => setText(target.value)}
          slotProps={{ htmlInput: { maxLength: 2000 } }}
        />
      )}
      <Button size="small" color="inherit" onClick={() => send(mended())}>
        {words('unsent.again')}
      </Button>
    </>
  );
}
