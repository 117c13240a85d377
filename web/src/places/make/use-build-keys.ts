import { useLayoutEffect, useRef } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';

interface BuildKeys {
  readonly goOn: () => void;
  readonly goBack: () => void;
  /** What single letters do, by the letter. */
  readonly letters?: Readonly<Record<string, () => void>>;
}

/** One of several that was chosen keeps the focus, but takes neither letters nor the space bar. */
const isSwitch = (target: EventTarget | null) =>
  target instanceof HTMLInputElement && target.type === 'radio';

/** A field that is still empty waits for a caliper: there the space bar has nothing to write and goes on. */
const isTyping = (target: EventTarget | null) => {
  if (target instanceof HTMLInputElement && target.type === 'text') return target.value !== '';
  if (isSwitch(target)) return false;
  return target instanceof HTMLElement && target.matches('input, textarea, select, button, a, summary');
};

/** A letter belongs to any field that has the focus, empty or not. */
const takesLetters = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.matches('input, textarea, select') && !isSwitch(target);

/** Whether single letters do something; they can be turned off where a speech input would press them. */
export const useLetterKeys = () => useKeptValue('build/letter-keys', true);

/** What a key asks for; nothing where it belongs to a field or a button. */
function actionOf(event: KeyboardEvent, keys: BuildKeys, letters: boolean): (() => void) | undefined {
  if (event.key === 'PageDown' || (event.key === ' ' && !isTyping(event.target))) return keys.goOn;
  if (event.key === 'PageUp') return keys.goBack;
  return letters && !takesLetters(event.target) ? keys.letters?.[event.key.toLowerCase()] : undefined;
}

/** Undo belongs to a field with something in it while it has the focus. */
const undoOf = ({ target }: KeyboardEvent, { goBack }: BuildKeys) =>
  takesLetters(target) && isTyping(target) ? undefined : goBack;

/**
 * Space and Page Down (what a pedal sends, too) go on, Page Up goes back. Space does what it usually does while a
 * button or a field with something in it has the focus. A key held down counts once.
 */
export function useBuildKeys(keys: BuildKeys): void {
  const [letters] = useLetterKeys();
  const latest = useRef({ keys, letters });
  // Before the screen is painted: a pedal that is quicker than the eye still presses what stands there.
  useLayoutEffect(() => {
    latest.current = { keys, letters };
  });
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.altKey) return;
      const isUndo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z';
      if ((event.ctrlKey || event.metaKey) && !isUndo) return;
      if (document.querySelector('[role="dialog"], [role="menu"]')) return;
      const { keys: now, letters: on } = latest.current;
      // A record is never taken back: undo in Build looks at the step before, where it can be corrected.
      const action = isUndo ? undoOf(event, now) : actionOf(event, now, on);
      if (!action) return;
      event.preventDefault();
      // Leaving the field takes what was typed in it before the step is done.
      if (document.activeElement instanceof HTMLInputElement) document.activeElement.blur();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
