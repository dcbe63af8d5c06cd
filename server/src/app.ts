import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { caliper } from './devices/caliper.ts';
import { probe } from './devices/probe.ts';

/**
 * What a page of ours may load: itself only. WebAssembly and blob images are named since the
 * readers of pictures and solids need them; nothing is ever fetched from elsewhere.
 */
export const CONTENT_SECURITY_POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  connectSrc: ["'self'"],
  workerSrc: ["'self'"],
  manifestSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'none'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
};

/** A hand that measures takes about so long from one reading to the next. */
const READING_MS = 900;

/**
 * The application's server: the built files of `folder`, its start page for every address, and the
 * stand-ins for bench devices, whose readings come every `readingMs`.
 */
export function createApp(folder: string, readingMs = READING_MS): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: CONTENT_SECURITY_POLICY },
      strictTransportSecurity: false,
    }),
  );
  app.use('/devices', caliper(readingMs), probe(), (_request, response) => {
    response.status(404).type('text').send('There is no such device here.');
  });
  app.use(compression());
  app.use('/assets', builtFiles(join(folder, 'assets')));
  app.use(express.static(folder, { index: false, maxAge: 0 }));
  app.get('/{*path}', (request, response) => {
    // Outside of pieces and animals, whose parts have names with points, what has an ending is a file.
    if (/\.[^/]*$/.test(request.path) && !/^\/(piece|library)\//.test(request.path)) {
      response.status(404).type('text').send(NOT_THERE);
      return;
    }
    const page = join(folder, 'index.html');
    if (existsSync(page)) response.set('Cache-Control', 'no-cache').sendFile(page);
    else response.status(503).type('text').send('The application is not built yet: npm run build.');
  });
  app.use((_request, response) => {
    response.status(404).type('text').send(NOT_THERE);
  });
  app.use(plainError);
  return app;
}

/** Built files, kept for good; packed as the build left them beside, where the browser takes that. */
function builtFiles(folder: string): RequestHandler {
  const serveStatic = { immutable: true, maxAge: '1y', fallthrough: false };
  if (!existsSync(folder)) return express.static(folder, serveStatic);
  const options = { enableBrotli: true, orderPreference: ['br'], index: false, serveStatic };
  return expressStaticGzip(folder, options) as RequestHandler;
}

const NOT_THERE = 'There is no such file here.';

/** Errors as a plain sentence: no stack, no path of this machine. */
const plainError: ErrorRequestHandler = (error: { status?: unknown }, _request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const status = typeof error.status === 'number' && error.status >= 400 ? error.status : 500;
  const sentence =
    status === 404
      ? NOT_THERE
      : status < 500
        ? 'The address cannot be read.'
        : 'The server could not answer.';
  response.status(status).type('text').send(sentence);
};
