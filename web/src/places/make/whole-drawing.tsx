import type { ReactNode } from 'react';
import { useLayoutEffect, useRef } from 'react';

/** Between the drawing and the bar, pixels. */
const gap = 8;

interface WholeDrawingProps {
  /** What the room depends on beside the size of the screen. */
  readonly of: string;
  /** Smaller than this it cannot be read, pixels: then it is scrolled to. */
  readonly least?: number;
  readonly children: ReactNode;
}

/** A drawing no taller than the room that is left above the bar, so that it is seen whole. */
export function WholeDrawing({ of, least = 150, children }: WholeDrawingProps) {
  const box = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    const drawn = box.current;
    const main = drawn?.closest<HTMLElement>('.build-main');
    if (!drawn || !main) return undefined;
    const fit = () => {
      const above = drawn.getBoundingClientRect().top - main.getBoundingClientRect().top + main.scrollTop;
      const height = (of: Element) => of.getBoundingClientRect().height;
      const drawing = drawn.querySelector('svg');
      const all = Array.from(drawn.children, height).reduce((sum, each) => sum + each, 0);
      const words = drawing ? all - height(drawing) : 0;
      const room = main.clientHeight - above - words - gap;
      drawn.style.setProperty('--room', `${Math.max(least, room)}px`);
    };
    fit();
    if (!('ResizeObserver' in window)) return undefined;
    const watch = new ResizeObserver(fit);
    watch.observe(main);
    for (const part of main.querySelectorAll(
      '.step-words, .step-body, .measure-row, .build-side, .whole-drawing',
    ))
      watch.observe(part);
    return () => watch.disconnect();
  }, [of, least]);
  return (
    <div className="whole-drawing" ref={box}>
      {children}
    </div>
  );
}
