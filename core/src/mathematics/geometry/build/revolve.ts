import { facingOutward, meshOf, type Mesh } from '../mesh';
import { add, addScaled, cross, perpendicularTo, UP, type Vec3 } from '../vec3';
import { loftLoop } from './loft';

interface RevolveOptions {
  centre: Vec3;
  /** Unit vector. */
  axis: Vec3;
  segments?: number;
}

/** [radius from the axis, position along it], metres. */
type ProfilePoint = readonly [number, number];

/** Ring-shaped solid: a closed profile off the axis, turned about it (tyre, rim). */
export function revolveRing(profile: readonly ProfilePoint[], { centre, axis, segments = 36 }: RevolveOptions): Mesh {
  const u = perpendicularTo(axis, UP);
  const v = cross(axis, u);
  return loftLoop(
    Array.from({ length: segments }, (_, s) => {
      const angle = (2 * Math.PI * s) / segments;
      return profile.map(([r, h]) =>
        addScaled(addScaled(addScaled(centre, axis, h), u, r * Math.cos(angle)), v, r * Math.sin(angle)),
      );
    }),
  );
}

/** Solid of revolution from an open profile; ends that are off the axis are closed by a flat disc (hub, dial, bell). */
export function revolveSolid(profile: readonly ProfilePoint[], { centre, axis, segments = 24 }: RevolveOptions): Mesh {
  const u = perpendicularTo(axis, UP);
  const v = cross(axis, u);
  const points: Vec3[] = [];
  const triangles: [number, number, number][] = [];
  const inner = profile.filter(([r]) => r > 1e-9);
  for (const [r, h] of inner) {
    for (let s = 0; s < segments; s++) {
      const angle = (2 * Math.PI * s) / segments;
      points.push(addScaled(addScaled(addScaled(centre, axis, h), u, r * Math.cos(angle)), v, r * Math.sin(angle)));
    }
  }
  const low = points.push(addScaled(centre, axis, profile[0]![1])) - 1;
  const high = points.push(add(centre, addScaled([0, 0, 0], axis, profile[profile.length - 1]![1]))) - 1;
  for (let ring = 0; ring + 1 < inner.length; ring++) {
    for (let s = 0; s < segments; s++) {
      const a = ring * segments + s;
      const b = ring * segments + ((s + 1) % segments);
      triangles.push([a, b, b + segments], [a, b + segments, a + segments]);
    }
  }
  const base = (inner.length - 1) * segments;
  for (let s = 0; s < segments; s++) {
    const next = (s + 1) % segments;
    triangles.push([low, next, s], [high, base + s, base + next]);
  }
  return facingOutward(meshOf(points, triangles));
}
