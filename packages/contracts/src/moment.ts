import { type Field, text } from '@grevik/core';

/** A moment as ISO 8601 in UTC, to the millisecond. */
export const moment: Field<string> = {
  takes: 'a moment like 2026-11-25T12:00:00.000Z',
  schema: { type: 'string', format: 'date-time' },
  read(value, path) {
    const read = typeof value === 'string' ? new Date(value) : undefined;
    if (!read || Number.isNaN(read.getTime()) || read.toISOString() !== value)
      return text(24).read(null, path);
    return value as string;
  },
};
