import { useEffect, useState } from 'react';
import type { Letters } from './letters.ts';
import { readLetters } from './letters.ts';

/** The typeface of papers, undefined while it is read. */
export function useLetters(): Letters | undefined {
  const [letters, setLetters] = useState<Letters | undefined>();
  useEffect(() => {
    let isHere = true;
    void readLetters().then((read) => isHere && setLetters(read));
    return () => {
      isHere = false;
    };
  }, []);
  return letters;
}
