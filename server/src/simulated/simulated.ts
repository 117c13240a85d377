import type { AddressInfo, Server } from 'node:net';
import type { InstrumentConfig } from '../bridge/config.ts';
import { serveScpi } from '../scpi/scpi-server.ts';
import { analyser } from './analyser.ts';
import { continuityTester } from './continuity-tester.ts';
import { meter } from './meter.ts';

/** The simulated instruments, as real servers on ports of their own. */
export interface SimulatedBench {
  readonly instruments: readonly InstrumentConfig[];
  readonly servers: readonly Server[];
  close(): Promise<void>;
}

const dayFromNow = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

/** Calibrated for a year, whenever the server is started; the analyser was due a fortnight ago, which shows what is said then. */
const calibrated = { calibrated: dayFromNow(-265), due: dayFromNow(100) };
const overdue = { calibrated: dayFromNow(-379), due: dayFromNow(-14) };

const makers = [
  {
    id: 'sim-tester',
    kind: 'continuity tester',
    label: 'Simulated continuity tester',
    make: () =>
      continuityTester({
        ...calibrated,
        model: 'continuity tester 128',
        serial: 'SIM-0128',
        accuracy: { OHMS: { relative: 0.005, fixed: 0.001 } },
      }),
  },
  {
    id: 'sim-meter',
    kind: 'meter',
    label: 'Simulated meter',
    make: () =>
      meter({
        ...calibrated,
        model: 'R C and insulation meter',
        serial: 'SIM-0500',
        accuracy: {
          OHMS: { relative: 0.002, fixed: 0.0005 },
          FARAds: { relative: 0.005, fixed: 0.5e-12 },
          INSulation: { relative: 0.05, fixed: 0 },
        },
      }),
  },
  {
    id: 'sim-analyser',
    kind: 'analyser',
    label: 'Simulated analyser',
    make: () =>
      analyser({
        ...overdue,
        model: 'two-port network analyser',
        serial: 'SIM-2001',
        correction: 'full two-port, planes at the cable ends',
        accuracy: { LOSS: { relative: 0.01, fixed: 0.05 }, DIRectivity: { relative: 0, fixed: 40 } },
      }),
  },
] as const;

/** Starts the three on loopback, each on any free port. */
export async function startSimulated(host = '127.0.0.1'): Promise<SimulatedBench> {
  const servers = await Promise.all(makers.map(({ make }) => serveScpi(make, host, 0)));
  return {
    servers,
    instruments: makers.map(({ id, kind, label }, n) => ({
      id,
      kind,
      label,
      host,
      port: (servers[n]!.address() as AddressInfo).port,
      simulated: true,
    })),
    close: async () => {
      await Promise.all(servers.map((server) => new Promise((resolve) => server.close(resolve))));
    },
  };
}
