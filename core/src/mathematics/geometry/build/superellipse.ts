import { addScaled, type Vec3 } from '../vec3';
import type { Ring } from './loft';

interface RingShape {
  centre: Vec3;
  /** Unit vectors spanning the ring's plane. */
  u: Vec3;
  v: Vec3;
  halfU: number;
  halfV: number;
  /** 2 = ellipse, larger = boxier. */
  power?: number;
}

/** Ring of `count` points on |x/halfU|^p + |y/halfV|^p = 1. */
export function superellipse({ centre, u, v, halfU, halfV, power = 2 }: RingShape, count: number): Ring {
  return Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * i) / count;
    const c = Math.cos(angle);
    const s = Math.sin(angle);
    const x = Math.sign(c) * Math.abs(c) ** (2 / power) * halfU;
    const y = Math.sign(s) * Math.abs(s) ** (2 / power) * halfV;
    return addScaled(addScaled(centre, u, x), v, y);
  });
}
