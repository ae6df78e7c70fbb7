import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api';
import { handleReducer } from './handle-slice';
import { keepUnits, unitsReducer } from './units-slice';

/** The server's state is RTK Query's; beside it only what the person is doing. */
export function makeStore() {
  const store = configureStore({
    reducer: { [api.reducerPath]: api.reducer, units: unitsReducer, handle: handleReducer },
    middleware: (defaults) => defaults().concat(api.middleware),
  });
  store.subscribe(() => keepUnits(store.getState().units));
  return store;
}

type Store = ReturnType<typeof makeStore>;
export type State = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<State>();
