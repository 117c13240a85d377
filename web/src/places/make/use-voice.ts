import { useCallback, useEffect } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';

/** Reading aloud by the browser: off until somebody turns it on, remembered on this computer. */
export interface Voice {
  readonly available: boolean;
  readonly on: boolean;
  readonly turn: (on: boolean) => void;
  readonly say: (text: string) => void;
}

export function useVoice(): Voice {
  const available = 'speechSynthesis' in window;
  const [on, turn] = useKeptValue('build/voice', false);
  const say = useCallback((text: string) => {
    if (!('speechSynthesis' in window)) return;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
  }, []);
  useEffect(() => () => window.speechSynthesis?.cancel(), []);
  return { available, on: on && available, turn, say };
}
