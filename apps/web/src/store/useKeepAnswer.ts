import { useEffect } from 'react';
import { keepAnswer } from './kept-answers';
import { useSessionQuery } from './people-api';

/**
 * Keeps what the server answered on the device, so that a page that was open once opens again without a network.
 *
 * @param path as it was asked: `lines/ID/start-up`
 * @param body what was answered; undefined keeps nothing
 */
export function useKeepAnswer(path: string, body: unknown): void {
  const ownerId = useSessionQuery().data?.session?.person.id;
  useEffect(() => {
    if (body !== undefined && ownerId !== undefined) void keepAnswer(path, body, ownerId);
  }, [path, body, ownerId]);
}
