import { TextInput } from '@mantine/core';
import type { TextInputProps } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { useAppDispatch, useDraftState } from '../draft/hooks.ts';
import { database } from '../data/database.ts';
import { parsed, sealed, typed } from '../draft/draft-slice.ts';

interface QuantityFieldProps extends Omit<TextInputProps, 'value' | 'onChange' | 'error'> {
  /** Names the field across reloads: what is typed and does not parse is kept under it. */
  readonly field: string;
  /** The value as it is written; what is shown while nothing else is being typed. */
  readonly written: string;
  /** Reads what was typed and takes it over. @throws with a message for the person who typed it. */
  readonly onRead: (text: string) => void;
  /** Called on Enter after a good reading, e.g. to go on. */
  readonly onEnter?: () => void;
  /** Read only when the field is left or Enter is pressed: for readings that go into a record. */
  readonly readWhenLeft?: boolean;
  /** For a field that adds something: called with the text on Enter, after which the field is empty again. */
  readonly onTake?: (text: string) => void;
}

/** Milliseconds without a keystroke after which a text is read. */
const typingPause = 350;

/**
 * A field for a typed quantity. Only text that parses is taken over; text that does not stays in the field, across
 * reloads, with what was expected below it. Enter, as a caliper sends it, goes to the next field.
 */
export function QuantityField({
  field,
  written,
  onRead,
  onEnter,
  onTake,
  readWhenLeft = false,
  ...input
}: QuantityFieldProps) {
  const dispatch = useAppDispatch();
  const raw = useDraftState((draft) => draft.raw[field]);
  const [text, setText] = useState<string | undefined>();

  const read = (next: string, take: (text: string) => void = onRead): boolean => {
    try {
      take(next);
      dispatch(parsed(field));
      return true;
    } catch (error) {
      dispatch(typed({ field, text: next, error: error instanceof Error ? error.message : String(error) }));
      return false;
    }
  };

  const latestRead = useRef(read);
  useEffect(() => {
    latestRead.current = read;
  });
  const readsByItself = !readWhenLeft && onTake === undefined;

  // A text that was left unread before a reload is brought back once: read, or with its message.
  useEffect(() => {
    let live = true;
    void database.kept.get(field).then((kept) => {
      if (live && kept && readsByItself) latestRead.current(kept.text);
      else if (live && kept)
        dispatch(
          typed({
            field,
            text: kept.text,
            error: 'This was typed before and could not be read: correct it or press Escape.',
          }),
        );
    });
    return () => {
      live = false;
    };
  }, [dispatch, field, readsByItself]);

  const pause = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  /** What was typed and not read yet; a text is read once, by the pause, by Enter or by leaving. */
  const unread = useRef<string | undefined>(undefined);
  useEffect(() => () => clearTimeout(pause.current), []);

  const readPaused = () => {
    const next = unread.current;
    unread.current = undefined;
    if (next !== undefined) latestRead.current(next);
  };

  /** Every keystroke is kept at once; it is read when the typing pauses, so that half a number never counts. */
  const type = (next: string) => {
    setText(next);
    unread.current = next;
    dispatch(typed({ field, text: next, error: '' }));
    clearTimeout(pause.current);
    if (!readWhenLeft) pause.current = setTimeout(readPaused, typingPause);
  };

  const leave = () => {
    clearTimeout(pause.current);
    unread.current = undefined;
    setText(undefined);
    dispatch(sealed());
  };

  return (
    <TextInput
      {...input}
      value={raw?.text ?? text ?? written}
      error={raw?.error || undefined}
      classNames={{ input: 'reading' }}
      autoComplete="off"
      onChange={({ currentTarget }) => type(currentTarget.value)}
      onFocus={({ currentTarget }) => currentTarget.select()}
      onBlur={() => {
        readPaused();
        leave();
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          leave();
          dispatch(parsed(field));
        }
        if (event.key !== 'Enter') return;
        event.preventDefault();
        const { currentTarget } = event;
        if (!read(currentTarget.value, onTake)) return;
        leave();
        if (onEnter) onEnter();
        else if (!onTake) focusNext(currentTarget);
      }}
    />
  );
}

/** The next field of the same form or panel. */
function focusNext(from: HTMLElement): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>('main input:not([disabled])')].filter(
    ({ type }) => type !== 'checkbox',
  );
  fields[fields.indexOf(from as HTMLInputElement) + 1]?.focus();
}
