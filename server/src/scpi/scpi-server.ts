import type { Server, Socket } from 'node:net';
import { createServer } from 'node:net';
import type { ScpiAnswer, ScpiSession } from './session.ts';
import { messageLength, ScpiSyntaxError } from './message.ts';
import type { Temper } from '@gorvane/core/instrument/virtual-setup.ts';

/** An instrument behind a socket: its session, and how it behaves while it answers. */
export interface InstrumentSession {
  readonly session: ScpiSession;
  temper(): Temper;
}

/** Longest message taken, bytes: a lead's design fits many times. */
const longestMessage = 4e6;
/** How late a slow instrument is, and how much a babbling one says, unasked. */
const slowness = 1500;
const babble = 'OVLD,OVLD,SETTLING\n'.repeat(40);

/** Serves SCPI over TCP; every connection has a session of its own. Resolves when it listens. */
export async function serveScpi(open: () => InstrumentSession, host: string, port: number): Promise<Server> {
  const server = createServer((socket) => converse(socket, open()));
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, resolve);
  });
  return server;
}

function converse(socket: Socket, instrument: InstrumentSession): void {
  let waiting: Buffer = Buffer.alloc(0);
  socket.setNoDelay(true);
  // A controller that goes away in the middle of an answer is its own business.
  socket.on('error', () => socket.destroy());
  socket.on('data', (bytes: Buffer) => {
    waiting = waiting.length === 0 ? bytes : Buffer.concat([waiting, bytes]);
    try {
      for (let end = messageLength(waiting); end !== undefined; end = messageLength(waiting)) {
        const message = waiting.subarray(0, end);
        waiting = waiting.subarray(end);
        answer(socket, instrument, instrument.session.take(message));
      }
    } catch (error) {
      if (!(error instanceof ScpiSyntaxError)) throw error;
      waiting = Buffer.alloc(0);
      instrument.session.take(Buffer.from('#\n'));
    }
    if (waiting.length > longestMessage) socket.destroy();
  });
}

/** Answers of one message, joined by semicolons and ended by a line feed, in the instrument's temper. */
function answer(socket: Socket, instrument: InstrumentSession, answers: readonly ScpiAnswer[]): void {
  if (answers.length === 0) return;
  const parts = answers.flatMap((each, n) => (n > 0 ? [Buffer.from(';'), asBytes(each)] : [asBytes(each)]));
  const bytes = Buffer.concat([...parts, Buffer.from('\n')]);
  switch (instrument.temper()) {
    case 'well':
      socket.write(bytes);
      return;
    case 'slow':
      setTimeout(() => socket.writable && socket.write(bytes), slowness);
      return;
    case 'dead':
      return;
    case 'babbling':
      socket.write(Buffer.concat([bytes, Buffer.from(babble)]));
      return;
    case 'half an answer':
      socket.write(bytes.subarray(0, Math.floor(bytes.length / 2)));
      return;
    case 'hangs up':
      socket.end(bytes.subarray(0, Math.floor(bytes.length / 2)));
      return;
  }
}

const asBytes = (answer: ScpiAnswer) => (typeof answer === 'string' ? Buffer.from(answer, 'utf8') : answer);
