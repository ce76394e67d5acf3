import { readFileSync } from 'node:fs';
import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';
import { cardContent, rigOfShot, sideElevation, type Outing } from '@strut-spot/core';
import { outingWithShot } from '../../../testing/openSheet';
import { cardPdf } from './cardPdf';
import { writtenWith } from './pdfLetters';

const FONT = require.resolve('dejavu-fonts-ttf/ttf/DejaVuSans.ttf');
/** A picture of one dark pixel, as any browser would write it. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);
beforeAll(() => {
  Object.assign(globalThis, {
    OffscreenCanvas: class {
      getContext = () => ({ putImageData: () => undefined });
      convertToBlob = () => Promise.resolve({ arrayBuffer: () => Promise.resolve(new Uint8Array(PIXEL).buffer) });
    },
    fetch: () =>
      Promise.resolve({ ok: true, arrayBuffer: () => Promise.resolve(new Uint8Array(readFileSync(FONT)).buffer) }),
  });
});

async function cardOf(over: Partial<Outing>, name: string) {
  const first = outingWithShot();
  const outing = { ...first, ...over, shots: first.shots.map((shot) => ({ ...shot, name })) };
  const [shot] = outing.shots;
  const bytes = await cardPdf({
    card: cardContent(outing, shot!, 'metric'),
    outingName: outing.name,
    outingLine: outing.place,
    picture: { widthPx: 1, heightPx: 1, rgba: new Uint8ClampedArray(4) } as never,
    drawing: sideElevation(rigOfShot(outing, shot!), shot!.setUp),
    reachText: '3 cm',
    heightText: '5 cm',
  });
  return PDFDocument.load(bytes);
}
const streams = (document: PDFDocument): string =>
  document.context
    .enumerateIndirectObjects()
    .flatMap(([, object]) => (object instanceof PDFRawStream ? [object] : []))
    .filter((stream) => !stream.dict.toString().includes('/Image'))
    .map((stream) => Buffer.from(decodePDFRawStream(stream).decode()).toString('latin1'))
    .join('\n');
const fonts = (document: PDFDocument) =>
  document.context
    .enumerateIndirectObjects()
    .map(([, o]) => o.toString())
    .join();

it('one page with a title, with the fonts that every reader has', async () => {
  const document = await cardOf({ name: 'Ridge', place: 'Fjellå' }, 'Über die Brücke');
  expect(document.getPageCount()).toBe(1);
  expect(document.getTitle()).toMatch(/^Über die Brücke: /);
  expect(fonts(document)).toMatch(/Helvetica/);
  expect(fonts(document)).not.toMatch(/DejaVu/);
});

it('letters of other scripts are put in with a font that has them', async () => {
  const document = await cardOf({ name: 'Łódź − ścieżka', place: 'Склон, Πλαγιά' }, 'Гребень');
  expect(document.getTitle()).toMatch(/^Гребень/);
  expect(fonts(document)).toMatch(/DejaVuSans/);
  // Not a font of question marks: as many different letters as are used.
  expect(streams(document)).toMatch(/beginbfchar/);
});

it('a long name keeps within the page', async () => {
  const document = await cardOf({ name: 'x'.repeat(120) }, 'W'.repeat(120));
  // The title is drawn in smaller letters and cut with a mark, the rest of the page stays where it was.
  const sizes = [...streams(document).matchAll(/\/Helvetica-Bold-\d+ ([\d.]+) Tf/g)].map(([, size]) => Number(size));
  expect(sizes[0]).toBeCloseTo(12, 1);
});

it('what no font has is told by its bare letter or a question mark', () => {
  const has = (letter: string) => /[a-zé?-]/.test(letter);
  expect(writtenWith('né−ś', has)).toBe('né-s');
  expect(writtenWith('a山b', has)).toBe('a?b');
});
