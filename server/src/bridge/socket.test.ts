import type { Server } from 'node:http';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { FromBridge } from '@gorvane/core/instrument/messages.ts';
import { fromBridgeSchema } from '@gorvane/core/instrument/messages.ts';
import { WebSocket } from 'ws';
import type { SimulatedBench } from '../simulated/simulated.ts';
import { startSimulated } from '../simulated/simulated.ts';
import { laidOut, matrix } from '../testing/bench.ts';
import { Bridge } from './bridge.ts';
import { readInstruments } from './config.ts';
import { serveBridge } from './socket.ts';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

let bench: SimulatedBench;
let server: Server;
let port = 0;

beforeAll(async () => {
  bench = await startSimulated();
  server = createServer();
  serveBridge(server, new Bridge(bench.instruments));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  port = (server.address() as AddressInfo).port;
});
afterAll(async () => {
  server.close();
  await bench.close();
});

/** A page of this server, or one that is not. */
function page(headers: { origin?: string; host?: string } = {}, path = '/instruments') {
  const { origin = `http://127.0.0.1:${port}`, host = `127.0.0.1:${port}` } = headers;
  return new WebSocket(`ws://127.0.0.1:${port}${path}`, { headers: { host, ...(origin ? { origin } : {}) } });
}
const opened = (socket: WebSocket) =>
  new Promise<boolean>((resolve) => {
    socket.once('open', () => resolve(true));
    socket.once('error', () => resolve(false));
  });
/** The first message that fits. */
const heard = <Say extends FromBridge['say']>(socket: WebSocket, say: Say, job?: string) =>
  new Promise<Extract<FromBridge, { say: Say }>>((resolve) => {
    socket.on('message', (bytes: Buffer) => {
      const message = fromBridgeSchema.parse(JSON.parse(String(bytes)));
      if (message.say === say && (job === undefined || ('job' in message && message.job === job)))
        resolve(message as Extract<FromBridge, { say: Say }>);
    });
  });
const ask = (socket: WebSocket, message: object) => socket.send(JSON.stringify(message));

describe('the bridge over WebSocket', () => {
  test('says who is there and hands a reading on with its instrument', async () => {
    const socket = page();
    const { instruments } = await heard(socket, 'instruments');
    expect(instruments.map(({ id }) => id)).toEqual(['sim-tester', 'sim-meter', 'sim-analyser']);
    ask(socket, { say: 'read', job: 'one', instrument: 'sim-tester', request: matrix, virtual: laidOut() });
    const { answer, device } = await heard(socket, 'answer', 'one');
    expect(answer.kind).toBe('matrix');
    expect(device.serial).toBe('SIM-0128');
    socket.close();
  });

  test('many pages at once each get their own answer', async () => {
    const sockets = await Promise.all(
      Array.from({ length: 8 }, async () => {
        const socket = page();
        expect(await opened(socket)).toBe(true);
        return socket;
      }),
    );
    const answers = await Promise.all(
      sockets.map((socket, n) => {
        const virtual = laidOut(n % 2 === 0 ? [] : [{ kind: 'short', points: [0, 1] }]);
        ask(socket, { say: 'read', job: `job ${n}`, instrument: 'sim-tester', request: matrix, virtual });
        return heard(socket, 'answer', `job ${n}`);
      }),
    );
    answers.forEach(({ answer }, n) => {
      if (answer.kind !== 'matrix') throw new Error('no matrix');
      expect(answer.ohms[0] === null).toBe(n % 2 === 0);
    });
    for (const socket of sockets) socket.close();
  });

  test('a wiggle test says how far it is, and is stopped', async () => {
    const socket = page();
    await opened(socket);
    const request = { kind: 'wiggle', pairs: [[1, 3]], seconds: 100 };
    ask(socket, { say: 'read', job: 'long', instrument: 'sim-tester', request, virtual: laidOut() });
    expect((await heard(socket, 'progress', 'long')).of).toBe(100_000);
    ask(socket, { say: 'cancel', job: 'long' });
    expect((await heard(socket, 'refused', 'long')).problem).toMatch(/Stopped/);
    socket.close();
  });

  test.each([
    ['another site', { origin: 'http://elsewhere.example' }],
    ['this machine on another port', { origin: 'http://127.0.0.1:1' }],
    ['a program without an origin', { origin: '' }],
    [
      'a name that was rebound to this machine',
      { origin: 'http://rebound.example', host: 'rebound.example' },
    ],
  ])('refuses %s', async (_name, headers) => {
    expect(await opened(page(headers))).toBe(false);
  });

  test('refuses another path', async () => expect(await opened(page({}, '/elsewhere'))).toBe(false));

  test.each([
    ['no JSON', 'hello'],
    ['an address to dial', JSON.stringify({ say: 'read', job: 'x', host: 'example.com', port: 80 })],
    [
      'more points than there are',
      JSON.stringify({
        say: 'read',
        job: 'x',
        instrument: 'sim-tester',
        request: { kind: 'matrix', points: 4000 },
      }),
    ],
    ['too much', JSON.stringify({ say: 'cancel', job: 'x'.repeat(3e6) })],
  ])('hangs up on %s', async (_name, text) => {
    const socket = page();
    await opened(socket);
    const closed = new Promise<number>((resolve) => socket.once('close', resolve));
    socket.send(text);
    expect([1008, 1009]).toContain(await closed);
  });
});

describe('configuration', () => {
  const folder = mkdtempSync(join(tmpdir(), 'instruments-'));
  const file = (text: string) => {
    const path = join(folder, 'instruments.json');
    writeFileSync(path, text);
    return path;
  };
  const tester = { id: 'one', label: 'Tester', kind: 'continuity tester', host: '10.0.0.9', port: 5025 };

  test('instruments with what they do not say of themselves', () => {
    expect(
      readInstruments(file(JSON.stringify({ instruments: [{ ...tester, due: '2027-01-31' }] }))),
    ).toEqual([{ ...tester, due: '2027-01-31', simulated: false }]);
  });

  test.each([
    ['{', /expected a JSON file/],
    [JSON.stringify({ instruments: [{ ...tester, port: 0 }] }), /instruments\.0\.port/],
    [JSON.stringify({ instruments: [{ ...tester, due: 'soon' }] }), /instruments\.0\.due/],
    [JSON.stringify({ instruments: [tester, tester] }), /twice/],
    [JSON.stringify({ instruments: [{ ...tester, simulated: true }] }), /simulated/],
  ])('%s is refused', (text, message) => expect(() => readInstruments(file(text))).toThrow(message));
});
