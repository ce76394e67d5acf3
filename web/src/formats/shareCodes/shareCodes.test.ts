import { BinaryBitmap, DecodeHintType, HybridBinarizer, QRCodeReader, RGBLuminanceSource } from '@zxing/library';
import { parseOuting, partOfOuting, serialiseOuting } from '@strut-spot/core';
import jsQR from 'jsqr';
import { create } from 'qrcode';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { crc32 as crcOfNode } from 'node:zlib';
import { fromBase45, toBase45 } from './base45';
import { crc32 } from './crc32';
import { takeCode, toCodes, type ReadCodes } from './shareCodes';

const bytes = (text: string) => new TextEncoder().encode(text);

it.each([
  ['AB', 'BB8'],
  ['Hello!!', '%69 VD92EX0'],
  ['base-45', 'UJCLQE7W581'],
  ['ietf!', 'QED8WEX0'],
  ['', ''],
])('"%s" in base 45 is "%s" (RFC 9285, section 4.3)', (plain, coded) => {
  expect(toBase45(bytes(plain))).toBe(coded);
  expect([...fromBase45(coded)!]).toEqual([...bytes(plain)]);
});

it.each(['GGW', 'A', ':::', 'ab'])('"%s" is not base 45 (RFC 9285, section 6)', (wrong) => {
  expect(fromBase45(wrong)).toBeNull();
});

it('the check sum is that of other programs: "123456789" gives CBF43926 (ISO 3309), and Node’s zlib agrees', () => {
  expect(crc32(bytes('123456789'))).toBe('CBF43926');
  if (typeof crcOfNode === 'function') expect(Number.parseInt(crc32(bytes('Skerra')), 16)).toBe(crcOfNode('Skerra'));
});

function all(codes: readonly string[]) {
  let read: ReadCodes | null = null;
  for (const code of codes) {
    const step = takeCode(read, code);
    if (step.kind !== 'more') return step;
    read = step.read;
  }
  return { kind: 'more' } as const;
}

it('a text comes back from its codes, in whatever order and as often as they are seen', () => {
  const text = Array.from({ length: 900 }, (_, i) => `${i * i} ${'Öl, ß, 港'[i % 8]}`).join(' ');
  const codes = toCodes(text)!;
  expect(codes.length).toBeGreaterThan(2);
  const seen = [...codes.slice(1), codes[1]!, ...codes.slice(2).reverse(), codes[0]!];
  expect(all(seen)).toEqual({ kind: 'whole', text });
  expect(all(codes.slice(1)).kind).toBe('more');
});

it('what is something else, damaged or too large is told, and what was read of another document is laid aside', () => {
  const [one, bomb] = [toCodes('first document')!, toCodes('x'.repeat(4_100_000))!];
  expect(takeCode(null, 'https://example')).toMatchObject({ kind: 'problem' });
  expect(takeCode(null, 'STRUT1:00000000/3/2:AB')).toMatchObject({
    kind: 'problem',
    because: 'code 3 of 2 makes no sense',
  });
  expect(
    takeCode(
      null,
      one[0]!.replace(/.$/, (sign) => (sign === '0' ? '1' : '0')),
    ),
  ).toMatchObject({ kind: 'problem' });
  // Little to read, much to unpack.
  expect(all(bomb)).toMatchObject({ kind: 'problem' });
  // Figures of which none follows from the last: more than forty codes.
  const figures = Array.from({ length: 12_000 }, (_, i) => Math.sin(i + 1)).join('');
  expect(toCodes(figures)).toBeNull();
});

/** A code drawn as black and white pixels. */
function drawn(text: string) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const [scale, border] = [4, 4];
  const size = (modules.size + 2 * border) * scale;
  const rgba = new Uint8ClampedArray(size * size * 4).fill(255);
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const [row, column] = [Math.floor(y / scale) - border, Math.floor(x / scale) - border];
      const inside = row >= 0 && column >= 0 && row < modules.size && column < modules.size;
      if (inside && modules.get(row, column)) rgba.fill(0, (y * size + x) * 4, (y * size + x) * 4 + 3);
    }
  return { rgba, size, modules: modules.size };
}

it('a day of the demo, and one shot, go through codes that two packages read; joined again nothing differs', () => {
  const parsed = parseOuting(readFileSync(join(__dirname, '../../demo/skerra.json'), 'utf8'));
  if (!parsed.ok) throw new Error(parsed.problems.join());
  const { value: outing } = parsed;
  const days = outing.shots.filter((shot) => (shot.hour?.day ?? 1) === 1).map(({ id }) => id);
  for (const ids of [days, [outing.shots[0]!.id]]) {
    const text = serialiseOuting(partOfOuting(outing, ids));
    const codes = toCodes(text)!;
    expect(codes.length).toBeLessThanOrEqual(10);
    const read = codes.map((code) => {
      const { rgba, size, modules } = drawn(code);
      // Version 25 has 117 modules: finer ones telephones read badly off a screen.
      expect(modules).toBeLessThanOrEqual(117);
      const luminance = Uint8ClampedArray.from({ length: size * size }, (_, i) => rgba[i * 4]!);
      const bitmap = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(luminance, size, size)));
      const other = new QRCodeReader().decode(bitmap, new Map([[DecodeHintType.PURE_BARCODE, true]])).getText();
      expect(other).toBe(code);
      return jsQR(rgba, size, size)!.data;
    });
    const step = all(read);
    if (step.kind !== 'whole') throw new Error(step.kind);
    const came = parseOuting(step.text);
    if (!came.ok) throw new Error(came.problems.join());
    expect(came.value.shots.map(({ id, setUp }) => ({ id, setUp }))).toEqual(
      outing.shots.filter(({ id }) => ids.includes(id)).map(({ id, setUp }) => ({ id, setUp })),
    );
  }
});
