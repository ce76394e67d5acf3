/** A polygon that is cut to a face of the cube, and the next one: at most nine corners of three numbers. */
export const CUT = memory.data(9 * 3 * 4, 16);
const NEXT = memory.data(9 * 3 * 4, 16);

// @ts-ignore: decorator
@inline
export function corner(n: i32, m: f32, u: f32, w: f32): void {
  const to = CUT + <usize>n * 12;
  store<f32>(to, m);
  store<f32>(to + 4, u);
  store<f32>(to + 8, w);
}

/** Cuts the triangle in CUT to |u| and |w| at most as large as the way along the axis; what is left lies there (Sutherland & Hodgman 1974). */
export function cutToFace(): i32 {
  let now = CUT;
  let next = NEXT;
  let count = 3;
  for (let plane = 0; plane < 4 && count > 0; plane++) {
    const q: usize = plane < 2 ? 4 : 8;
    const s: f32 = (plane & 1) == 0 ? 1 : -1;
    let kept: usize = 0;
    for (let n = 0; n < count; n++) {
      const a = now + <usize>n * 12;
      const b = now + <usize>((n + 1) % count) * 12;
      const da = load<f32>(a) - s * load<f32>(a + q);
      const db = load<f32>(b) - s * load<f32>(b + q);
      if (da >= 0) {
        const to = next + kept * 12;
        store<f32>(to, load<f32>(a));
        store<f32>(to + 4, load<f32>(a + 4));
        store<f32>(to + 8, load<f32>(a + 8));
        kept++;
      }
      if (da >= 0 != db >= 0) {
        const share = da / (da - db);
        const to = next + kept * 12;
        store<f32>(to, load<f32>(a) + share * (load<f32>(b) - load<f32>(a)));
        store<f32>(to + 4, load<f32>(a + 4) + share * (load<f32>(b + 4) - load<f32>(a + 4)));
        store<f32>(to + 8, load<f32>(a + 8) + share * (load<f32>(b + 8) - load<f32>(a + 8)));
        kept++;
      }
    }
    const swap = now;
    now = next;
    next = swap;
    count = <i32>kept;
  }
  return count;
}
