import { configureStore } from '@reduxjs/toolkit';
import { draftReducer } from '../draft/draft-slice.ts';
import { draftListener } from '../draft/save.ts';

export function createStore() {
  return configureStore({
    reducer: { draft: draftReducer },
    middleware: (defaults) => defaults().prepend(draftListener.middleware),
  });
}

export type Store = ReturnType<typeof createStore>;
