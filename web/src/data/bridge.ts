import type {
  FromBridge,
  FromBrowser,
  InstrumentAnswer,
  InstrumentRequest,
  InstrumentState,
} from '@gorvane/core/instrument/messages.ts';
import { fromBridgeSchema } from '@gorvane/core/instrument/messages.ts';
import type { VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import type { Device } from '@gorvane/core/reading/reading.ts';
import { useSyncExternalStore } from 'react';

/** Whether the bridge of the server answers, and the instruments behind it. */
export interface BridgeState {
  readonly state: 'looking' | 'here' | 'away';
  readonly instruments: readonly InstrumentState[];
}

/** Nothing was read, and why. */
export class ReadingRefused extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ReadingRefused';
  }
}

interface Job {
  readonly resolve: (reading: { device: Device; answer: InstrumentAnswer }) => void;
  readonly reject: (error: Error) => void;
  readonly progress: (done: number, of: number) => void;
}

/** Waits between tries to reach the bridge, milliseconds; the last goes on. */
const pauses = [500, 2000, 5000, 15_000];

let current: BridgeState = { state: 'looking', instruments: [] };
let socket: WebSocket | undefined;
let tries = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
let lastJob = 0;
const listeners = new Set<() => void>();
const jobs = new Map<string, Job>();

const set = (next: BridgeState) => {
  current = next;
  for (const tell of listeners) tell();
};

function open(): void {
  clearTimeout(timer);
  const { protocol, host } = window.location;
  const mine = new WebSocket(`${protocol === 'https:' ? 'wss' : 'ws'}://${host}/instruments`);
  socket = mine;
  mine.onmessage = ({ data }) => {
    const message = fromBridgeSchema.safeParse(JSON.parse(String(data)));
    if (message.success) take(message.data);
  };
  mine.onclose = () => {
    if (socket !== mine) return;
    socket = undefined;
    for (const { reject } of jobs.values())
      reject(new ReadingRefused('The bridge to the instruments went away. Nothing was taken.'));
    jobs.clear();
    set({ state: 'away', instruments: [] });
    if (listeners.size === 0) return;
    timer = setTimeout(open, pauses[Math.min(tries++, pauses.length - 1)]);
  };
}

function take(message: FromBridge): void {
  if (message.say === 'instruments') {
    tries = 0;
    return set({ state: 'here', instruments: message.instruments });
  }
  const job = jobs.get(message.job);
  if (!job) return;
  if (message.say === 'progress') return job.progress(message.done, message.of);
  jobs.delete(message.job);
  if (message.say === 'answer') job.resolve(message);
  else job.reject(new ReadingRefused(message.problem));
}

function say(message: FromBrowser): void {
  if (socket?.readyState !== WebSocket.OPEN)
    throw new ReadingRefused('The bridge to the instruments is away. Nothing was taken.');
  socket.send(JSON.stringify(message));
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  if (!socket) open();
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    clearTimeout(timer);
    const last = socket;
    socket = undefined;
    last?.close();
    current = { state: 'looking', instruments: [] };
  };
}

/** The bridge as it stands; it is reached for while a page looks at it. */
export function useBridge(): BridgeState {
  return useSyncExternalStore(subscribe, () => current);
}

/** Asks again which instruments are there. */
export function lookAgain(): void {
  if (socket?.readyState === WebSocket.OPEN) say({ say: 'look' });
  else open();
}

/** What a reading may need besides. */
export interface ReadingOptions {
  /** What lies on the bench of a simulated instrument. */
  readonly virtual?: VirtualSetup;
  readonly signal?: AbortSignal;
  readonly onProgress?: (done: number, of: number) => void;
}

/** Reads an instrument over the bridge. @throws ReadingRefused with the reason in words. */
export async function readInstrument(
  instrument: string,
  request: InstrumentRequest,
  { virtual, signal, onProgress }: ReadingOptions = {},
): Promise<{ device: Device; answer: InstrumentAnswer }> {
  const job = `job ${++lastJob}`;
  return new Promise((resolve, reject) => {
    jobs.set(job, { resolve, reject, progress: onProgress ?? (() => undefined) });
    signal?.addEventListener('abort', () => {
      if (!jobs.delete(job)) return;
      try {
        say({ say: 'cancel', job });
      } finally {
        reject(new ReadingRefused('Stopped. Nothing was taken.'));
      }
    });
    try {
      say({ say: 'read', job, instrument, request, ...(virtual ? { virtual } : {}) });
    } catch (error) {
      jobs.delete(job);
      reject(error as Error);
    }
  });
}
