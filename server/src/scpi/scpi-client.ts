import type { Socket } from 'node:net';
import { connect } from 'node:net';
import { blockLength, messageLength, ScpiSyntaxError } from './message.ts';

/** What is wrong with an instrument, in words for the person at the bench. */
export class InstrumentError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'InstrumentError';
  }
}

/** How long is waited for a connection and for an answer, milliseconds, and how much is taken, bytes. */
export interface ClientLimits {
  readonly connect: number;
  readonly answer: number;
  readonly longest: number;
}

export const usualLimits: ClientLimits = { connect: 2000, answer: 4000, longest: 4e6 };

/** So long is waited for the reason of a silence, milliseconds. */
const errorQueueTime = 300;

/**
 * A connection to one instrument: one question at a time. After anything that went wrong it is closed, so that a late
 * answer is never taken for the next one's.
 */
export class ScpiClient {
  readonly #socket: Socket;
  readonly #limits: ClientLimits;
  #received: Buffer = Buffer.alloc(0);
  #ended: string | undefined;
  #wake: (() => void) | undefined;

  private constructor(socket: Socket, limits: ClientLimits) {
    this.#socket = socket;
    this.#limits = limits;
    socket.on('data', (bytes: Buffer) => {
      this.#received = this.#received.length === 0 ? bytes : Buffer.concat([this.#received, bytes]);
      this.#wake?.();
    });
    const end = (why: string) => {
      this.#ended ??= why;
      this.#wake?.();
    };
    socket.on('error', (error) => end(`The connection broke (${error.message}).`));
    socket.on('close', () => end('It closed the connection.'));
    socket.on('end', () => end('It closed the connection.'));
  }

  /** @throws InstrumentError when nobody answers there. */
  static async open(host: string, port: number, limits: ClientLimits = usualLimits): Promise<ScpiClient> {
    const socket = connect({ host, port });
    socket.setNoDelay(true);
    await new Promise<void>((resolve, reject) => {
      const fail = (why: string) => {
        socket.destroy();
        reject(new InstrumentError(`The instrument does not answer: ${why}. Is it on, and on the network?`));
      };
      const timer = setTimeout(() => fail(`no connection within ${limits.connect / 1000} s`), limits.connect);
      socket.once('connect', () => {
        clearTimeout(timer);
        resolve();
      });
      socket.once('error', (error) => {
        clearTimeout(timer);
        fail(error.message);
      });
    });
    return new ScpiClient(socket, limits);
  }

  get closed(): boolean {
    return this.#ended !== undefined;
  }

  close(): void {
    this.#ended ??= 'It was closed.';
    this.#socket.destroy();
    this.#wake?.();
  }

  /** Sends a command that has no answer. */
  send(...parts: readonly (string | Buffer)[]): void {
    if (this.#ended) throw new InstrumentError(this.#ended);
    if (this.#received.length > 0) this.#babble();
    this.#socket.write(Buffer.concat([...parts.map((part) => Buffer.from(part)), Buffer.from('\n')]));
  }

  /** Asks, and waits for the whole answer: a line without its end, or the bytes of a block. @throws InstrumentError */
  async ask(question: string, answer: number = this.#limits.answer): Promise<Buffer> {
    this.send(question);
    const deadline = Date.now() + answer;
    for (;;) {
      const whole = this.#take(question);
      if (whole) return whole;
      if (this.#ended) this.#fail(question, `${this.#ended} ${this.#soFar()}`);
      const left = deadline - Date.now();
      if (left <= 0) await this.#giveUp(question, answer);
      await this.#more(left);
    }
  }

  async askText(question: string, answer?: number): Promise<string> {
    return (await this.ask(question, answer)).toString('utf8').trim();
  }

  #take(question: string): Buffer | undefined {
    if (this.#received.length > this.#limits.longest)
      this.#fail(question, `It sent more than ${this.#limits.longest / 1e6} MB without an end.`);
    let length: number | undefined;
    try {
      length = messageLength(this.#received);
    } catch (error) {
      if (!(error instanceof ScpiSyntaxError)) throw error;
      this.#fail(question, `What it sent is no answer: ${error.message}`);
    }
    if (length === undefined) return undefined;
    const whole = this.#received.subarray(0, length - 1);
    this.#received = this.#received.subarray(length);
    if (this.#received.length > 0) this.#babble();
    if (whole[0] !== 35) return whole;
    const block = blockLength(whole, 0)!;
    return whole.subarray(block.header, block.header + block.body);
  }

  /** An instrument that refuses a question stays silent and says why in its error queue. */
  async #giveUp(question: string, answer: number): Promise<never> {
    if (this.#received.length === 0) {
      this.#socket.write('SYST:ERR?\n');
      await this.#more(errorQueueTime);
      const [, number, text] = /^(-?\d+),(.*)/.exec(this.#received.toString('latin1')) ?? [];
      if (number !== undefined && Number(number) !== 0)
        this.#fail(question, `It reports error ${number}: ${text}.`);
    }
    this.#fail(question, `No whole answer within ${answer / 1000} s. ${this.#soFar()}`);
  }

  #soFar(): string {
    return this.#received.length === 0
      ? 'Nothing came.'
      : `Only ${this.#received.length} bytes of its answer came.`;
  }

  #babble(): never {
    const heard = this.#received.toString('latin1').slice(0, 30).replace(/\s+/g, ' ');
    this.close();
    throw new InstrumentError(
      `The instrument talks unasked ("${heard}..."): its answers cannot be told apart. Nothing was taken. Reset it and try again.`,
    );
  }

  #fail(question: string, why: string): never {
    this.close();
    throw new InstrumentError(`Asked ${question.split(' ')[0]}: ${why} Nothing was taken. Try again.`);
  }

  #more(milliseconds: number): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(done, milliseconds);
      const wake = () => done();
      function done() {
        clearTimeout(timer);
        resolve();
      }
      this.#wake = wake;
    });
  }
}
