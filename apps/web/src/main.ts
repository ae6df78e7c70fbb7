import { allowNoticeStyles } from './shell/page-nonce';
import { reloadWhereAPartIsMissing } from './shell/reload-once';
import { askAhead } from './store/ask-ahead';
import { makeStore } from './store/store';

allowNoticeStyles();
reloadWhereAPartIsMissing();
const store = makeStore();
askAhead(store, window.location.pathname);
void import('./start').then(({ start }) => start(store));
