import type { Dispatch, Store } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import type { DraftState } from './draft-slice.ts';

export const useAppDispatch = useDispatch.withTypes<Dispatch>();
export const useAppStore = useStore.withTypes<Store<{ draft: DraftState }>>();
export const useAppSelector = useSelector.withTypes<{ draft: DraftState }>();

/** A part of what is under edit. */
export const useDraftState = <T>(select: (draft: DraftState) => T) =>
  useAppSelector((state) => select(state.draft));
