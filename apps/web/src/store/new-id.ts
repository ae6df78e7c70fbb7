import { v4 } from 'uuid';

/** A new id, also where the page is not a secure context: over plain http in a building's network the browser's own `randomUUID` is not there. */
export const newId = (): string => v4({ random: crypto.getRandomValues(new Uint8Array(16)) });
