import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api';
import { handleReducer } from './handle-slice';
import { keepLanguage, languageReducer } from './language-slice';
import { keepLineUpView, lineUpViewReducer } from './line-up-view-slice';
import { mergeReducer } from './merge-slice';
import { presenceReducer } from './presence-slice';
import { keepUnits, unitsReducer } from './units-slice';
import { keepWeights, weightsReducer } from './weights-slice';

/** The server's state is RTK Query's; beside it only what the person is doing. */
export function makeStore() {
  const store = configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      units: unitsReducer,
      language: languageReducer,
      handle: handleReducer,
      weights: weightsReducer,
      lineUpView: lineUpViewReducer,
      merge: mergeReducer,
      presence: presenceReducer,
    },
    middleware: (defaults) => defaults().concat(api.middleware),
  });
  let { units, language, weights, lineUpView } = store.getState();
  store.subscribe(() => {
    const now = store.getState();
    if (now.units !== units) keepUnits((units = now.units));
    if (now.language !== language) keepLanguage((language = now.language));
    if (now.weights !== weights) keepWeights((weights = now.weights));
    if (now.lineUpView !== lineUpView) keepLineUpView((lineUpView = now.lineUpView));
  });
  return store;
}

export type AppStore = ReturnType<typeof makeStore>;
export type State = ReturnType<AppStore['getState']>;
export type AppDispatch = AppStore['dispatch'];
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<State>();
