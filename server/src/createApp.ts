import express, { type Express } from 'express';
import packed from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { join } from 'node:path';
import { isSheet, ownNameOnly, plainErrors, readableAddress } from './guards';
import { readBattery, startBattery } from './routes/standInBattery';
import { readLevel, startLevel } from './routes/standInLevel';
import { standInClip } from './routes/standInClip';
import { standInLog } from './routes/standInLog';
import { standInStill } from './routes/standInStill';

/** The whole server: the built application and the stand-in devices. Nothing is fetched from elsewhere. */
export function createApp(builtFolder: string): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(ownNameOnly);
  app.use(readableAddress);
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // The kernel of the search is WebAssembly that ships with the page.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'blob:', 'data:'],
          mediaSrc: ["'self'", 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(express.json({ limit: '200kb' }));
  app.post('/api/stand-in/still', standInStill);
  app.post('/api/stand-in/clip', standInClip);
  app.post('/api/stand-in/log', standInLog);
  app.post('/api/stand-in/battery', startBattery);
  app.get('/api/stand-in/battery/:id', readBattery);
  app.post('/api/stand-in/level', startLevel);
  app.get('/api/stand-in/level/:id', readLevel);
  app.use('/api', (_request, response) => {
    response.status(404).json({ problem: 'No such device here.' });
  });
  if (existsSync(builtFolder)) {
    const named = join(builtFolder, 'assets');
    const setHeaders = (response: ServerResponse, path: string) => {
      // What the build names by its content never changes: no browser need ask for it twice.
      if (path.startsWith(named)) response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
    };
    const serveStatic = { maxAge: 0, setHeaders };
    app.use(packed(builtFolder, { enableBrotli: true, index: false, serveStatic }));
    app.get('/{*any}', (request, response, next) => {
      if (isSheet(request.path)) response.sendFile(join(builtFolder, 'index.html'));
      else next();
    });
  }
  app.use((_request, response) => {
    response.status(404).json({ problem: 'There is nothing of that name here.' });
  });
  app.use(plainErrors);
  return app;
}
