import type { AddressInfo, Server, Socket } from 'node:net';
import { createServer } from 'node:net';
import { afterAll, afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import { isOverdue } from '@gorvane/core/reading/overdue.ts';
import type { InstrumentRequest } from '@gorvane/core/instrument/messages.ts';
import { fromBase64 } from '@gorvane/core/instrument/number-block.ts';
import type { VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import { chokesOf, promisedRejection } from '@gorvane/core/fit/choke-rejection.ts';
import { withChoke } from '@gorvane/core/testing/example.ts';
import type { SimulatedBench } from '../simulated/simulated.ts';
import { startSimulated } from '../simulated/simulated.ts';
import { laidOut, matrix, plan, quiet } from '../testing/bench.ts';
import { Bridge } from './bridge.ts';
import type { InstrumentConfig } from './config.ts';

const limits = { connect: 500, answer: 400, longest: 50_000 };
let bench: SimulatedBench;
let bridge: Bridge;

beforeAll(async () => {
  bench = await startSimulated();
});
afterEach(() => bridge.close());
afterAll(() => bench.close());

const read = (id: string, request: InstrumentRequest, virtual?: VirtualSetup) =>
  bridge.read(id, request, virtual, quiet);

describe('the simulated instruments over TCP', () => {
  test('say who they are, when they were calibrated, and how far they may be off', async () => {
    bridge = new Bridge(bench.instruments);
    const states = await bridge.look();
    expect(states.map(({ kind }) => kind)).toEqual(['continuity tester', 'meter', 'analyser']);
    for (const { device, problem } of states) {
      expect(problem).toBeNull();
      expect(device).toMatchObject({ simulated: true, serial: expect.stringMatching(/^SIM-/) });
    }
    const today = new Date().toISOString();
    expect(states.map(({ device }) => isOverdue(device!, today))).toEqual([false, false, true]);
    expect(states[0]!.device!.uncertainty.ohms).toEqual({ relative: 0.005, fixed: 0.001 });
    expect(states[2]!.device!.correction).toMatch(/full two-port/);
  });

  test('the tester reads the lead that lies there, and each client its own', async () => {
    bridge = new Bridge(bench.instruments);
    const [sound, open] = await Promise.all([
      read('sim-tester', matrix, laidOut()),
      read('sim-tester', matrix, laidOut([{ kind: 'open', terminal: 2 }])),
    ]);
    const ohms = (result: typeof sound) => (result.answer.kind === 'matrix' ? result.answer.ohms : []);
    expect(ohms(sound).map((value) => value !== null)).toEqual([false, true, false, false, true, false]);
    expect(ohms(open).map((value) => value !== null)).toEqual([false, false, false, false, true, false]);
    expect(ohms(sound)[1]).toBeCloseTo(plan.paths[0]!.expected, 1);
  });

  test('the meter reads a load through the lead, its capacitance, and its insulation', async () => {
    bridge = new Bridge(bench.instruments);
    const loaded = await read('sim-meter', { kind: 'ohms', pair: [1, 2], farEnd: 50 }, laidOut());
    expect(loaded.answer).toMatchObject({ ohms: expect.closeTo(50.2, 0) });
    const farads = await read('sim-meter', { kind: 'farads', pair: [1, 2] }, laidOut());
    expect(farads.answer.kind === 'farads' && farads.answer.farads! * 1e12).toBeCloseTo(345, -2);
    const short = laidOut([{ kind: 'short', points: [0, 1] }]);
    expect((await read('sim-meter', { kind: 'farads', pair: [1, 2] }, short)).answer).toEqual({
      kind: 'farads',
      farads: null,
    });
    expect((await read('sim-meter', { kind: 'insulation', volts: 500 }, short)).answer).toMatchObject({
      ohms: 0,
    });
  });

  test('the analyser sweeps it and shows its reflection over time', async () => {
    bridge = new Bridge(bench.instruments);
    const { answer } = await read(
      'sim-analyser',
      { kind: 'sweep', from: 1e6, to: 500e6, points: 201 },
      laidOut(),
    );
    if (answer.kind !== 'sweep') throw new Error('no sweep');
    const through = fromBase64(answer.parameters[1]!);
    expect(through).toHaveLength(402);
    expect(Math.hypot(through[0]!, through[1]!)).toBeGreaterThan(0.97);
    const open = laidOut([{ kind: 'cable open', pieceId: 'cable', conductor: 'centre', at: 0.5 }]);
    const { answer: trace } = await read('sim-analyser', { kind: 'trace', span: 60e-9, points: 601 }, open);
    if (trace.kind !== 'trace') throw new Error('no trace');
    const volts = fromBase64(trace.volts);
    // Half of the length, there and back, at the speed of the cable: before it the half voltage, behind it the whole.
    expect(volts[100]).toBeCloseTo(0.5, 1);
    expect(volts[590]).toBeCloseTo(1, 1);
  });

  test('the analyser reads a choke in its fixture, and none where there is none', async () => {
    bridge = new Bridge(bench.instruments);
    const rejection: InstrumentRequest = { kind: 'rejection', chokeId: 'choke', frequency: 162e6 };
    const onLead = { ...laidOut(), lead: withChoke(laidOut().lead) };
    const { answer } = await read('sim-analyser', rejection, onLead);
    if (answer.kind !== 'rejection') throw new Error('no rejection');
    expect(answer.decibels).toBeCloseTo(promisedRejection(onLead.lead, chokesOf(onLead.lead)[0]!)!.db, 0);
    await expect(read('sim-analyser', rejection, laidOut())).rejects.toThrow(/-200|No whole answer/);
  });

  test('a joint that drops while it is moved is counted', async () => {
    bridge = new Bridge(bench.instruments);
    const wiggle: InstrumentRequest = {
      kind: 'wiggle',
      pairs: [
        [1, 3],
        [2, 4],
      ],
      seconds: 1,
    };
    const loose = laidOut([{ kind: 'intermittent', terminal: 0 }]);
    const { answer } = await read('sim-tester', wiggle, loose);
    if (answer.kind !== 'wiggle') throw new Error('no wiggle');
    expect(answer.drops[0]).toBeGreaterThan(1);
    expect(answer.drops[1]).toBe(0);
    expect(answer.reads).toBeGreaterThan(10);
  });

  test('asked for what it does not read, or with nothing on its bench, it says so; the next job is served', async () => {
    bridge = new Bridge(bench.instruments);
    await expect(read('sim-meter', matrix, laidOut())).rejects.toThrow(/is a meter/);
    await expect(read('sim-tester', matrix)).rejects.toThrow(/expected a lead/);
    await expect(
      read('sim-tester', { kind: 'wiggle', pairs: [[1, 90]], seconds: 1 }, laidOut()),
    ).rejects.toThrow(/reports error -222/);
    expect((await read('sim-tester', matrix, laidOut())).answer.kind).toBe('matrix');
  });
});

describe('instruments that misbehave: nothing is taken, and the next try works', () => {
  test.each([
    ['dead', /No whole answer within|Nothing came/],
    ['babbling', /talks unasked/],
    ['half an answer', /Only \d+ bytes/],
    ['hangs up', /closed the connection/],
    ['slow', /No whole answer within/],
  ] as const)('%s', async (temper, message) => {
    bridge = new Bridge(bench.instruments, limits);
    await expect(read('sim-tester', matrix, laidOut([], { temper }))).rejects.toThrow(message);
    expect(bridge.states()[0]!.problem).toMatch(message);
    expect((await read('sim-tester', matrix, laidOut())).answer.kind).toBe('matrix');
    expect(bridge.states()[0]!.problem).toBeNull();
  });

  test('hanging up in mid-sweep', async () => {
    bridge = new Bridge(bench.instruments, limits);
    const sweep: InstrumentRequest = { kind: 'sweep', from: 1e6, to: 1e9, points: 801 };
    await expect(read('sim-analyser', sweep, laidOut([], { temper: 'hangs up' }))).rejects.toThrow(
      /Nothing was taken/,
    );
  });

  const stranger = async (answer: (socket: Socket, question: string) => void) => {
    const sockets = new Set<Socket>();
    const server: Server = createServer((socket) => {
      sockets.add(socket);
      socket.on('error', () => undefined);
      socket.on('data', (bytes) => answer(socket, bytes.toString('latin1')));
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const config: InstrumentConfig = {
      id: 'other',
      label: 'Bench tester',
      kind: 'continuity tester',
      host: '127.0.0.1',
      port: (server.address() as AddressInfo).port,
      simulated: false,
    };
    bridge = new Bridge([config], limits);
    const close = () => {
      for (const socket of sockets) socket.destroy();
      server.close();
    };
    return { close };
  };

  test('a real one is asked the same questions, takes no virtual lead, and its figures are checked', async () => {
    const asked: string[] = [];
    const { close } = await stranger((socket, question) => {
      asked.push(question);
      if (question.includes('*IDN?')) socket.write('Shop,tester,7,2\n');
      else if (question.includes('MEAS:MATR?')) socket.write('0.1,9.9E37,what\n');
    });
    await expect(read('other', { kind: 'matrix', points: 3 }, laidOut())).rejects.toThrow(/found "what"/);
    expect(asked.join('')).not.toMatch(/SIM:LEAD/);
    close();
  });

  test('an empty field is no connection of 0 ohm', async () => {
    const { close } = await stranger((socket, question) => {
      if (question.includes('*IDN?')) socket.write('Shop,tester,7,2\n');
      else if (question.includes('MEAS:MATR?')) socket.write('0.1,,9.9E37\n');
    });
    await expect(read('other', { kind: 'matrix', points: 3 })).rejects.toThrow(/found ""/);
    close();
  });

  test('a reading that was stopped leaves the instrument as well as it was', async () => {
    bridge = new Bridge(bench.instruments);
    let asked = 0;
    const stopped = { cancelled: () => ++asked > 3, progress: () => undefined };
    const wiggle: InstrumentRequest = { kind: 'wiggle', pairs: [[1, 3]], seconds: 60 };
    await expect(bridge.read('sim-tester', wiggle, laidOut(), stopped)).rejects.toThrow(/Stopped/);
    expect(bridge.states()[0]!.problem).toBeNull();
  });

  test('more than it should ever send is cut off', async () => {
    const { close } = await stranger((socket, question) => {
      if (question.includes('*IDN?')) socket.write('Shop,tester,7,2\n');
      else socket.write('1,'.repeat(60_000));
    });
    await expect(read('other', matrix)).rejects.toThrow(/more than 0.05 MB/);
    close();
  });

  test('nobody there', async () => {
    const { close } = await stranger(() => undefined);
    close();
    await expect(read('other', matrix)).rejects.toThrow(/does not answer/);
    await expect(read('elsewhere:80', matrix)).rejects.toThrow(/no instrument "elsewhere:80"/);
  });

  test('its error queue is asked after every reading', async () => {
    const { close } = await stranger((socket, question) => {
      if (question.includes('*IDN?')) socket.write('Shop,tester,7,2\n');
      else if (question.includes('MEAS:MATR?')) socket.write('0.1\n');
      else if (question.includes('SYST:ERR?')) socket.write('-310,"System error"\n');
    });
    await expect(read('other', { kind: 'matrix', points: 2 })).rejects.toThrow(/error -310/);
    close();
  });
});

test('any number of pages look at once: each instrument is asked once, a full queue is said, nothing rejects', async () => {
  bridge = new Bridge(bench.instruments);
  const looks = await Promise.all(Array.from({ length: 3000 }, () => bridge.look()));
  expect(looks.every((states) => states.every(({ device }) => device !== null))).toBe(true);
  const reads = await Promise.allSettled(
    Array.from({ length: 40 }, () => read('sim-tester', matrix, laidOut())),
  );
  const refused = reads.filter(({ status }) => status === 'rejected');
  expect(refused.length).toBeGreaterThan(0);
  expect(String((refused[0] as PromiseRejectedResult).reason)).toMatch(/24 jobs waiting/);
  expect((await bridge.look())[0]!.problem).toBeNull();
});
