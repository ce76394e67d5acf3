const TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let value = byte;
  for (let bit = 0; bit < 8; bit++) value = value & 1 ? (value >>> 1) ^ 0xedb88320 : value >>> 1;
  return value;
});

/** CRC-32 as of ISO 3309 and PNG, eight hexadecimal digits. */
export function crc32(bytes: Uint8Array): string {
  let value = 0xffffffff;
  for (const byte of bytes) value = TABLE[(value ^ byte) & 255]! ^ (value >>> 8);
  return ((value ^ 0xffffffff) >>> 0).toString(16).toUpperCase().padStart(8, '0');
}
