import { newId } from './new-id';

/** What this page calls itself: what it did is not told to it again. */
export const TAB = newId();

/** Goes with everything it sends. */
export const TAB_HEADER = { 'x-grevik-tab': TAB };
