import { shell } from '../../src/mathematics/geometry/build/shell';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import { mix, type Vec3 } from '../../src/mathematics/geometry/vec3';

/**
 * Cloth between a straight luff and a leech, bellied to one side.
 * @param luff from tack to head; @param leech from clew to head's end; metres
 * @param camberM depth of the belly toward +z (negative = toward -z)
 */
export function sailMesh(luff: readonly [Vec3, Vec3], leech: (t: number) => Vec3, camberM: number): Mesh {
  const columns = 10;
  const rows = 14;
  const point = (c: number, r: number, out: number): Vec3 => {
    const t = r / rows;
    const u = c / columns;
    const front = mix(luff[0], luff[1], t);
    const back = leech(t);
    const [x, y, z] = mix(front, back, u);
    // Deepest 40 % back from the luff.
    const belly = (u ** 0.8 * (1 - u)) / 0.2604;
    return [x, y, z + camberM * belly * (1 - 0.5 * t) + out];
  };
  return shell({ columns, rows, outer: (c, r) => point(c, r, 0.003), inner: (c, r) => point(c, r, -0.003) });
}
