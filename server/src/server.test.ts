import { strFromU8, unzipSync } from 'fflate';
import { INTENTS, newOuting, newShot, setUpFileOf } from '@strut-spot/core';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, brotliDecompressSync } from 'node:zlib';
import { PNG } from 'pngjs';
import { createApp } from './createApp';
import { STILL_WIDTH_PX } from './routes/standInStill';

let server: Server;
let url: string;
const outing = newOuting('o', '2027-02-14T08:00:00.000Z');
const file = JSON.stringify(
  setUpFileOf(
    { ...outing, shots: [newShot('s', outing.carriers[0]!, outing.carriers[0]!.rig, { intent: INTENTS[0]! })] },
    's',
  ),
);

beforeAll(async () => {
  server = createServer(createApp('/nowhere'));
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', () => ready()));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise((done) => server.close(done)));

const still = (body: unknown) =>
  fetch(`${url}/api/stand-in/still`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

describe('the stand-in camera', () => {
  it('gives the same still for the same take and another for another', async () => {
    const take = async (n: number) => Buffer.from(await (await still({ file, take: n })).arrayBuffer());
    const [first, again, other] = [await take(1), await take(1), await take(2)];
    expect(PNG.sync.read(first).width).toBe(STILL_WIDTH_PX);
    expect(first.equals(again)).toBe(true);
    expect(first.equals(other)).toBe(false);
  });

  it.each([
    ['nothing', {}, /Send/],
    ['a foreign file', { file: '{}', take: 1 }, /not a set-up file/],
  ])('answers %s with what is wrong', async (_name, body, message) => {
    const answer = await still(body);
    expect(answer.status).toBe(400);
    expect(((await answer.json()) as { problem: string }).problem).toMatch(message);
  });

  it('lets no script or request from elsewhere into the page', async () => {
    const answer = await fetch(`${url}/api/none`);
    expect(answer.status).toBe(404);
    expect(answer.headers.get('content-security-policy')).toContain("connect-src 'self'");
    expect(answer.headers.get('content-security-policy')).toContain("script-src 'self' 'wasm-unsafe-eval'");
  });
});

describe('the stand-in power meter', () => {
  const start = (body: unknown) =>
    fetch(`${url}/api/stand-in/battery`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const shown = async (id: string) =>
    (await (await fetch(`${url}/api/stand-in/battery/${id}`)).json()) as { recordedMin: number; percent: number };

  it('records a minute a second: what it shows of its battery falls', async () => {
    const { id } = (await (await start({ file })).json()) as { id: string };
    const before = await shown(id);
    await new Promise((done) => setTimeout(done, 1500));
    const after = await shown(id);
    expect(before.percent).toBe(100);
    expect(after.recordedMin - before.recordedMin).toBeGreaterThan(1);
    expect(after.percent).toBeLessThan(100);
    expect(after.percent).toBeGreaterThan(85);
  });

  it('says what is wrong with a file, and of a recording that it does not know', async () => {
    expect((await start({})).status).toBe(400);
    expect((await start({ file: '{}' })).status).toBe(400);
    const gone = await fetch(`${url}/api/stand-in/battery/none`);
    expect(gone.status).toBe(404);
    expect(((await gone.json()) as { problem: string }).problem).toMatch(/start it again/);
  });
});

describe('the moving stand-in camera', () => {
  const clip = (body: unknown) =>
    fetch(`${url}/api/stand-in/clip`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });

  it('gives two and a half seconds of pictures that differ, as many as it says', async () => {
    const answer = await clip({ file, take: 1 });
    expect(answer.headers.get('content-type')).toMatch(/zip/);
    const files = unzipSync(new Uint8Array(await answer.arrayBuffer()));
    const { framesPerSecond, pictures } = JSON.parse(strFromU8(files['clip.json']!)) as Record<string, number>;
    expect(pictures! / framesPerSecond!).toBe(2.5);
    const names = Object.keys(files).filter((name) => name.endsWith('.png'));
    expect(names).toHaveLength(pictures!);
    const [first, later] = [names[0]!, names[7]!].map((name) => PNG.sync.read(Buffer.from(files[name]!)));
    expect([first!.width, first!.height]).toEqual([later!.width, later!.height]);
    expect(first!.data.equals(later!.data)).toBe(false);
  });

  it('is exposed as the set-up says: darker by the stops set by hand', async () => {
    const brightness = async (compensation: number) => {
      const set = JSON.parse(file) as { setUp: object };
      const asked = JSON.stringify({ ...set, setUp: { ...set.setUp, compensation } });
      const files = unzipSync(new Uint8Array(await (await clip({ file: asked, take: 1 })).arrayBuffer()));
      const { data } = PNG.sync.read(Buffer.from(files['005.png']!));
      return data.reduce((sum, byte, i) => (i % 4 === 0 ? sum + (byte / 255) ** 2.2 : sum), 0);
    };
    // One stop is half the light.
    expect((await brightness(-1)) / (await brightness(0))).toBeCloseTo(0.5, 1);
  });

  it('answers what it cannot film with what is wrong', async () => {
    expect((await clip({ file })).status).toBe(400);
    expect((await clip({ file: '{}', take: 1 })).status).toBe(400);
  });
});

describe('the stand-in level', () => {
  const start = (body: unknown) =>
    fetch(`${url}/api/stand-in/level`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const read = async (id: string) =>
    (await (await fetch(`${url}/api/stand-in/level/${id}`)).json()) as { betaDeg: number; gammaDeg: number };

  it('comes nearer to what the set-up asks for', async () => {
    const { id } = (await (await start({ file })).json()) as { id: string };
    const { tiltDeg } = (JSON.parse(file) as { setUp: { angles: { tiltDeg: number } } }).setUp.angles;
    const first = await read(id);
    await new Promise((done) => setTimeout(done, 1500));
    const later = await read(id);
    // The hand trembles by a few tenths.
    expect(Math.abs(later.betaDeg - tiltDeg)).toBeLessThan(Math.abs(first.betaDeg - tiltDeg) + 0.6);
    expect(Math.abs(first.betaDeg - tiltDeg)).toBeLessThan(14.5);
  });

  it('says what is wrong with a file, and of a level that it does not know', async () => {
    expect((await start({ file: '{}' })).status).toBe(400);
    const gone = await fetch(`${url}/api/stand-in/level/none`);
    expect(gone.status).toBe(404);
    expect(((await gone.json()) as { problem: string }).problem).toMatch(/start it again/);
  });
});

it('the page is sent packed to a browser that unpacks it, and whole to one that does not', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'strut-spot-built-'));
  const script = 'export const answer = 42;\n'.repeat(100);
  mkdirSync(join(folder, 'assets'));
  for (const name of ['page.js', 'assets/page-1a2b.js']) {
    writeFileSync(join(folder, name), script);
    writeFileSync(join(folder, `${name}.br`), brotliCompressSync(script));
  }
  const built = createServer(createApp(folder));
  await new Promise<void>((ready) => built.listen(0, '127.0.0.1', () => ready()));
  const { port } = built.address() as AddressInfo;
  const sent = (accepted: string, path = '/page.js') =>
    new Promise<{ body: Buffer; headers: Record<string, unknown> }>((done, failed) => {
      const pieces: Buffer[] = [];
      get({ port, path, headers: { host: `127.0.0.1:${port}`, 'accept-encoding': accepted } }, (answer) =>
        answer
          .on('data', (piece: Buffer) => pieces.push(piece))
          .on('end', () => done({ body: Buffer.concat(pieces), headers: answer.headers })),
      ).on('error', failed);
    });
  const [packed, whole] = [await sent('gzip, br'), await sent('identity')];
  const named = await sent('gzip, br', '/assets/page-1a2b.js');
  await new Promise((done) => built.close(done));
  rmSync(folder, { recursive: true });
  expect(packed.headers).toMatchObject({ 'content-encoding': 'br' });
  // What bears a digest of its content in its name is kept for good, the rest asked for each time.
  expect(named.headers['cache-control']).toMatch(/immutable/);
  expect(packed.headers['cache-control']).toBe('public, max-age=0');
  expect(packed.headers['content-type']).toMatch(/javascript/);
  expect(packed.body.length).toBeLessThan(script.length / 10);
  expect(String(brotliDecompressSync(packed.body))).toBe(script);
  expect(whole.headers).not.toHaveProperty('content-encoding');
  expect(String(whole.body)).toBe(script);
});
