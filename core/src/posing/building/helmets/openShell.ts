import { shell } from '../../../mathematics/geometry/build/shell';
import type { Mesh } from '../../../mathematics/geometry/mesh';
import type { Vec3 } from '../../../mathematics/geometry/vec3';

/** One level round of a shell's outside: height over the eyes' level, and how far it reaches ahead, back and to the side; metres. */
interface ShellRound {
  readonly y: number;
  readonly front: number;
  readonly back: number;
  readonly half: number;
}

export interface OpenShell {
  /** From the crown down to the rim. */
  readonly rounds: readonly ShellRound[];
  readonly thicknessM: number;
  /** The rim rises over the face by this much, metres, and over the ears by that. */
  readonly browM: number;
  readonly earM: number;
  /** Grooves over the shell: how many from side to side, and how deep in metres; 0 = smooth. */
  readonly grooves: number;
  readonly grooveM: number;
}

const COLUMNS = 56;

/** Shell of a helmet without chin bar, head frame, closed, for a rider of the given stature. */
export function openShell({ rounds, thicknessM, browM, earM, grooves, grooveM }: OpenShell, statureM: number): Mesh {
  const k = 0.5 + (0.5 * statureM) / 1.75;
  const rows = rounds.length - 1;
  const point = (column: number, row: number, inward: number): Vec3 => {
    const round = rounds[row]!;
    const azimuth = (2 * Math.PI * column) / COLUMNS;
    const c = Math.cos(azimuth);
    const s = Math.sin(azimuth);
    const length = c >= 0 ? round.front : round.back;
    const wide = (Math.abs(c) ** 2.2 + Math.abs(s) ** 2.2) ** (-1 / 2.2);
    const low = (row / rows) ** 3;
    const lift = low * (browM * Math.max(0, c) ** 2 + earM * Math.abs(s) ** 6);
    // Grooves run from brow to nape, deepest half way down.
    const groove =
      grooveM *
      Math.max(0, Math.cos(grooves * Math.asin(Math.max(-1, Math.min(1, s))))) ** 3 *
      Math.sin(Math.PI * (row / rows)) ** 2;
    const rho = (a: number) => Math.max(0.0004, a - inward - groove) * wide;
    const crown = row < rows / 2 ? inward * (1 - row / rows) : 0;
    return [c * rho(length) * k, (round.y - crown + lift) * k, s * rho(round.half) * k];
  };
  return shell({
    columns: COLUMNS,
    rows,
    wraps: true,
    outer: (c, r) => point(c, r, 0),
    inner: (c, r) => point(c, r, thicknessM),
  });
}
