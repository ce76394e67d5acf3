import type { Picture } from '@strut-spot/core';
import boldUrl from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf?url';
import regularUrl from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?url';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { INK } from './colours';
import { A4, type PaperSize } from './sizes';

/** A picture as the address of a PNG. */
export async function pngUrl(picture: Picture): Promise<string> {
  const canvas = new OffscreenCanvas(picture.widthPx, picture.heightPx);
  const pixels = new ImageData(picture.rgba as Uint8ClampedArray<ArrayBuffer>, picture.widthPx, picture.heightPx);
  canvas.getContext('2d')!.putImageData(pixels, 0, 0);
  const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return `data:image/png;base64,${btoa(text)}`;
}

interface Paper {
  readonly title: string;
  readonly subject: string;
  readonly content: Content;
  /** A4 where it is left out. */
  readonly size?: PaperSize;
  /** Under each page. */
  readonly footer?: string;
}

/** Upright, one family of letters that knows most of the world's. */
export const definitionOf = ({ title, subject, content, footer, size = A4 }: Paper): TDocumentDefinitions => ({
  info: { title, subject, creator: 'Strut Spot', producer: 'Strut Spot' },
  language: 'en',
  pageSize: size.id,
  pageMargins: [size.margin, size.margin - 4, size.margin, 40],
  defaultStyle: { font: 'Letters', fontSize: 10, color: INK, lineHeight: 1.08 },
  content,
  ...(footer
    ? {
        footer: (page: number, pages: number): Content => ({
          text: `${footer}   ${page} / ${pages}`,
          alignment: 'right',
          fontSize: 8,
          margin: [size.margin, 12, size.margin, 0],
        }),
      }
    : {}),
});

/** A PDF's bytes; the package and the letters are loaded with the first one. */
export async function makePdf(paper: Paper): Promise<ArrayBuffer> {
  const { default: pdfMake } = await import('pdfmake/build/pdfmake');
  const at = (url: string) => new URL(url, location.href).href;
  pdfMake.setFonts({
    Letters: { normal: at(regularUrl), bold: at(boldUrl), italics: at(regularUrl), bolditalics: at(boldUrl) },
  });
  const bytes = new Uint8Array(await pdfMake.createPdf(definitionOf(paper)).getBuffer());
  return bytes.buffer;
}
