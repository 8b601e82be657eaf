import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express from 'express';
import type { Express, NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { benchRoutes } from './bench/routes';
import { hostHeader, LOOPBACK, namesOf } from './hosts';

export interface Deps {
  /** The built web application. */
  readonly distDir: string;
  /** Which kitchen a browser opens that has not chosen yet. */
  readonly realm: 'kitchen' | 'demo';
  /** Where the server listens: only requests that name it are answered. */
  readonly host?: string;
  /** The time of this machine, ms. */
  readonly now: () => number;
}

/** An empty sheet, and the two that the chart library writes. */
const CHART_SHEETS = [
  "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
  "'sha256-TBymqJXQvXKxe+z+3ydUYBErlkFFu110c5FjiVB8p+M='",
  "'sha256-aSysLrDECVdJ6L+jLf8CC5QKLmwRuk/OZiZk9mYky8A='",
];

/** What its pages may use of a device: the camera for jars, the microphone for the jug, Bluetooth for instruments. */
const PERMISSIONS =
  'camera=(self), microphone=(self), bluetooth=(self), screen-wake-lock=(self), geolocation=(), payment=(), usb=(), serial=()';

/** Serves the built application and the instruments that ship with it; it keeps no data. Listening is the caller's. */
export function createApp({ distDir, realm, host = LOOPBACK, now }: Deps): Express {
  const app = express();
  const page = readFileSync(join(distDir, 'index.html'), 'utf8').replace('data-realm=""', `data-realm="${realm}"`);
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // The chart library writes two sheets of its own; they are let in by what they say (hashes of apexcharts 4.7.0).
          styleSrc: ["'self'", ...CHART_SHEETS],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      // A kitchen's own address is plain http on loopback; promising https would lock it out.
      strictTransportSecurity: false,
    }),
  );
  app.use((_req, res, next) => {
    res.set('Permissions-Policy', PERMISSIONS);
    next();
  });
  // Within one machine packing costs more than it spares; and what is told as it comes must not wait for a packet to fill.
  const packs = (req: Request): boolean => !isHere(req.socket.remoteAddress) && !req.path.endsWith('/stream');
  app.use(compression({ filter: (req, res) => packs(req) && compression.filter(req, res) }));
  const names = namesOf(host);
  app.use((req, res, next) => {
    const asked = hostHeader(req.headers.host);
    if (!asked || !names.has(asked.name)) {
      // A page elsewhere that points its own name at this machine must not be served our pages.
      res.status(421).type('text').send('This address is not served here. Open the address that Ironpan printed.\n');
      return;
    }
    // Data belong to host and port: one address, or a kitchen would be split in two.
    if (asked.name === 'localhost') res.redirect(307, `http://${LOOPBACK}:${asked.port}${pathOf(req.originalUrl)}`);
    else next();
  });
  app.get('/healthz', (_req, res) => {
    res.json({ ok: true, realm });
  });
  app.use('/bench-api', benchRoutes(now));
  app.use('/assets', express.static(join(distDir, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  const sendPage = (_req: Request, res: Response): void => {
    res.type('html').set('Cache-Control', 'no-cache').send(page);
  };
  app.get('/index.html', sendPage);
  app.use(express.static(distDir, { index: false }));
  app.get('/{*path}', (req, res, next) => {
    // A file that is not there is no page of the application.
    if (/\.\w+$/.test(req.path)) next(Object.assign(new Error('no such file'), { status: 404 }));
    else sendPage(req, res);
  });
  app.use(plainError);
  return app;
}
/** Asked by this very machine. */
const isHere = (address = ''): boolean => /^(::ffff:)?127\.|^::1$/.test(address);
/** Of an address only path and question go into a redirect: `//other.example` would be another host. */
const pathOf = (url: string): string => `/${url.replace(/^[/\\]+/, '')}`;

/** Four arguments make it Express's handler of errors. A plain sentence: no trace, no path of this machine. */
function plainError(e: { readonly status?: number }, _req: Request, res: Response, _next: NextFunction): void {
  const status = e.status !== undefined && e.status >= 400 && e.status < 500 ? e.status : 500;
  const say =
    status === 500
      ? 'The server failed.'
      : status === 404
        ? 'There is nothing at this address.'
        : 'This request is refused.';
  res.status(status).type('text').send(`${say}\n`);
}
