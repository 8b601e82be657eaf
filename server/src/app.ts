import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express from 'express';
import type { Express } from 'express';
import helmet from 'helmet';

export interface Deps {
  /** The built web application. */
  readonly distDir: string;
  /** Which kitchen a browser opens that has not chosen yet. */
  readonly realm: 'kitchen' | 'demo';
}

/** Serves the built application; it keeps no data. Listening is the caller's. */
export function createApp({ distDir, realm }: Deps): Express {
  const app = express();
  const page = readFileSync(join(distDir, 'index.html'), 'utf8').replace(
    'data-realm="kitchen"',
    `data-realm="${realm}"`,
  );
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          styleSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // A kitchen's own address is plain http on loopback; promising https would lock it out.
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());
  app.get('/healthz', (_req, res) => {
    res.json({ ok: true, realm });
  });
  app.use((req, res, next) => {
    // Data belong to host and port: one address, or a kitchen would be split in two.
    if (req.hostname === 'localhost') {
      const port = req.headers.host?.split(':')[1] ?? '80';
      res.redirect(307, `http://127.0.0.1:${port}${req.originalUrl}`);
      return;
    }
    next();
  });
  app.use('/assets', express.static(join(distDir, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(distDir, { index: false }));
  app.get('/{*path}', (_req, res) => {
    res.type('html').set('Cache-Control', 'no-cache').send(page);
  });
  return app;
}
