import { configureStore } from '@reduxjs/toolkit';
import { draftReducer } from '../draft/draft-slice.ts';
import { draftListener } from '../draft/save.ts';

export function createStore() {
  return configureStore({
    reducer: { draft: draftReducer },
    // Records are large and come from the database already checked; walking them on every action would cost a frame.
    middleware: (defaults) =>
      defaults({ serializableCheck: false, immutableCheck: false }).prepend(draftListener.middleware),
  });
}

export type Store = ReturnType<typeof createStore>;
