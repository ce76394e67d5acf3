/** @jest-environment node */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PDFDocument } from 'pdf-lib';
import {
  cardContent,
  dayPlans,
  eveningBefore,
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

const pdfMake = jest.requireActual<{
  setFonts(fonts: unknown): void;
  setUrlAccessPolicy(policy: () => boolean): void;
  setLocalAccessPolicy(policy: () => boolean): void;
  createPdf(definition: unknown): { getBuffer(): Promise<Uint8Array> };
}>('pdfmake');
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
/** Read by another package than wrote it. */
const written = async (content: Content, title = 'Title'): Promise<PDFDocument> =>
  PDFDocument.load(await pdfMake.createPdf(definitionOf({ title, subject: 'Subject', content })).getBuffer());

it('a card is one page with its title and language; letters of other scripts are in it', async () => {
  const document = await written(cardPage(cardOf(skerra, 'gravel-hands')), 'Гребень, Łódź');
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
  const document = await written(cardPage(long));
  expect(document.getPageCount()).toBeGreaterThan(1);
  expect(document.getPageCount()).toBeLessThan(6);
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
  const document = await written(bookletPages(booklet), skerra.name);
  expect(document.getPageCount()).toBeGreaterThanOrEqual(cards.length + 3);
  expect(document.getPageCount()).toBeLessThanOrEqual(2 * cards.length + 8);
  const text = JSON.stringify(bookletPages(booklet));
  for (const shot of skerra.shots) expect(text).toContain(shot.name);
  for (const item of packList(skerra)) expect(text).toContain(item.name);
});
