import { askAhead } from './store/ask-ahead';
import { makeStore } from './store/store';

const store = makeStore();
askAhead(store, window.location.pathname);
void import('./start').then(({ start }) => start(store));
