/** Where something is drawn on the screen, pixels. */
export interface ScreenPlace {
  readonly x: number;
  readonly y: number;
}

/** So often those that overlap are moved apart; a crowd of twenty settles in about ten. */
const ROUNDS = 40;
/** Space between two pins. Pixels. */
const GAP_PX = 2;

/**
 * Places for square pins of which none lies over another, each as near to where it belongs as there is room; the same input gives the same.
 * @param halfPx half the width of each @param size of the view that they stay within
 */
export function spreadPins(
  wanted: readonly ScreenPlace[],
  halfPx: readonly number[],
  size: { readonly width: number; readonly height: number },
): readonly ScreenPlace[] {
  const at = wanted.map(({ x, y }) => ({ x, y }));
  for (let round = 0; round < ROUNDS; round++) {
    let moved = false;
    for (let i = 0; i < at.length; i++) {
      for (let j = i + 1; j < at.length; j++) {
        const [a, b] = [at[i]!, at[j]!];
        const need = halfPx[i]! + halfPx[j]! + GAP_PX;
        const [dx, dy] = [b.x - a.x, b.y - a.y];
        const [overX, overY] = [need - Math.abs(dx), need - Math.abs(dy)];
        if (overX <= 0 || overY <= 0) continue;
        moved = true;
        // The shorter way apart; of two at the same place the later goes to the right.
        if (overX <= overY) shift(a, b, 'x', (dx < 0 ? -1 : 1) * (overX / 2 + 0.01));
        else shift(a, b, 'y', (dy < 0 ? -1 : 1) * (overY / 2 + 0.01));
      }
    }
    at.forEach((p, i) => {
      p.x = Math.min(size.width - halfPx[i]!, Math.max(halfPx[i]!, p.x));
      p.y = Math.min(size.height - halfPx[i]!, Math.max(halfPx[i]!, p.y));
    });
    if (!moved) break;
  }
  return at;
}

function shift(a: { x: number; y: number }, b: { x: number; y: number }, along: 'x' | 'y', by: number): void {
  a[along] -= by;
  b[along] += by;
}
