const SIGNS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:';
const VALUES = new Map([...SIGNS].map((sign, value) => [sign, value]));

/** Bytes in the 45 signs that a QR code packs closest (RFC 9285). */
export function toBase45(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += 2) {
    const pair = i + 1 < bytes.length;
    let value = pair ? bytes[i]! * 256 + bytes[i + 1]! : bytes[i]!;
    for (let k = 0; k < (pair ? 3 : 2); k++) {
      text += SIGNS[value % 45];
      value = Math.floor(value / 45);
    }
  }
  return text;
}

/** The bytes again; null for what no bytes are written as. */
export function fromBase45(text: string): Uint8Array | null {
  if (text.length % 3 === 1) return null;
  const bytes: number[] = [];
  for (let i = 0; i < text.length; i += 3) {
    const group = [...text.slice(i, i + 3)].map((sign) => VALUES.get(sign));
    if (group.includes(undefined)) return null;
    const value = group.reduceRight<number>((sum, part) => sum * 45 + part!, 0);
    if (value > (group.length === 3 ? 0xffff : 0xff)) return null;
    if (group.length === 3) bytes.push(value >> 8);
    bytes.push(value & 255);
  }
  return Uint8Array.from(bytes);
}
