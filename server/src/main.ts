import { createServer } from 'node:http';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './createApp';

const HOST = '127.0.0.1';
const FIRST_PORT = Number(process.env.PORT ?? 4610);
const TRIES = 50;

const built = join(dirname(fileURLToPath(import.meta.url)), '../../web/dist');

/** Listens on the wanted port or the next free one; the address is the last line printed. */
function listen(port: number): void {
  const server = createServer(createApp(built));
  server.once('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EADDRINUSE' && port + 1 < FIRST_PORT + TRIES) listen(port + 1);
    else {
      console.error(`Cannot listen on ${HOST}:${port}: ${error.message}`);
      process.exit(1);
    }
  });
  server.listen(port, HOST, () => console.log(`http://${HOST}:${port}/`));
}

if (!Number.isInteger(FIRST_PORT) || FIRST_PORT < 1 || FIRST_PORT > 65535) {
  console.error(`PORT must be a whole number from 1 to 65535, not "${process.env.PORT}".`);
  process.exit(1);
}
listen(FIRST_PORT);
