import type { DeviceView, ReadingRequest } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { useState } from 'react';
import { useLineFrame } from '../../shell/useLineFrame';
import { useDevicesQuery } from '../../store/devices-api';
import { failureText } from '../../store/failure';
import { newId } from '../../store/new-id';
import {
  useAddSamplesMutation,
  useBeginReadingMutation,
  useEndReadingMutation,
} from '../../store/start-up-api';
import { FROM_LOGGER, type From, columnsOf, sourceOf } from './reading-from';
import { translated } from '../../words';

type Begun = Pick<ReadingRequest, 'given' | 'item' | 'reducer'>;

/** A reading that is about to begin. */
export interface NewReading {
  from: From;
  change: (from: From) => void;
  loggers: DeviceView[];
  /** The logger that is to read: the one chosen, else the first that reads nothing. */
  device: DeviceView | undefined;
  isReady: boolean;
  /** What is wrong with what was typed, or why the server refused. */
  trouble: string | undefined;
  /** Begins it by what is read from the form; one from a file is judged at once. */
  start: (read: () => Begun) => Promise<void>;
}

export function useNewReading(): NewReading {
  const { line } = useLineFrame();
  const { data: devices = [] } = useDevicesQuery(undefined, { refetchOnMountOrArgChange: true });
  const [begin] = useBeginReadingMutation();
  const [addSamples] = useAddSamplesMutation();
  const [end] = useEndReadingMutation();
  const [from, change] = useState(FROM_LOGGER);
  const [isBusy, setBusy] = useState(false);
  const [trouble, say] = useState<string>();
  const { way, log } = from;
  const loggers = devices.filter(({ kind }) => kind === 'logger');
  const device =
    loggers.find(({ id }) => id === from.deviceId) ?? loggers.find(({ reading }) => reading === null);
  const hasSource =
    way === 'typed' || (way === 'logger' ? device?.reading === null : (log?.samples.length ?? 0) > 0);
  const send = async (begun: Begun): Promise<void> => {
    const id = newId();
    await begin({ lineId: line.id, reading: { id, ...begun, ...sourceOf(from, device) } }).unwrap();
    if (way !== 'imported' || !log) return;
    await addSamples({ id, samples: columnsOf(log.samples) }).unwrap();
    await end(id).unwrap();
  };
  const start = async (read: () => Begun): Promise<void> => {
    setBusy(true);
    try {
      await send(read());
      say(undefined);
    } catch (error) {
      say(error instanceof InvalidInput ? translated(error.message) : failureText(error));
    }
    setBusy(false);
  };
  return { from, change, loggers, device, isReady: hasSource && !isBusy, trouble, start };
}
