import { MOST_ORDER_LINES } from '@grevik/contracts';
import { useEffect, useRef, useState } from 'react';
import { useAddOrderLinesMutation, useRemoveOrderLinesMutation } from '../../store/orders-api';
import { failureText } from '../../store/failure';
import type { ListRead } from './list-lines';
import { type ListReader, listReader } from './list-reader';

/** Lines read between two looks at whether it goes on. */
const PART = 200;

export type ListImport =
  | { at: 'idle' }
  | { at: 'reading'; done: number; all: number }
  | { at: 'read'; read: ListRead }
  | { at: 'adding'; count: number }
  | { at: 'added'; count: number }
  /** With what was read, where it can be sent again as it is. */
  | { at: 'trouble'; message: string; tooMany?: number; read?: ListRead };

/** A long list onto a job's order: read part by part beside the screen, added at once; cancelled at any time, and then nothing of it is there. */
export function useListImport(jobId: string) {
  const [state, setState] = useState<ListImport>({ at: 'idle' });
  const [add] = useAddOrderLinesMutation();
  const [remove] = useRemoveOrderLinesMutation();
  const reader = useRef<ListReader>(undefined);
  /** Goes up with every start and cancel: an answer for an earlier one is let fall. */
  const run = useRef(0);
  useEffect(() => {
    // Ready before the list is.
    reader.current ??= listReader();
    return () => {
      reader.current?.letGo();
      reader.current = undefined;
    };
  }, []);

  const read = async (text: string): Promise<void> => {
    const mine = ++run.current;
    const lines = text.split(/\r\n|\r|\n/);
    reader.current ??= listReader();
    const whole: ListRead = { lines: [], open: 0, passed: 0 };
    for (let done = 0; done < lines.length; done += PART) {
      setState({ at: 'reading', done, all: lines.length });
      const part = await reader.current.read(lines.slice(done, done + PART).join('\n'));
      if (mine !== run.current) return;
      whole.lines.push(...part.lines);
      whole.open += part.open;
      whole.passed += part.passed;
    }
    setState(
      whole.lines.length > MOST_ORDER_LINES
        ? { at: 'trouble', message: '', tooMany: whole.lines.length }
        : { at: 'read', read: whole },
    );
  };
  const put = async (whole: ListRead): Promise<void> => {
    const { lines } = whole;
    const mine = ++run.current;
    setState({ at: 'adding', count: lines.length });
    try {
      await add({ jobId, lines }).unwrap();
      // Cancelled while the server was at it: what it has added since goes again.
      if (mine !== run.current) await remove({ jobId, ids: lines.map(({ id }) => id) }).unwrap();
      else setState({ at: 'added', count: lines.length });
    } catch (error) {
      if (mine === run.current) setState({ at: 'trouble', message: failureText(error), read: whole });
    }
  };
  const cancel = (): void => {
    run.current += 1;
    reader.current?.letGo();
    reader.current = undefined;
    setState({ at: 'idle' });
  };
  return { state, read, put, cancel };
}
