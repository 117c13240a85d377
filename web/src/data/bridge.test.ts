import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
import { readInstrument, useBridge } from './bridge.ts';

/** A WebSocket that says what the test lets it say. */
class FakeSocket {
  static readonly OPEN = 1;
  static last: FakeSocket;
  readyState = 1;
  readonly said: Record<string, unknown>[] = [];
  onmessage: ((event: { data: string }) => void) | undefined;
  onclose: (() => void) | undefined;
  constructor(readonly url: string) {
    FakeSocket.last = this;
  }
  send(text: string) {
    this.said.push(JSON.parse(text));
  }
  close() {
    this.readyState = 3;
    this.onclose?.();
  }
  hear(message: object) {
    act(() => this.onmessage?.({ data: JSON.stringify(message) }));
  }
}

const device = {
  name: 'Tester',
  kind: 'continuity tester',
  serial: '7',
  calibrated: null,
  due: null,
  correction: null,
  simulated: true,
  uncertainty: {},
};
const here = {
  say: 'instruments',
  instruments: [
    { id: 't', label: 'Tester', kind: 'continuity tester', simulated: true, device, problem: null },
  ],
};
const matrix = { kind: 'matrix', points: 4 } as const;
const real = globalThis.WebSocket;

beforeEach(() => {
  globalThis.WebSocket = FakeSocket as unknown as typeof WebSocket;
});
afterEach(() => {
  cleanup();
  globalThis.WebSocket = real;
});

describe('the bridge as the browser sees it', () => {
  const opened = () => {
    const { result } = renderHook(() => useBridge());
    FakeSocket.last.hear(here);
    return result;
  };

  test('asks its own server, shows who is there, and says when it is gone', () => {
    const result = opened();
    expect(FakeSocket.last.url).toMatch(/^ws:\/\/localhost(:\d+)?\/instruments$/);
    expect(result.current).toMatchObject({ state: 'here', instruments: [{ id: 't' }] });
    act(() => FakeSocket.last.close());
    expect(result.current.state).toBe('away');
  });

  test('an answer goes to the job that asked, progress on the way', async () => {
    opened();
    const parts: number[] = [];
    const first = readInstrument('t', matrix, { onProgress: (done) => parts.push(done) });
    const second = readInstrument('t', matrix);
    const [a, b] = FakeSocket.last.said.map(({ job }) => job);
    expect(a).not.toBe(b);
    FakeSocket.last.hear({ say: 'progress', job: a, done: 1, of: 2 });
    FakeSocket.last.hear({ say: 'answer', job: b, device, answer: { kind: 'matrix', ohms: [2] } });
    FakeSocket.last.hear({ say: 'answer', job: a, device, answer: { kind: 'matrix', ohms: [1] } });
    expect((await first).answer).toEqual({ kind: 'matrix', ohms: [1] });
    expect((await second).answer).toEqual({ kind: 'matrix', ohms: [2] });
    expect(parts).toEqual([1]);
  });

  test('a refusal, a stop and a bridge that goes away each end the job with words', async () => {
    opened();
    const refused = readInstrument('t', matrix);
    FakeSocket.last.hear({ say: 'refused', job: FakeSocket.last.said[0]!.job, problem: 'It talks unasked.' });
    await expect(refused).rejects.toThrow('It talks unasked.');
    const stop = new AbortController();
    const stopped = readInstrument('t', matrix, { signal: stop.signal });
    stop.abort();
    await expect(stopped).rejects.toThrow(/Stopped/);
    expect(FakeSocket.last.said.at(-1)).toMatchObject({ say: 'cancel' });
    const lost = readInstrument('t', matrix);
    act(() => FakeSocket.last.close());
    await expect(lost).rejects.toThrow(/went away/);
    await expect(readInstrument('t', matrix)).rejects.toThrow(/is away/);
  });

  test('a message that is none changes nothing', () => {
    const result = opened();
    FakeSocket.last.hear({ say: 'instruments', instruments: 'all' });
    expect(result.current.instruments).toHaveLength(1);
  });
});
