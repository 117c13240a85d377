import { useEffect, useRef, useState } from 'react';

/** The last answer that came, whether a newer one is on its way, and why the newest job was refused. */
export interface Latest<Answer> {
  readonly answer: Answer | undefined;
  readonly busy: boolean;
  readonly problem: string | undefined;
}

/**
 * Runs the newest job: while one runs, only the newest waits, those in between are never started, and an answer that was
 * superseded is dropped. The last good answer stays while the next is worked out or when it is refused.
 */
export function useLatest<Job, Answer>(
  job: Job | undefined,
  run: (job: Job) => Promise<Answer>,
): Latest<Answer> {
  const [state, setState] = useState<Latest<Answer>>({ answer: undefined, busy: false, problem: undefined });
  const running = useRef(false);
  const waiting = useRef<Job | undefined>(undefined);
  const runner = useRef(run);
  const mounted = useRef(true);
  useEffect(() => {
    runner.current = run;
  });
  useEffect(() => {
    mounted.current = true;
    return () => {
      mounted.current = false;
    };
  }, []);
  useEffect(() => {
    if (job === undefined) return;
    waiting.current = job;
    if (running.current) return;
    const drain = async () => {
      running.current = true;
      setState((now) => ({ ...now, busy: true }));
      while (waiting.current !== undefined && mounted.current) {
        const next = waiting.current;
        waiting.current = undefined;
        const result = await runner.current(next).then(
          (answer) => ({ answer, problem: undefined }),
          (error: unknown) => ({ problem: error instanceof Error ? error.message : String(error) }),
        );
        if (waiting.current === undefined && mounted.current)
          setState((now) => ({ ...now, ...result, busy: false }));
      }
      running.current = false;
    };
    void drain();
  }, [job]);
  return state;
}
