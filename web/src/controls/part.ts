import type { ComponentType, ReactNode } from 'react';
import { createElement, useEffect, useState } from 'react';

/** A part of the program that is fetched once, when it is first wanted. */
export interface Part<T> {
  readonly here: T | undefined;
  readonly fetched: () => Promise<T>;
}

export function partOf<T>(load: () => Promise<T>): Part<T> {
  let coming: Promise<T> | undefined;
  const part = {
    here: undefined as T | undefined,
    fetched: () => (coming ??= arrived()),
  };
  const arrived = async () => {
    try {
      part.here = await load();
      return part.here;
    } catch (error) {
      // Asked for again, it may come.
      coming = undefined;
      throw error;
    }
  };
  return part;
}

/** A part as soon as it is here, where React holds back what it suspended for 0.3 s. What did not come is thrown. */
export function usePart<T>(part: Part<T>, isWanted = true): T | undefined {
  const [found, setFound] = useState(() => part.here);
  useEffect(() => {
    if (!isWanted || found !== undefined) return;
    part.fetched().then(
      (value) => setFound(() => value),
      (error: unknown) =>
        setFound(() => {
          throw error;
        }),
    );
  }, [part, isWanted, found]);
  return found;
}

/** The component of a part; until it is here, something that keeps its place. */
export const drawnWhenHere = <Props extends object>(
  part: Part<ComponentType<Props>>,
  meanwhile: ReactNode = null,
): ComponentType<Props> =>
  function Drawn(props) {
    const component = usePart(part);
    return component ? createElement(component, props) : meanwhile;
  };
