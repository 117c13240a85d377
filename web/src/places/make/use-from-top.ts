import type { RefObject } from 'react';
import { useEffect, useRef } from 'react';

/** What was scrolled to at the step before is not what the next one begins with; where all scrolls, the head goes out of the way. */
export function useFromTop(id: string): RefObject<HTMLElement | null> {
  const section = useRef<HTMLElement>(null);
  useEffect(() => {
    const main = section.current?.closest<HTMLElement>('.build-main');
    const all = section.current?.closest('.build-scroll');
    main?.scrollTo?.(0, 0);
    if (main && all && all.scrollHeight > all.clientHeight) all.scrollTo?.(0, main.offsetTop);
  }, [id]);
  return section;
}
