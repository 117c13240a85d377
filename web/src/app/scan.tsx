import { useEffect, useRef } from 'react';

/** The reader of codes that some browsers have. */
interface CodeReader {
  readonly detect: (picture: HTMLVideoElement) => Promise<readonly { readonly rawValue: string }[]>;
}

type WithReader = typeof globalThis & {
  readonly BarcodeDetector?: new (options: { readonly formats: readonly string[] }) => CodeReader;
};

/** Whether this browser can read a code with its camera. */
export const canScan = (): boolean =>
  'BarcodeDetector' in globalThis && typeof navigator.mediaDevices?.getUserMedia === 'function';

/** Milliseconds between two looks: a label that is held still is read at once, and the bench's computer stays free. */
const pause = 200;

interface ScanProps {
  readonly onCode: (text: string) => void;
  readonly onProblem: (words: string) => void;
}

/** The camera's picture until a code is read in it; the camera is let go when it is closed. */
export function Scan({ onCode, onProblem }: ScanProps) {
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef({ onCode, onProblem });
  useEffect(() => {
    told.current = { onCode, onProblem };
  });
  useEffect(() => {
    const stop = new AbortController();
    lookForCode(video.current!, stop.signal).then(
      (text) => text !== undefined && told.current.onCode(text),
      (error: unknown) => !stop.signal.aborted && told.current.onProblem(problemWords(error)),
    );
    return () => stop.abort();
  }, []);
  return <video ref={video} className="scan" muted playsInline aria-label="What the camera sees" />;
}

/** The first code that comes before the camera; undefined when it was stopped. */
async function lookForCode(video: HTMLVideoElement, signal: AbortSignal): Promise<string | undefined> {
  const { BarcodeDetector } = globalThis as WithReader;
  const reader = new BarcodeDetector!({ formats: ['qr_code'] });
  const stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
  const letGo = () => stream.getTracks().forEach((track) => track.stop());
  try {
    video.srcObject = stream;
    await video.play();
    while (!signal.aborted) {
      const [code] = await reader.detect(video);
      if (code) return code.rawValue;
      await new Promise((resolve) => setTimeout(resolve, pause));
    }
    return undefined;
  } finally {
    letGo();
  }
}

const problemWords = (error: unknown): string =>
  error instanceof Error && error.name === 'NotAllowedError'
    ? 'The browser did not give the camera to this page. Allow it beside the address, or type the serial.'
    : 'No camera can be used here. Type the serial, or use a scanner that types.';
