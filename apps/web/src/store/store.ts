import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api';
import { handleReducer } from './handle-slice';
import { keepLineUpView, lineUpViewReducer } from './line-up-view-slice';
import { mergeReducer } from './merge-slice';
import { keepUnits, unitsReducer } from './units-slice';
import { keepWeights, weightsReducer } from './weights-slice';

/** The server's state is RTK Query's; beside it only what the person is doing. */
export function makeStore() {
  const store = configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      units: unitsReducer,
      handle: handleReducer,
      weights: weightsReducer,
      lineUpView: lineUpViewReducer,
      merge: mergeReducer,
    },
    middleware: (defaults) => defaults().concat(api.middleware),
  });
  let { units, weights, lineUpView } = store.getState();
  store.subscribe(() => {
    const now = store.getState();
    if (now.units !== units) keepUnits((units = now.units));
    if (now.weights !== weights) keepWeights((weights = now.weights));
    if (now.lineUpView !== lineUpView) keepLineUpView((lineUpView = now.lineUpView));
  });
  return store;
}

type Store = ReturnType<typeof makeStore>;
export type State = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<State>();
