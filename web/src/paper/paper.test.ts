/** @jest-environment node */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PDFDocument } from 'pdf-lib';
import {
  cardContent,
  dayPlans,
  eveningBefore,
  keepTrack,
  packList,
  parseOuting,
  rigOfShot,
  sideElevation,
  storyOf,
  type Outing,
} from '@strut-spot/core';
import type { Content } from 'pdfmake/interfaces';
import { bookletPages } from './bookletPages';
import { cardPage, type CardOnPaper } from './cardPage';
import { definitionOf } from './makePdf';
import { A4, A5 } from './sizes';
import { days } from '../workers/answers/days';

const pdfMake = jest.requireActual<{
  setFonts(fonts: unknown): void;
  setUrlAccessPolicy(policy: () => boolean): void;
  setLocalAccessPolicy(policy: () => boolean): void;
  createPdf(definition: unknown): { getBuffer(): Promise<Uint8Array> };
}>('pdfmake');
const readPdf =
  jest.requireActual<(bytes: Buffer) => Promise<{ readonly numpages: number; readonly text: string }>>(
    'pdf-parse/lib/pdf-parse.js',
  );
const font = (name: string) => require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`);
const letters = {
  normal: font('DejaVuSansCondensed'),
  bold: font('DejaVuSansCondensed-Bold'),
  italics: font('DejaVuSansCondensed'),
  bolditalics: font('DejaVuSansCondensed-Bold'),
};
pdfMake.setFonts({ Letters: letters });
pdfMake.setUrlAccessPolicy(() => false);
pdfMake.setLocalAccessPolicy(() => true);

/** A picture of one dark pixel, as any browser would write it. */
const PIXEL =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
const parsed = parseOuting(readFileSync(join(__dirname, '../demo/skerra.json'), 'utf8'));
if (!parsed.ok) throw new Error(parsed.problems.join());
const skerra = parsed.value;

const cardOf = (outing: Outing, id: string): CardOnPaper => {
  const shot = outing.shots.find((s) => s.id === id)!;
  return {
    card: cardContent(outing, shot, 'metric'),
    outingName: outing.name,
    outingLine: outing.place,
    pictureUrl: PIXEL,
    drawing: sideElevation(rigOfShot(outing, shot), shot.setUp),
    reachText: '3 cm',
    heightText: '5 cm',
  };
};
const bytesOf = (content: Content, title = 'Title', size = A4): Promise<Uint8Array> =>
  pdfMake.createPdf(definitionOf({ title, subject: 'Subject', content, size })).getBuffer();
/** Read by another package than wrote it, and the words on its pages by a third one. */
async function written(content: Content, title = 'Title', size = A4) {
  const bytes = await bytesOf(content, title, size);
  const words = async () => (await readPdf(Buffer.from(bytes))).text.replace(/\s+/g, ' ');
  return { document: await PDFDocument.load(bytes), words };
}

it('a card is one page with its title and language; letters of other scripts are in it', async () => {
  const { document } = await written(cardPage(cardOf(skerra, 'gravel-hands')), 'Гребень, Łódź');
  expect(document.getPageCount()).toBe(1);
  expect(document.getTitle()).toBe('Гребень, Łódź');
  expect(document.getPage(0).getSize()).toEqual({
    width: expect.closeTo(595.28, 1) as number,
    height: expect.closeTo(841.89, 1) as number,
  });
});

it('the longest card goes on to a second page, nothing of it is cut off', async () => {
  const card = cardOf(skerra, 'gravel-hands');
  const long = {
    ...card,
    card: { ...card.card, cautions: Array.from({ length: 60 }, (_, i) => `${i}: ${'mind the gap '.repeat(9)}`) },
  };
  for (const size of [A4, A5]) {
    const { document, words: wordsOf } = await written(cardPage(long, size), 'Title', size);
    const words = await wordsOf();
    expect(document.getPageCount()).toBeGreaterThan(1);
    expect(document.getPageCount()).toBeLessThan(size === A4 ? 6 : 12);
    for (let i = 0; i < 60; i++) expect(words).toContain(`${i}: mind the gap`);
    expect(words.match(/mind the gap/g)).toHaveLength(60 * 9);
  }
});

it('the booklet has overview, days, packing and log, and a page for each card', async () => {
  const plans = dayPlans(skerra);
  const cards = plans.flatMap((plan) => plan.order).map((id) => cardOf(skerra, id));
  const booklet = {
    outing: skerra,
    plans,
    pack: packList(skerra),
    evening: eveningBefore(skerra),
    story: storyOf(skerra),
    cards,
  };
  const { document, words } = await written(bookletPages(booklet), skerra.name);
  expect(document.getPageCount()).toBeGreaterThanOrEqual(cards.length + 3);
  expect(document.getPageCount()).toBeLessThanOrEqual(2 * cards.length + 8);
  const text = await words();
  const { document: small } = await written(bookletPages(booklet, A5), skerra.name, A5);
  expect(small.getPage(1).getSize()).toEqual({
    width: expect.closeTo(419.53, 1) as number,
    height: expect.closeTo(595.28, 1) as number,
  });
  expect(small.getPageCount()).toBeGreaterThan(document.getPageCount());
  expect(small.getPageCount()).toBeLessThan(4 * document.getPageCount());
  for (const shot of skerra.shots) expect(text).toContain(shot.name);
  for (const item of packList(skerra)) expect(text).toContain(item.name);
});

it('with a track the booklet has its map, and says what is not owned', () => {
  const track = keepTrack(
    'Ridge',
    Array.from({ length: 60 }, (_, i) => ({
      latDeg: 61.4 + 0.0005 * i,
      lonDeg: -9.6 + 0.001 * Math.sin(i / 6),
      eleM: 100 - i,
      ms: null,
    })),
  )!;
  const [first] = skerra.shots;
  const outing: Outing = {
    ...skerra,
    track,
    shots: [{ ...first!, stretch: { fromM: 500, toM: 1200 } }, ...skerra.shots.slice(1)],
  };
  const pack = packList(outing);
  const text = JSON.stringify(
    bookletPages({
      outing,
      plans: dayPlans(outing),
      pack,
      evening: eveningBefore(outing),
      story: storyOf(outing),
      cards: [],
      track: days.track(outing),
      lacking: { [pack[0]!.id]: 'not in your box (120)' },
    }),
  );
  expect(text).toMatch(/Track: Ridge, \d\.\d km/);
  expect(text).toContain(`1  ${first!.name}: 500 m to 1.2 km, down`);
  expect(text).toContain('not in your box (120)');
});
