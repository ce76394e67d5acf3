import { shell } from '../../src/mathematics/geometry/build/shell';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import type { Vec3 } from '../../src/mathematics/geometry/vec3';

interface GlazedBody {
  readonly columns: number;
  readonly rows: number;
  /** Outer skin at a grid corner; columns go round, rows along. */
  readonly outer: (column: number, row: number) => Vec3;
  /** Middle of the cavity at a row: the inner skin lies toward it. */
  readonly centre: (row: number) => Vec3;
  readonly thickM: number;
  readonly isWindow: (column: number, row: number) => boolean;
  /** Neither body nor glass: wheel arches, the open cockpit. */
  readonly isOpen?: (column: number, row: number) => boolean;
}

/** A hollow body with windows: the skin with its holes, and panes that fill the windows. */
export function glazedBody({ columns, rows, outer, centre, thickM, isWindow, isOpen = () => false }: GlazedBody): {
  body: Mesh;
  glass: Mesh;
} {
  const toward =
    (inward: number) =>
    (column: number, row: number): Vec3 => {
      const p = outer(column, row);
      const c = centre(row);
      const d: Vec3 = [0, c[1] - p[1], c[2] - p[2]];
      const size = Math.hypot(d[1], d[2]) || 1;
      const k = Math.min(inward / size, 0.9);
      return [p[0], p[1] + d[1] * k, p[2] + d[2] * k];
    };
  return {
    body: shell({
      columns,
      rows,
      wraps: true,
      outer,
      inner: toward(thickM),
      isOpen: (c, r) => isWindow(c, r) || isOpen(c, r),
    }),
    glass: shell({
      columns,
      rows,
      wraps: true,
      outer: toward(thickM * 0.3),
      inner: toward(thickM * 0.3 + 0.005),
      isOpen: (c, r) => !isWindow(c, r) || isOpen(c, r),
    }),
  };
}

/** Station of a fuselage or a car body: middle and half sizes of its section; metres. */
export interface BodyStation {
  readonly x: number;
  readonly y: number;
  readonly halfZ: number;
  readonly halfY: number;
  /** 2 = elliptic, larger = boxier. */
  readonly power?: number;
}

/** Point of a station's section: angle 0 to the right, 90° up. */
export function sectionPoint({ x, y, halfZ, halfY, power = 2.4 }: BodyStation, angleRad: number): Vec3 {
  const c = Math.cos(angleRad);
  const s = Math.sin(angleRad);
  return [x, y + Math.sign(s) * Math.abs(s) ** (2 / power) * halfY, Math.sign(c) * Math.abs(c) ** (2 / power) * halfZ];
}

/** Stations filled up between the given ones so that none is farther apart than `stepM`. */
export function denseStations(stations: readonly BodyStation[], stepM: number): BodyStation[] {
  const out: BodyStation[] = [];
  stations.forEach((s, i) => {
    const next = stations[i + 1];
    if (!next) {
      out.push(s);
      return;
    }
    const steps = Math.max(1, Math.ceil(Math.abs(next.x - s.x) / stepM));
    for (let k = 0; k < steps; k++) {
      const t = k / steps;
      const m = (a: number, b: number) => a + (b - a) * t;
      out.push({
        x: m(s.x, next.x),
        y: m(s.y, next.y),
        halfZ: m(s.halfZ, next.halfZ),
        halfY: m(s.halfY, next.halfY),
        power: m(s.power ?? 2.4, next.power ?? 2.4),
      });
    }
  });
  return out;
}
