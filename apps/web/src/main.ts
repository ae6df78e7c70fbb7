import { allowNoticeStyles } from './shell/page-nonce';
import { askAhead } from './store/ask-ahead';
import { makeStore } from './store/store';

allowNoticeStyles();
const store = makeStore();
askAhead(store, window.location.pathname);
void import('./start').then(({ start }) => start(store));
