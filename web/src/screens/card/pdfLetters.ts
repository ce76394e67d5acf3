import fontkit from '@pdf-lib/fontkit';
import { StandardFonts, type PDFDocument, type PDFFont } from 'pdf-lib';
import boldUrl from 'dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf?url';
import regularUrl from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';

/** Fonts of a document, and how a text must be written to be drawn with them. */
export interface Letters {
  readonly regular: PDFFont;
  readonly bold: PDFFont;
  readonly written: (text: string) => string;
}

const WESTERN = /^[\u0020-\u007e\u00a0-\u00ff–—‘’“”•…€]*$/u;
/** Signs that the fonts every reader has lack, by what stands for them. */
const LIKE: Readonly<Record<string, string>> = { '−': '-', '→': '>' };
const withLike = (text: string) => [...text].map((letter) => LIKE[letter] ?? letter).join('');

/** A text with what a font lacks by its bare letter, or by a question mark where there is none. */
export function writtenWith(text: string, has: (letter: string) => boolean): string {
  const known = (letter: string) => (has(letter) || letter === '' ? letter : '?');
  return [...text]
    .map((letter) => (has(letter) ? letter : (LIKE[letter] ?? letter.normalize('NFKD').replace(/\p{M}/gu, ''))))
    .map((letter) => [...letter].map(known).join(''))
    .join('');
}

async function bytesAt(url: string): Promise<ArrayBuffer> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`its font was not found (${answer.status})`);
  return answer.arrayBuffer();
}

/** What Western letters are enough for takes the fonts that every reader has; for others one with many letters is put in, as far as it is used. */
export async function lettersFor(document: PDFDocument, texts: readonly string[]): Promise<Letters> {
  if (texts.every((text) => WESTERN.test(withLike(text)))) {
    return {
      regular: await document.embedFont(StandardFonts.Helvetica),
      bold: await document.embedFont(StandardFonts.HelveticaBold),
      written: withLike,
    };
  }
  document.registerFontkit(fontkit);
  const [regular, bold] = await Promise.all(
    [regularUrl, boldUrl].map(async (url) => document.embedFont(await bytesAt(url), { subset: true })),
  );
  if (!regular || !bold) throw new RangeError('lettersFor: a font is missing');
  const letters = new Set(regular.getCharacterSet());
  return { regular, bold, written: (text) => writtenWith(text, (letter) => letters.has(letter.codePointAt(0) ?? -1)) };
}
