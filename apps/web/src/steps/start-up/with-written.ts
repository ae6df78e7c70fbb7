import type { StartUpEntryRequest, StartUpView } from '@grevik/contracts';
import type { StartUpEntry } from '@grevik/core';
import type { Unsent } from '../../store/device-database';

/**
 * A start-up with what was written here and is not in it yet: it waits to be sent, or to be read back.
 *
 * @param view    as the server has it
 * @param written by this person, in the order it was entered
 * @param by      their name
 */
export function withWritten(
  view: StartUpView,
  lineId: string,
  written: readonly Unsent[],
  by: string,
): StartUpView {
  const known = new Set(view.entries.map(({ id }) => id));
  const waiting = written.flatMap(({ path, body, refusal }) => {
    if (path !== `lines/${lineId}/start-up/entries` || refusal !== undefined) return [];
    const entry = body as StartUpEntryRequest;
    return known.has(entry.id) ? [] : [entryOf(entry, by)];
  });
  return waiting.length === 0 ? view : { ...view, entries: [...view.entries, ...waiting] };
}

function entryOf(
  { id, step, kind, item = '', values = {}, reason = '', happenedAt }: StartUpEntryRequest,
  by: string,
): StartUpEntry & { id: string } {
  const signed = { id, step, by, at: happenedAt };
  switch (kind) {
    case 'item':
      return { ...signed, kind, item, values };
    case 'skip':
      return { ...signed, kind, reason };
    case 'unskip':
      return { ...signed, kind };
  }
}
