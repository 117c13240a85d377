import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import type { FromBridge } from '@gorvane/core/instrument/messages.ts';
import { fromBrowserSchema } from '@gorvane/core/instrument/messages.ts';
import type { WebSocket } from 'ws';
import { WebSocketServer } from 'ws';
import { isOwnHost, isOwnOrigin } from '../own-address.ts';
import type { Bridge } from './bridge.ts';

/** Where the browser finds the bridge. */
export const bridgePath = '/instruments';

/** Most browsers at once, jobs of one of them, and bytes of one message. */
const mostBrowsers = 16;
const mostJobs = 16;
const longestMessage = 2e6;

/** Serves the bridge over WebSocket on the server of the application: to pages of this very server only. */
export function serveBridge(server: Server, bridge: Bridge): void {
  const sockets = new WebSocketServer({ noServer: true, maxPayload: longestMessage, clientTracking: true });
  server.on('upgrade', (request, stream, head) => {
    // Who hangs up meanwhile is nobody's error.
    stream.on('error', () => stream.destroy());
    const refusal = refusalOf(request, sockets.clients.size);
    if (refusal) return refuse(stream, refusal);
    sockets.handleUpgrade(request, stream, head, (socket) => converse(socket, bridge));
  });
  server.on('close', () => {
    for (const socket of sockets.clients) socket.terminate();
    bridge.close();
  });
}

function refusalOf({ url, headers }: IncomingMessage, browsers: number): string | undefined {
  if (url !== bridgePath) return '404 Not Found';
  if (!isOwnHost(headers.host) || !isOwnOrigin(headers.origin, headers.host)) return '403 Forbidden';
  return browsers >= mostBrowsers ? '503 Service Unavailable' : undefined;
}

function refuse(stream: Duplex, status: string): void {
  stream.end(`HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Length: 0\r\n\r\n`);
}

/** One browser: its jobs run until they answer, are cancelled, or the page goes away. */
function converse(socket: WebSocket, bridge: Bridge): void {
  const running = new Map<string, { cancelled: boolean }>();
  const say = (message: FromBridge) => {
    if (socket.readyState === socket.OPEN) socket.send(JSON.stringify(message));
  };
  const look = async () => say({ say: 'instruments', instruments: await bridge.look() });
  socket.on('close', () => {
    for (const job of running.values()) job.cancelled = true;
  });
  socket.on('error', () => socket.terminate());
  socket.on('message', (bytes: Buffer, isBinary) => {
    const message = readMessage(bytes, isBinary);
    if (!message) return socket.close(1008, 'not a message of the bridge');
    if (message.say === 'look') return void look();
    if (message.say === 'cancel') {
      const job = running.get(message.job);
      if (job) job.cancelled = true;
      return;
    }
    const { job: id, instrument, request, virtual } = message;
    if (running.has(id) || running.size >= mostJobs)
      return say({ say: 'refused', job: id, problem: `${mostJobs} jobs of this page are running already.` });
    const job = { cancelled: false };
    running.set(id, job);
    const context = {
      cancelled: () => job.cancelled,
      progress: (done: number, of: number) => say({ say: 'progress', job: id, done, of }),
    };
    bridge
      .read(instrument, request, virtual, context)
      .then(
        ({ device, answer }) => say({ say: 'answer', job: id, device, answer }),
        (error: unknown) =>
          say({ say: 'refused', job: id, problem: error instanceof Error ? error.message : String(error) }),
      )
      .finally(() => running.delete(id));
  });
  void look();
}

function readMessage(bytes: Buffer, isBinary: boolean) {
  if (isBinary) return undefined;
  try {
    return fromBrowserSchema.safeParse(JSON.parse(bytes.toString('utf8'))).data;
  } catch {
    return undefined;
  }
}
