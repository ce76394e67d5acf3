import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import { fromBase45, toBase45 } from './base45';
import { crc32 } from './crc32';

/** So many signs of content a code: a QR code that a telephone still reads off a laptop's screen. */
const SIGNS_A_CODE = 720;
/** More codes than this nobody scans: a file is quicker. */
export const MOST_CODES = 40;
/** No document is larger once it is unpacked. */
const LARGEST_BYTES = 4_000_000;
const HEAD = /^STRUT1:([0-9A-F]{8})\/(\d{1,2})\/(\d{1,2}):/;

/**
 * A document as the texts of QR codes: "STRUT1:sum/number/of:content". The content is the UTF-8 text, deflated (RFC 1951), in base 45 (RFC 9285),
 * cut into even pieces; the sum is the CRC-32 of the text, eight hexadecimal digits, the same on all codes of one document.
 * @returns null where it would take too many
 */
export function toCodes(text: string): readonly string[] | null {
  const bytes = strToU8(text);
  const content = toBase45(deflateSync(bytes, { level: 9 }));
  const count = Math.max(1, Math.ceil(content.length / SIGNS_A_CODE));
  if (count > MOST_CODES) return null;
  const size = Math.ceil(content.length / count);
  return Array.from(
    { length: count },
    (_, i) => `STRUT1:${crc32(bytes)}/${i + 1}/${count}:${content.slice(i * size, (i + 1) * size)}`,
  );
}

/** What has been read so far of one document's codes. */
export interface ReadCodes {
  readonly sum: string;
  readonly count: number;
  /** By their numbers, from 1. */
  readonly pieces: ReadonlyMap<number, string>;
}

export type CodeStep =
  | { readonly kind: 'more'; readonly read: ReadCodes }
  | { readonly kind: 'whole'; readonly text: string }
  | { readonly kind: 'problem'; readonly because: string };

/** Takes in one more code, in whatever order they come; one of another document begins anew. */
export function takeCode(read: ReadCodes | null, code: string): CodeStep {
  const head = HEAD.exec(code);
  if (!head) return { kind: 'problem', because: 'that is a code of something else' };
  const [whole, sum, number, count] = [head[0], head[1]!, Number(head[2]), Number(head[3])];
  if (number < 1 || number > count || count > MOST_CODES)
    return { kind: 'problem', because: `code ${number} of ${count} makes no sense` };
  const before = read && read.sum === sum && read.count === count ? read.pieces : new Map<number, string>();
  const pieces = new Map(before).set(number, code.slice(whole.length));
  if (pieces.size < count) return { kind: 'more', read: { sum, count, pieces } };
  const content = Array.from({ length: count }, (_, i) => pieces.get(i + 1)).join('');
  const bytes = unpacked(fromBase45(content));
  if (!bytes || crc32(bytes) !== sum)
    return { kind: 'problem', because: 'the codes do not fit together: show them again from the first' };
  return { kind: 'whole', text: strFromU8(bytes) };
}

/** Unpacks as far as a document may go: what unpacks to more is none. */
function unpacked(packed: Uint8Array | null): Uint8Array | null {
  if (!packed) return null;
  const parts: Uint8Array[] = [];
  let size = 0;
  try {
    const inflate = new Inflate((part) => {
      size += part.length;
      if (size > LARGEST_BYTES) throw new RangeError('too large');
      parts.push(part);
    });
    inflate.push(packed, true);
  } catch {
    return null;
  }
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.length;
  }
  return bytes;
}
