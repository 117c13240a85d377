import type { ScpiUnit } from './message.ts';
import { headerMatches, parseMessage, ScpiSyntaxError } from './message.ts';

/** An error as the standard queue holds it: number and text (SCPI-99). */
export interface ScpiError {
  readonly number: number;
  readonly text: string;
}

/** A command that cannot be carried out, with its standard number. */
export class ScpiFailure extends Error {
  constructor(
    readonly number: number,
    message: string,
  ) {
    super(message);
    this.name = 'ScpiFailure';
  }
}

/** What answers a query: text, or a block. */
export type ScpiAnswer = string | Buffer;
/** A command's work; queries return their answer. */
export type ScpiHandler = (parameters: readonly (string | Buffer)[]) => ScpiAnswer | undefined;
/** Handlers by long form, short form in capitals; a query ends in `?`. */
export type ScpiCommands = Readonly<Record<string, ScpiHandler>>;

/** Errors kept before the queue says that it has run over. */
const queueLength = 20;
/** Bits of the standard event status register (IEEE 488.2). */
const eventBits = {
  operationComplete: 1,
  queryError: 4,
  deviceError: 8,
  executionError: 16,
  commandError: 32,
};

/**
 * One controller's session with an instrument: the common commands of IEEE 488.2, the error queue of SCPI, and the
 * instrument's own commands.
 */
export class ScpiSession {
  readonly #commands: ScpiCommands;
  readonly #identity: string;
  readonly #errors: ScpiError[] = [];
  #events = 0;
  #eventMask = 0;
  #serviceMask = 0;

  constructor(identity: string, commands: ScpiCommands, reset: () => void) {
    this.#identity = identity;
    this.#commands = { ...this.#common(reset), ...commands };
  }

  /** Carries out a message; the answers of its queries, in order. Errors go to the queue. */
  take(message: Buffer): ScpiAnswer[] {
    try {
      return parseMessage(message).flatMap((unit) => this.#carryOut(unit));
    } catch (error) {
      this.#fail(error);
      return [];
    }
  }

  #carryOut(unit: ScpiUnit): ScpiAnswer[] {
    const written = `${unit.header}${unit.isQuery ? '?' : ''}`;
    const command = Object.keys(this.#commands).find((each) => headerMatches(written, each));
    try {
      if (command === undefined) throw new ScpiFailure(-113, `Undefined header; ${unit.header.slice(0, 40)}`);
      const answer = this.#commands[command]!(unit.parameters);
      return answer === undefined ? [] : [answer];
    } catch (error) {
      this.#fail(error);
      return [];
    }
  }

  #fail(error: unknown): void {
    const number =
      error instanceof ScpiFailure ? error.number : error instanceof ScpiSyntaxError ? -102 : -300;
    const text = error instanceof Error ? error.message : String(error);
    this.#events |=
      number <= -400
        ? eventBits.queryError
        : number <= -300
          ? eventBits.deviceError
          : number <= -200
            ? eventBits.executionError
            : eventBits.commandError;
    if (this.#errors.length < queueLength) this.#errors.push({ number, text });
    else this.#errors[queueLength - 1] = { number: -350, text: 'Queue overflow' };
  }

  #common(reset: () => void): ScpiCommands {
    const nextError = () => {
      const { number, text } = this.#errors.shift() ?? { number: 0, text: 'No error' };
      return `${number},"${text.replaceAll('"', "'")}"`;
    };
    return {
      '*IDN?': () => this.#identity,
      '*RST': () => void reset(),
      '*CLS': () => {
        this.#errors.length = 0;
        this.#events = 0;
        return undefined;
      },
      '*OPC': () => void (this.#events |= eventBits.operationComplete),
      '*OPC?': () => '1',
      '*WAI': () => undefined,
      '*TST?': () => '0',
      '*ESE': ([mask]) => void (this.#eventMask = readMask(mask)),
      '*ESE?': () => String(this.#eventMask),
      '*ESR?': () => {
        const events = this.#events;
        this.#events = 0;
        return String(events);
      },
      '*SRE': ([mask]) => void (this.#serviceMask = readMask(mask)),
      '*SRE?': () => String(this.#serviceMask),
      '*STB?': () => String(this.#statusByte()),
      'SYSTem:ERRor?': nextError,
      'SYSTem:ERRor:NEXT?': nextError,
      'SYSTem:ERRor:COUNt?': () => String(this.#errors.length),
      'SYSTem:VERSion?': () => '1999.0',
    };
  }

  #statusByte(): number {
    const summary = (this.#events & this.#eventMask) !== 0 ? 32 : 0;
    const queue = this.#errors.length > 0 ? 4 : 0;
    const service = ((summary | queue) & this.#serviceMask) !== 0 ? 64 : 0;
    return summary | queue | service;
  }
}

function readMask(text: string | Buffer | undefined): number {
  const mask = Number(text);
  if (!(Number.isInteger(mask) && mask >= 0 && mask <= 255))
    throw new ScpiFailure(-222, 'Data out of range; expected 0 to 255');
  return mask;
}

/** A number given to a command, within limits. @throws ScpiFailure -109 where it is missing, -222 outside. */
export function readNumber(text: string | Buffer | undefined, least: number, most: number): number {
  if (text === undefined) throw new ScpiFailure(-109, 'Missing parameter');
  const value = Number(String(text));
  if (!(value >= least && value <= most))
    throw new ScpiFailure(-222, `Data out of range; expected ${least} to ${most}`);
  return value;
}
