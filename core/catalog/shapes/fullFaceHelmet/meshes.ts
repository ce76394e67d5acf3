import { shell } from '../../../src/mathematics/geometry/build/shell';
import type { Mesh } from '../../../src/mathematics/geometry/mesh';
import type { Vec3 } from '../../../src/mathematics/geometry/vec3';

/**
 * Outer measures of a full-face shell in the head frame, metres (common practice for size M-L, ± 8 %):
 * level circumference row by row from the crown to the rim.
 */
interface ShellRow {
  readonly y: number;
  readonly front: number;
  readonly back: number;
  readonly half: number;
}

const ROWS: readonly ShellRow[] = [
  { y: 0.158, front: 0.002, back: 0.002, half: 0.002 },
  { y: 0.156, front: 0.03, back: 0.036, half: 0.03 },
  { y: 0.147, front: 0.062, back: 0.072, half: 0.058 },
  { y: 0.131, front: 0.09, back: 0.103, half: 0.082 },
  { y: 0.107, front: 0.112, back: 0.126, half: 0.101 },
  { y: 0.082, front: 0.125, back: 0.138, half: 0.112 },
  { y: 0.055, front: 0.133, back: 0.144, half: 0.119 },
  { y: 0.028, front: 0.14, back: 0.145, half: 0.122 },
  { y: 0.0, front: 0.147, back: 0.142, half: 0.123 },
  { y: -0.028, front: 0.156, back: 0.135, half: 0.122 },
  { y: -0.052, front: 0.167, back: 0.124, half: 0.12 },
  { y: -0.072, front: 0.174, back: 0.113, half: 0.117 },
  { y: -0.095, front: 0.173, back: 0.103, half: 0.112 },
  { y: -0.115, front: 0.162, back: 0.095, half: 0.105 },
  { y: -0.128, front: 0.142, back: 0.09, half: 0.096 },
];
const COLUMNS = 56;
/** Face opening: rows and half angle in columns from straight ahead. */
const OPENING = { top: 6, bottom: 10, halfDeg: 64 } as const;

/** Row of the chin bar's openings, where it has some. */
const VENT_ROW = 11;

const azimuthDeg = (column: number): number => {
  const deg = (360 * column) / COLUMNS;
  return deg > 180 ? deg - 360 : deg;
};

/** How chin bar and crown are shaped: they decide what holds there. */
export interface HelmetForm {
  readonly chin: 'rounded' | 'pointed' | 'hollow';
  readonly crown: 'rounded' | 'ridge' | 'flat';
}
/** Height of a keel along the crown over the plain shell, and where a flat crown is cut, metres. */
const RIDGE_M = { rounded: 0.005, ridge: 0.014, flat: 0.002 } as const;
const FLAT_FROM_Y = 0.147;

function shellPoint(column: number, row: number, inward: number, { chin: chinForm, crown }: HelmetForm): Vec3 {
  const r = ROWS[row]!;
  const az = (azimuthDeg(column) * Math.PI) / 180;
  const c = Math.cos(az);
  const s = Math.sin(az);
  const chin = r.y < -0.03 && c > 0 ? Math.min(1, (-0.03 - r.y) / 0.05) : 0;
  // Raised ridges along the crown and a beaked chin.
  const fade = Math.min(1, (r.y - 0.08) / 0.04) * Math.min(1, r.half / 0.08);
  const ridge = r.y > 0.08 ? RIDGE_M[crown] * fade * Math.cos(3 * Math.asin(Math.max(-1, Math.min(1, s * 0.9)))) : 0;
  const power = 2.25 - (chinForm === 'pointed' ? 0.85 : 0.35) * chin;
  const length = (c >= 0 ? r.front : r.back) + (chinForm === 'pointed' ? 0.016 * chin : 0);
  const top = crown === 'flat' ? Math.min(r.y, FLAT_FROM_Y + 0.1 * (r.y - FLAT_FROM_Y)) : r.y;
  const k = (Math.abs(c) ** power + Math.abs(s) ** power) ** (-1 / power);
  const rho = (a: number) => Math.max(0.0005, a - inward) * k;
  return [c * rho(length + ridge), top - (row < 4 ? inward * (1 - row / 6) : 0) + ridge * 0.5, s * rho(r.half)];
}

interface HelmetMeshes {
  readonly shell: Mesh;
  readonly visor: Mesh;
}

const built = new Map<string, HelmetMeshes>();

/** Shell with chin bar and face opening, and the visor, for a head of the given stature; head frame. */
export function helmetMeshes(statureM: number, form: HelmetForm): HelmetMeshes {
  const key = `${statureM} ${form.chin} ${form.crown}`;
  const known = built.get(key);
  if (known) return known;
  const s = 0.5 + (0.5 * statureM) / 1.75;
  const scaled = (p: Vec3): Vec3 => [p[0] * s, p[1] * s, p[2] * s];
  const isOpen = (column: number, row: number): boolean => {
    const middle = Math.abs(azimuthDeg(column + 0.5));
    const corner = row === OPENING.top || row === OPENING.bottom - 1 ? 10 : 0;
    // A hollow chin bar is open to both sides of its middle.
    if (form.chin === 'hollow' && row === VENT_ROW && middle > 9 && middle < 40) return true;
    return row >= OPENING.top && row < OPENING.bottom && middle < OPENING.halfDeg - corner;
  };
  const thickness = (column: number, row: number): number =>
    row > 9 && Math.abs(azimuthDeg(column)) < 75 ? (form.chin === 'hollow' ? 0.012 : 0.03) : 0.02;
  const visorWide = 0.108;
  const visorPoint = (column: number, row: number, below: number): Vec3 => {
    const t = (2 * column) / 20 - 1;
    const out = row / 8;
    const wide = visorWide * (1 - 0.16 * out);
    const long = 0.105 * (1 - 0.28 * t * t);
    const root = 0.1 - 0.062 * t * t;
    return [
      root + long * out,
      0.118 -
        0.05 * t * t +
        0.016 * out -
        0.012 * out * out -
        0.006 * Math.abs(t) * out -
        below +
        0.004 * Math.cos(t * 9) * (1 - Math.abs(t)),
      wide * t,
    ];
  };
  const meshes: HelmetMeshes = {
    shell: shell({
      columns: COLUMNS,
      rows: ROWS.length - 1,
      wraps: true,
      outer: (c, r) => scaled(shellPoint(c, r, 0, form)),
      inner: (c, r) => scaled(shellPoint(c, r, thickness(c, r), form)),
      isOpen,
    }),
    visor: shell({
      columns: 20,
      rows: 8,
      outer: (c, r) => scaled(visorPoint(c, r, 0)),
      inner: (c, r) => scaled(visorPoint(c, r, 0.0035)),
    }),
  };
  built.set(key, meshes);
  return meshes;
}
