import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './createApp';

let server: Server;
let port: number;
const built = mkdtempSync(join(tmpdir(), 'built-'));

beforeAll(async () => {
  mkdirSync(join(built, 'assets'));
  writeFileSync(join(built, 'index.html'), '<p>the page</p>');
  writeFileSync(join(built, 'assets/main-1.js'), 'export {};');
  server = createServer(createApp(built));
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', () => ready()));
  port = (server.address() as AddressInfo).port;
});
afterAll(async () => {
  await new Promise((done) => server.close(done));
  rmSync(built, { recursive: true });
});

/** A request as it goes over the wire: with any Host, any path, any body. */
const ask = (path: string, { method = 'GET', headers = {}, body = '' } = {}) =>
  new Promise<{ status: number; text: string }>((resolve, reject) => {
    const asked = request({ host: '127.0.0.1', port, path, method, headers }, (answer) => {
      let text = '';
      answer.setEncoding('utf8').on('data', (piece: string) => (text += piece));
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
    });
    asked.on('error', reject);
    asked.end(body);
  });
const json = { 'content-type': 'application/json' };
const LEAKS = /\bat [\w.]+ \(|node_modules|\/src\/|\.ts\b|\.js:|<pre>/;

it.each(['localhost', '127.0.0.1', 'LOCALHOST', '[::1]'])('answers by the name %s', async (name) => {
  expect((await ask('/', { headers: { host: `${name}:${port}` } })).status).toBe(200);
});

it.each(['example.test', 'localhost.example.test', '127.0.0.1.example.test', '10.0.0.7'])(
  'does not answer by the name "%s"',
  async (host) => {
    const answer = await ask('/', { headers: { host } });
    expect(answer.status).toBe(403);
    expect(answer.text).not.toMatch(/the page/);
  },
);

it.each(['/', '/kit', '/outing/some-id/shot/other-id', '/carriers/longboard?x=1.5'])(
  'leads %s to the page',
  async (path) => {
    expect(await ask(path)).toEqual({ status: 200, text: '<p>the page</p>' });
  },
);

it.each(['/assets/main-2.js', '/assets/gone.css', '/favicon.ico', '/sheet.json', '/a/b/core.worker-x1.js'])(
  'says that the file %s is not there, instead of giving the page for it',
  async (path) => {
    const answer = await ask(path);
    expect(answer.status).toBe(404);
    expect(answer.text).not.toMatch(/the page/);
  },
);

it('gives the file that is there', async () => {
  expect(await ask('/assets/main-1.js')).toEqual({ status: 200, text: 'export {};' });
});

const still = '/api/stand-in/still';
it.each([
  ['half a JSON', still, { method: 'POST', headers: json, body: '{"file": "' }, 400, /cannot be read/],
  [
    'far too much',
    still,
    { method: 'POST', headers: json, body: JSON.stringify({ file: 'x'.repeat(300_000) }) },
    413,
    /too large/,
  ],
  [
    'a kind of text that is none',
    still,
    { method: 'POST', headers: { 'content-type': 'application/json; charset=odd' }, body: '{}' },
    415,
    /not read here/,
  ],
  ['no JSON at all', still, { method: 'POST', headers: { 'content-type': 'text/plain' }, body: 'hello' }, 400, /Send/],
  ['a path that is no text', '/%E0%A4%A', {}, 400, /cannot be read/],
  ['a way up out of the folder', '/assets/..%2f..%2f..%2fetc%2fpasswd', {}, 404, /problem/],
  ['another method', '/kit', { method: 'DELETE' }, 404, /nothing of that name/],
  [
    'a device that is not there',
    '/api/stand-in/other',
    { method: 'POST', headers: json, body: '{}' },
    404,
    /No such device/,
  ],
] as const)('answers %s in words, without a trace of how it is built', async (_, path, over, status, says) => {
  const answer = await ask(path, over);
  expect(answer.status).toBe(status);
  expect(answer.text).toMatch(says);
  expect(answer.text).not.toMatch(LEAKS);
});

it('an own camera whose picture is a stripe does not keep the stand-in busy: it is refused', async () => {
  const body = JSON.stringify({
    take: 1,
    file: JSON.stringify({
      format: 'strut-spot/set-up',
      version: 1,
      name: 'x',
      rig: { ownKit: { cameras: [{ widthPx: 160, heightPx: 20000 }], links: [], bases: [] } },
    }),
  });
  const began = Date.now();
  expect((await ask(still, { method: 'POST', headers: json, body })).status).toBe(400);
  expect(Date.now() - began).toBeLessThan(5000);
});
