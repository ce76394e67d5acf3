/** Line round one's own shadow. */
const LINE = [242, 92, 24] as const;

/** Draws a line round the pixels that a mask marks. @param mask 1 = in the shadow; 2 = not ground, where no line is wanted */
export function outlineMask(rgba: Uint8ClampedArray, mask: Uint8Array, widthPx: number, heightPx: number): void {
  const thick = Math.max(1, Math.round(widthPx / 400));
  const draw = (x: number, y: number) => {
    for (let dy = 0; dy < thick; dy++) {
      for (let dx = 0; dx < thick; dx++) {
        if (x + dx >= widthPx || y + dy >= heightPx) continue;
        const at = ((y + dy) * widthPx + x + dx) * 4;
        for (let k = 0; k < 3; k++) rgba[at + k] = LINE[k as 0 | 1 | 2];
      }
    }
  };
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      const here = mask[y * widthPx + x]!;
      if (here === 2) continue;
      const right = x + 1 < widthPx ? mask[y * widthPx + x + 1]! : here;
      const below = y + 1 < heightPx ? mask[(y + 1) * widthPx + x]! : here;
      if ((right !== 2 && right !== here) || (below !== 2 && below !== here)) draw(x, y);
    }
  }
}
