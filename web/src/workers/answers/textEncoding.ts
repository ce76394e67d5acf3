/** How a text file is written, by its first bytes: UTF-16 has a mark, or every other byte of plain figures is nought. */
export function encodingOf(head: Uint8Array): 'utf-8' | 'utf-16le' | 'utf-16be' {
  const [first, second] = head;
  if (first === 0xff && second === 0xfe) return 'utf-16le';
  if (first === 0xfe && second === 0xff) return 'utf-16be';
  let [even, odd] = [0, 0];
  head.forEach((byte, i) => {
    if (byte !== 0) return;
    if (i % 2 === 0) even++;
    else odd++;
  });
  // Of a text of figures nearly half the bytes are nought then, and none otherwise.
  if (odd > head.length / 4) return 'utf-16le';
  return even > head.length / 4 ? 'utf-16be' : 'utf-8';
}

/** Bytes as they come, in UTF-8 whatever they were written in. */
export function inUtf8(bytes: ReadableStream<Uint8Array<ArrayBuffer>>, encoding: string): ReadableStream<Uint8Array> {
  return encoding === 'utf-8'
    ? bytes
    : bytes.pipeThrough(new TextDecoderStream(encoding)).pipeThrough(new TextEncoderStream());
}
