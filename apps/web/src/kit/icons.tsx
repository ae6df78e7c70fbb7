import {
  mdiAccount,
  mdiArrowDown,
  mdiArrowUp,
  mdiClockOutline,
  mdiClose,
  mdiDotsVertical,
  mdiDragVertical,
  mdiMagnify,
  mdiPause,
  mdiPlay,
} from '@mdi/js';
import { createSvgIcon } from '@mui/material/utils';

/** The icons of the interface, from one set. */
export const ArrowDown = createSvgIcon(<path d={mdiArrowDown} />, 'ArrowDown');
export const ArrowUp = createSvgIcon(<path d={mdiArrowUp} />, 'ArrowUp');
export const Clock = createSvgIcon(<path d={mdiClockOutline} />, 'Clock');
export const Close = createSvgIcon(<path d={mdiClose} />, 'Close');
export const DragHandle = createSvgIcon(<path d={mdiDragVertical} />, 'DragHandle');
export const More = createSvgIcon(<path d={mdiDotsVertical} />, 'More');
export const Pause = createSvgIcon(<path d={mdiPause} />, 'Pause');
export const Person = createSvgIcon(<path d={mdiAccount} />, 'Person');
export const Play = createSvgIcon(<path d={mdiPlay} />, 'Play');
export const Search = createSvgIcon(<path d={mdiMagnify} />, 'Search');
