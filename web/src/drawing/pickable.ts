import type { KeyboardEvent } from 'react';

/** What makes a shape pressable by mouse, touch and keyboard. */
export function pickable(label: string, onPick: () => void) {
  return {
    role: 'button',
    tabIndex: 0,
    'aria-label': label,
    className: 'pick',
    onClick: onPick,
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        onPick();
      }
    },
  } as const;
}
