import { followLanguage } from '../store/language-slice';
import type { AppStore } from '../store/store';
import { speak } from '../words';

/** Speaks the language that is chosen, from now on, here or in another window of this browser. */
export async function speakAsChosen(store: AppStore): Promise<void> {
  let { language } = store.getState();
  store.subscribe(() => {
    const { language: chosen } = store.getState();
    if (chosen !== language) void speak((language = chosen));
  });
  followLanguage(store.dispatch);
  if (language !== 'en') await speak(language);
}
