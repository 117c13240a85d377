import type {
  InstrumentAnswer,
  InstrumentRequest,
  InstrumentState,
} from '@gorvane/core/instrument/messages.ts';
import type { VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import type { Device } from '@gorvane/core/reading/reading.ts';
import type { ClientLimits } from '../scpi/scpi-client.ts';
import { InstrumentError, ScpiClient, usualLimits } from '../scpi/scpi-client.ts';
import type { InstrumentConfig } from './config.ts';
import type { JobContext } from './driver.ts';
import { identify, readInstrument, ReadingStopped } from './driver.ts';

/** Jobs that may wait for one instrument. */
const longestQueue = 24;

/** One instrument: its connection, who it said it was, and the jobs that wait for it. One job at a time. */
class Station {
  readonly config: InstrumentConfig;
  readonly #limits: ClientLimits;
  #client: ScpiClient | undefined;
  #last: Promise<unknown> = Promise.resolve();
  #waiting = 0;
  #looking: Promise<void> | undefined;
  device: Device | null = null;
  problem: string | null = null;

  constructor(config: InstrumentConfig, limits: ClientLimits) {
    this.config = config;
    this.#limits = limits;
  }

  /** Finds out who it is; however many pages ask meanwhile, it is asked once. Never rejects: what went wrong is its problem. */
  look(): Promise<void> {
    this.#looking ??= this.inTurn(async () => undefined)
      .catch(() => undefined)
      .finally(() => (this.#looking = undefined));
    return this.#looking;
  }

  /** Runs work when it is this job's turn. @throws InstrumentError when too many wait already. */
  async inTurn<Result>(work: (client: ScpiClient, device: Device) => Promise<Result>): Promise<Result> {
    if (this.#waiting >= longestQueue)
      throw new InstrumentError(
        `${this.config.label} has ${longestQueue} jobs waiting. Try again when it is free.`,
      );
    this.#waiting++;
    const run = this.#last.then(async () => {
      try {
        const { client, device } = await this.#ready();
        const result = await work(client, device);
        this.problem = null;
        return result;
      } catch (error) {
        if (error instanceof ReadingStopped) throw error;
        this.#client?.close();
        this.#client = undefined;
        this.problem = error instanceof Error ? error.message : String(error);
        throw error;
      } finally {
        this.#waiting--;
      }
    });
    this.#last = run.catch(() => undefined);
    return run;
  }

  async #ready(): Promise<{ client: ScpiClient; device: Device }> {
    if (!this.#client || this.#client.closed || !this.device) {
      this.#client?.close();
      this.device = null;
      this.#client = await ScpiClient.open(this.config.host, this.config.port, this.#limits);
      this.device = await identify(this.#client, this.config);
    }
    return { client: this.#client, device: this.device };
  }

  close(): void {
    this.#client?.close();
  }
}

/** The bridge to the instruments of the configuration. Nothing that a browser says is ever dialled. */
export class Bridge {
  readonly #stations: ReadonlyMap<string, Station>;

  constructor(instruments: readonly InstrumentConfig[], limits: ClientLimits = usualLimits) {
    this.#stations = new Map(instruments.map((config) => [config.id, new Station(config, limits)]));
  }

  /** Asks every instrument who it is. */
  async look(): Promise<InstrumentState[]> {
    await Promise.all([...this.#stations.values()].map((station) => station.look()));
    return this.states();
  }

  states(): InstrumentState[] {
    return [...this.#stations.values()].map(({ config, device, problem }) => ({
      id: config.id,
      label: config.label,
      kind: config.kind,
      simulated: config.simulated,
      device,
      problem,
    }));
  }

  /** Reads an instrument. @throws InstrumentError in words for the person at the bench. */
  async read(
    id: string,
    request: InstrumentRequest,
    virtual: VirtualSetup | undefined,
    context: JobContext,
  ): Promise<{ device: Device; answer: InstrumentAnswer }> {
    const station = this.#stations.get(id);
    if (!station)
      throw new InstrumentError(`There is no instrument "${id.slice(0, 40)}" in the configuration.`);
    return station.inTurn(async (client, device) => {
      if (context.cancelled()) throw new ReadingStopped();
      return { device, answer: await readInstrument(client, station.config, request, virtual, context) };
    });
  }

  close(): void {
    for (const station of this.#stations.values()) station.close();
  }
}
