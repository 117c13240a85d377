import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { ErrorRequestHandler, Express, RequestHandler } from 'express';
import express from 'express';
import staticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { isOwnHost } from './own-address.ts';

type FileOptions = NonNullable<Parameters<typeof staticGzip>[1]>['serveStatic'];

/** What the server is started with. */
export interface ServerOptions {
  /** Folder of the built web application. */
  readonly build: string;
  /** What an empty database is filled with at first opening. */
  readonly firstData: 'demo' | 'empty';
}

/**
 * Serves the built application with strict headers. Scripts come from this server only; inline styles are allowed
 * because the interface sets sizes on elements.
 */
export function createApp({ build, firstData }: ServerOptions): Express {
  const index = join(build, 'index.html');
  if (!existsSync(index)) throw new Error(`There is no build at ${build}: run "npm run build" first.`);
  const app = express();
  app.disable('x-powered-by');
  // A name that was rebound to this machine from outside gets nothing: what the browser keeps here is the shop's own.
  app.use((request, response, next) => {
    if (isOwnHost(request.headers.host)) return next();
    response.status(403).type('text').send('This server answers to localhost only.');
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          connectSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
      referrerPolicy: { policy: 'no-referrer' },
    }),
  );
  app.get('/start.json', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ firstData });
  });
  app.use(readable);
  // Built files carry a hash in their name; the rest must be asked for anew, or an update would never arrive.
  app.use(
    '/assets',
    compressed(join(build, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  );
  app.use(compressed(build, { maxAge: 0, index: false }));
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').sendFile(index);
  });
  app.use(saidPlainly);
  return app;
}

/** An address that is no text is refused before anybody looks for its file. */
const readable: RequestHandler = ({ path }, _response, next) => {
  try {
    decodeURIComponent(path);
    next();
  } catch {
    next({ status: 400 });
  }
};

/** Files of a folder: the compressed ones that the build made beside them, to whoever takes them. */
const compressed = (folder: string, serveStatic: FileOptions) =>
  staticGzip(folder, {
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    index: false,
    serveStatic,
  });

/** What went wrong with an address, without a word of where on this machine. Express knows it by its four parameters. */
const saidPlainly: ErrorRequestHandler = (error: { status?: number }, _request, response, next) => {
  if (response.headersSent) return next(error);
  const status = error.status ?? 500;
  response
    .status(status)
    .type('text')
    .send(status === 404 ? 'There is no such file here.' : 'This address cannot be read.');
};
