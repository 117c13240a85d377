import { useEffect, useRef } from 'react';

interface BuildKeys {
  readonly goOn: () => void;
  readonly goBack: () => void;
}

/** A field that is still empty waits for a caliper: there the space bar has nothing to write and goes on. */
const isTyping = (target: EventTarget | null) => {
  if (target instanceof HTMLInputElement && target.type === 'text') return target.value !== '';
  return target instanceof HTMLElement && target.matches('input, textarea, select, button, a, summary');
};

/**
 * Space and Page Down (what a pedal sends, too) go on, Page Up goes back. Space does what it usually does while a
 * button or a field with something in it has the focus. A key held down counts once.
 */
export function useBuildKeys(keys: BuildKeys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.ctrlKey || event.altKey || event.metaKey) return;
      if (document.querySelector('[role="dialog"]')) return;
      const wantsOn = event.key === 'PageDown' || (event.key === ' ' && !isTyping(event.target));
      if (!wantsOn && event.key !== 'PageUp') return;
      event.preventDefault();
      // Leaving the field takes what was typed in it before the step is done.
      if (document.activeElement instanceof HTMLInputElement) document.activeElement.blur();
      if (wantsOn) latest.current.goOn();
      else latest.current.goBack();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
