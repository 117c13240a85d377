import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import type { LabWork } from './lab.worker.ts';

let remote: Remote<LabWork> | undefined;

/** The one worker of the Line lab, started when it is first asked. */
export function labWork(): Remote<LabWork> {
  remote ??= wrap<LabWork>(new Worker(new URL('./lab.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}
