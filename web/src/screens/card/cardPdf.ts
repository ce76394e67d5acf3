import type { CardContent, DrawingPoint, Picture, SideElevation } from '@strut-spot/core';
import { PDFDocument, PDFName, PDFString, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { lettersFor, type Letters } from './pdfLetters';

interface CardPdfInput {
  readonly card: CardContent;
  readonly outingName: string;
  readonly outingLine: string;
  readonly picture: Picture;
  readonly drawing: SideElevation;
  readonly reachText: string;
  readonly heightText: string;
}

/** A4 upright, points. */
const PAGE = { width: 595, height: 842, margin: 40 } as const;
const INK = rgb(0.13, 0.15, 0.17);
const GREY = rgb(0.4, 0.43, 0.45);
const HIVIS = rgb(1, 0.39, 0.09);

async function pngOf(picture: Picture): Promise<ArrayBuffer> {
  const canvas = new OffscreenCanvas(picture.widthPx, picture.heightPx);
  const pixels = new ImageData(picture.rgba as Uint8ClampedArray<ArrayBuffer>, picture.widthPx, picture.heightPx);
  canvas.getContext('2d')!.putImageData(pixels, 0, 0);
  return (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer();
}

/** The card as one A4 page. */
export async function cardPdf(input: CardPdfInput): Promise<Uint8Array> {
  const { card } = input;
  const document = await PDFDocument.create();
  document.setTitle(`${card.title}: ${card.level.tilt}`);
  document.setSubject(`${card.where}, ${input.outingName}`);
  document.catalog.set(PDFName.of('Lang'), PDFString.of('en'));
  const page = document.addPage([PAGE.width, PAGE.height]);
  const letters = await lettersFor(document, textsOf(input));
  const { regular, bold } = letters;
  const pen = new Pen(page, letters);
  const right = PAGE.width - PAGE.margin;
  const middle = PAGE.width / 2;

  const width = right - PAGE.margin;
  pen.fit(card.title, PAGE.margin, 790, width, 20, bold);
  pen.fit([input.outingName, input.outingLine].filter(Boolean).join(', '), PAGE.margin, 773, width, 10, regular, GREY);
  pen.line([PAGE.margin, 764], [right, 764], 1.4);

  pen.text('SPOT', PAGE.margin, 748, 7.5, bold, GREY);
  pen.fit(card.where, PAGE.margin, 729, middle - PAGE.margin - 10, 16, bold);
  pen.text('LEVEL READS, STANDING UPRIGHT, MACHINE LEVEL', PAGE.margin, 708, 7.5, bold, GREY);
  pen.text(card.level.tilt, PAGE.margin, 672, 36, bold);
  pen.text(`sideways ${card.level.roll}, pan ${card.level.pan}`, PAGE.margin, 654, 11);
  pen.text(card.stance, PAGE.margin, 640, 10, regular, GREY);
  drawStrut(pen, input, { x: middle + 10, y: 632, width: right - middle - 10, height: 126 });

  const stops = card.checks.filter((c) => c.verdict === 'stop');
  pen.text(card.checks.map((c) => `${c.name}: ${c.verdict}`).join('   '), PAGE.margin, 622, 9.5, bold);
  let below = 610;
  for (const { name, because } of stops)
    below = pen.paragraph(`STOP, ${name}: ${because ?? ''}`, PAGE.margin, below, right - PAGE.margin, 9, bold) - 1;
  let left = below - 6;
  const beside = left - 4;
  pen.line([PAGE.margin, left + 6], [right, left + 6], 0.6);
  for (const { label, value } of [
    ...card.mode,
    ...card.numbers,
    ...card.lasting,
    { label: 'Pieces', value: card.chain.join(' → ') },
  ]) {
    pen.text(label, PAGE.margin, left - 8, 8.5, regular, GREY);
    left = pen.paragraph(value, PAGE.margin + 106, left - 8, middle - PAGE.margin - 114, 9.5, bold) - 2;
  }
  const image = await document.embedPng(await pngOf(input.picture));
  const box = image.scaleToFit(right - middle - 10, 190);
  page.drawImage(image, { x: middle + 10, y: beside - box.height, ...box });
  page.drawRectangle({ x: middle + 10, y: beside - box.height, ...box, borderColor: INK, borderWidth: 0.6 });
  pen.text(
    `THE PICTURE IT SHOULD GIVE, ${card.stance.toUpperCase()}`,
    middle + 10,
    beside - 10 - box.height,
    7,
    bold,
    GREY,
  );

  const top = Math.min(left, beside - 16 - box.height) - 10;
  pen.line([PAGE.margin, top + 4], [right, top + 4], 0.6);
  pen.text('IN THIS ORDER', PAGE.margin, top - 8, 7.5, bold, GREY);
  let y = top - 22;
  card.steps.forEach((step, i) => {
    pen.text(`${i + 1}.`, PAGE.margin, y, 10, bold);
    y = pen.paragraph(step, PAGE.margin + 16, y, middle - PAGE.margin - 26, 10) - 4;
  });
  pen.text('MIND', middle + 10, top - 8, 7.5, bold, GREY);
  y = top - 22;
  for (const caution of card.cautions) {
    const start = y;
    y = pen.paragraph(caution, middle + 20, y, right - middle - 20, 10) - 5;
    page.drawRectangle({ x: middle + 10, y: y + 12, width: 3, height: start - y - 4, color: HIVIS });
  }
  return document.save();
}

/** All that a person may have written on it. */
const textsOf = ({ card, outingName, outingLine }: CardPdfInput): readonly string[] => [
  outingName,
  outingLine,
  card.title,
  card.where,
  card.stance,
  ...card.chain,
  ...card.steps,
  ...card.cautions,
  ...[...card.mode, ...card.numbers, ...card.lasting].flatMap(({ label, value }) => [label, value]),
  ...card.checks.flatMap(({ name, because }) => [name, because ?? '']),
];

/** Letters get no smaller than this share of their size. */
const SMALLEST = 0.6;

class Pen {
  readonly regular: PDFFont;
  readonly bold: PDFFont;
  private readonly written: Letters['written'];
  constructor(
    readonly page: PDFPage,
    { regular, bold, written }: Letters,
  ) {
    this.regular = regular;
    this.bold = bold;
    this.written = written;
  }

  text(text: string, x: number, y: number, size: number, font = this.regular, color = INK): void {
    this.page.drawText(this.written(text), { x, y, size, font, color });
  }

  /** One line that stays within its width: smaller letters, and in the end fewer of them. */
  fit(text: string, x: number, y: number, width: number, size: number, font = this.regular, color = INK): void {
    const line = this.written(text);
    const smaller = Math.max(size * SMALLEST, Math.min(size, (size * width) / font.widthOfTextAtSize(line, size)));
    this.text(this.cut(line, width, smaller, font), x, y, smaller, font, color);
  }

  /** As much of a text as goes into a width, with a mark where some is left out. */
  private cut(text: string, width: number, size: number, font: PDFFont): string {
    if (font.widthOfTextAtSize(text, size) <= width + 0.01) return text;
    const letters = [...text];
    while (letters.length > 1 && font.widthOfTextAtSize(`${letters.join('')}…`, size) > width) letters.pop();
    return `${letters.join('')}…`;
  }

  /** A word that is longer than its line, in pieces. */
  private pieces(word: string, width: number, size: number, font: PDFFont): readonly string[] {
    const pieces = [''];
    for (const letter of word) {
      const longer = `${pieces.at(-1) ?? ''}${letter}`;
      if (longer.length > 1 && font.widthOfTextAtSize(longer, size) > width) pieces.push(letter);
      else pieces[pieces.length - 1] = longer;
    }
    return pieces;
  }

  /** Wrapped text; gives the next free line. */
  paragraph(text: string, x: number, y: number, width: number, size: number, font = this.regular): number {
    let line = '';
    let at = y;
    for (const word of this.written(text)
      .split(' ')
      .flatMap((w) => this.pieces(w, width, size, font))) {
      const longer = line ? `${line} ${word}` : word;
      if (line && font.widthOfTextAtSize(longer, size) > width) {
        this.text(line, x, at, size, font);
        at -= size * 1.25;
        line = word;
      } else line = longer;
    }
    this.text(line, x, at, size, font);
    return at - size * 1.25;
  }

  line([x1, y1]: DrawingPoint, [x2, y2]: DrawingPoint, thickness: number, color = INK): void {
    this.page.drawLine({ start: { x: x1, y: y1 }, end: { x: x2, y: y2 }, thickness, color });
  }
}

function drawStrut(pen: Pen, input: CardPdfInput, box: { x: number; y: number; width: number; height: number }): void {
  const { drawing } = input;
  const points = [...drawing.joints, ...drawing.body, drawing.lens];
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const middle: DrawingPoint = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  const scale =
    (box.height - 72) / Math.max(0.1, (Math.max(...xs) - Math.min(...xs)) * 0.6, Math.max(...ys) - Math.min(...ys));
  const at = ([x, y]: DrawingPoint): DrawingPoint => [
    box.x + box.width / 2 - 20 + (x - middle[0]) * scale,
    box.y + box.height / 2 - 4 - drawing.axis[1] * 16 + (y - middle[1]) * scale,
  ];
  const along = (p: DrawingPoint, d: DrawingPoint, k: number): DrawingPoint => [p[0] + d[0] * k, p[1] + d[1] * k];
  const spot = at(drawing.joints[0]!);
  const lens = at(drawing.lens);
  pen.line(along(spot, drawing.surface, -55), along(spot, drawing.surface, 55), 1.4);
  for (let i = -5; i <= 5; i++) {
    const p = along(spot, drawing.surface, i * 10);
    pen.line(p, along(along(p, drawing.normal, -6), drawing.surface, -4), 0.5);
  }
  drawing.joints.slice(1).forEach((joint, i) => pen.line(at(drawing.joints[i]!), at(joint), 4, HIVIS));
  drawing.body.forEach((corner, i) => pen.line(at(corner), at(drawing.body[(i + 1) % drawing.body.length]!), 1.2));
  for (const edge of drawing.edges) pen.line(lens, along(lens, edge, 46), 0.6, HIVIS);
  pen.line(lens, along(lens, drawing.axis, 48), 1.4);
  pen.line(lens, [lens[0] + 66, lens[1]], 0.4, GREY);
  pen.text(`${drawing.axisDeg.toFixed(1)}°`, lens[0] + 68, lens[1] - 3, 9);
  pen.text(`reach ${input.reachText}, height ${input.heightText}`, box.x, box.y - 5, 8.5, pen.regular, GREY);
}
