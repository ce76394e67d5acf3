/** @jest-environment node */
import { logReading } from './logReading';

const HZ = 200;
/** Ten seconds of shaking at 12 Hz, as text. */
const rows = (amplitude: number, end: string) =>
  ['time,ax,ay,az', ...Array.from({ length: HZ * 10 }, (_, i) => {
    const t = i / HZ;
    return [t.toFixed(4), '0.01', (amplitude * Math.sin(2 * Math.PI * 12 * t)).toFixed(4), '9.81'].join();
  })].join(end); // prettier-ignore
const read = (bytes: BlobPart) => logReading.read(new File([bytes], 'log.csv'), null, () => undefined);
const utf16 = (text: string, little: boolean, mark: boolean) => {
  const bytes = Buffer.from((mark ? '\ufeff' : '') + text, 'utf16le');
  return new Uint8Array(little ? bytes : bytes.swap16());
};

it.each([
  ['ends of line of one kind', rows(3, '\n')],
  ['of another', rows(3, '\r\n')],
  ['of a third', rows(3, '\r')],
  ['with a mark before it', `\ufeff${rows(3, '\n')}`],
  ['two bytes a letter, low one first', utf16(rows(3, '\n'), true, true)],
  ['two bytes a letter, high one first', utf16(rows(3, '\r\n'), false, true)],
  ['two bytes a letter and no mark', utf16(rows(3, '\n'), true, false)],
])('a log is read the same: %s', async (_, text) => {
  const { result } = await read(text as BlobPart);
  if (!result.ok) throw new Error(result.problems.join(' '));
  expect(result.log.rows).toBe(HZ * 10);
  expect(result.log.sampleHz).toBeCloseTo(HZ, 6);
  const { all, frequencyHz } = result.log;
  expect(frequencyHz[all.indexOf(Math.max(...all.slice(4)))]).toBeCloseTo(12, 0);
});

it('one in which nothing moves is told so, not compared with anything', async () => {
  const { result } = await read(rows(0, '\n'));
  expect(result).toMatchObject({ ok: false, problems: [expect.stringContaining('Nothing moves')] });
});

it.each([
  ['an empty file', ''],
  ['a picture', new Uint8Array(5000).map((_, i) => (i * 97) % 251)],
  ['a letter', 'Dear all,\nit was a fine ride.\n'.repeat(50)],
])('%s is refused with a reason', async (_, text) => {
  const { result } = await read(text as BlobPart);
  expect(result.ok).toBe(false);
  expect(!result.ok && result.problems[0]!.length).toBeGreaterThan(10);
});

it('whatever bytes are turned over, it is read or refused with a reason, and never thrown', async () => {
  const whole = new TextEncoder().encode(rows(3, '\n'));
  let seed = 23;
  const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
  const rounds = Number(process.env.FUZZ ?? 60);
  for (let round = 0; round < rounds; round++) {
    const bytes = whole.slice(0, random() < 0.2 ? Math.floor(random() * whole.length) : undefined);
    for (let i = 0; i < 1 + random() * 400; i++)
      bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
    const { result } = await read(bytes);
    if (result.ok) expect(result.log.all.every((density) => density >= 0 && Number.isFinite(density))).toBe(true);
    else expect(result.problems.join(' ')).toMatch(/\w{3}/);
  }
});
