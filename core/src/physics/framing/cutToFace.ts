/** A triangle cut by four planes has at most so many corners. */
export const MOST_CORNERS = 9;

const other = new Float64Array(MOST_CORNERS * 3);

/**
 * Cuts a triangle to the pyramid of one face of the cube round the origin: |u| and |w| at most as large as the way along the face's axis.
 * @param corners three numbers a corner, (along the axis, u, w), three corners; what is left of it is written there
 * @returns how many corners are left; 0 = nothing of it lies in the pyramid (Sutherland & Hodgman 1974)
 */
export function cutToFace(corners: Float64Array): number {
  let now: Float64Array = corners;
  let next: Float64Array = other;
  let count = 3;
  for (let plane = 0; plane < 4 && count > 0; plane++) {
    const q = plane < 2 ? 1 : 2;
    const s = plane % 2 === 0 ? 1 : -1;
    let kept = 0;
    for (let n = 0; n < count; n++) {
      const a = n * 3;
      const b = ((n + 1) % count) * 3;
      const da = now[a]! - s * now[a + q]!;
      const db = now[b]! - s * now[b + q]!;
      if (da >= 0) {
        next[kept * 3] = now[a]!;
        next[kept * 3 + 1] = now[a + 1]!;
        next[kept * 3 + 2] = now[a + 2]!;
        kept++;
      }
      if (da >= 0 !== db >= 0) {
        const share = da / (da - db);
        next[kept * 3] = now[a]! + share * (now[b]! - now[a]!);
        next[kept * 3 + 1] = now[a + 1]! + share * (now[b + 1]! - now[a + 1]!);
        next[kept * 3 + 2] = now[a + 2]! + share * (now[b + 2]! - now[a + 2]!);
        kept++;
      }
    }
    [now, next] = [next, now];
    count = kept;
  }
  // After four planes, or with nothing left, what is left lies where it came from.
  return count;
}
