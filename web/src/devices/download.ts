/** Hands a file to the browser's downloads. */
export function download(name: string, content: BlobPart, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** "Ridge loop, day 2" → "ridge-loop-day-2", "Åsen" → "asen" */
export const fileNameOf = (title: string): string =>
  title
    .normalize('NFKD')
    // Å is a letter with a mark: without the mark it is still there.
    .replace(/\p{M}+/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60) || 'untitled';
