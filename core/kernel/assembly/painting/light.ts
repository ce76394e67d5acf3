/** How much of the sun's light is left at a point. */
import { asked, given, parts, scene, width } from './pixel';
import { inShade } from './shade';

export function shaded(px: f64, py: f64, pz: f64, own: bool): bool {
  return inShade(scene, <i32>given(29), px, py, pz, given(24), given(25), given(26), own);
}

/** How much of the light is left at a pixel's point. */
export function lightAt(index: i32, x: i32, y: i32, px: f64, py: f64, pz: f64, nx: f64, ny: f64, nz: f64): f64 {
  if (given(23) == 0) return 1;
  const sx = given(24);
  const sy = given(25);
  const sz = given(26);
  const shade = given(32);
  if (nx * sx + ny * sy + nz * sz <= 0) return shade;
  const stride = <i32>given(30);
  const from = index - (y % stride) * width - (x % stride);
  const known = load<f32>(asked + (<usize>from << 2));
  if (known > 0 && load<i16>(parts + (<usize>from << 1)) == load<i16>(parts + (<usize>index << 1)))
    return known == 1 ? 1 : shade;
  const off = given(34);
  const dark = shaded(px + (nx + sx) * off, py + (ny + sy) * off, pz + (nz + sz) * off, false);
  store<f32>(asked + (<usize>index << 2), dark ? 0.5 : 1);
  return dark ? shade : 1;
}
