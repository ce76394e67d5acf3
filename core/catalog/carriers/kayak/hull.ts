import { revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { shell } from '../../../src/mathematics/geometry/build/shell';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';

/** Machine frame: origin at the water line in the middle of the hull. Shapes: common practice of touring kayaks, ± 10 %. */
export const COCKPIT = { fromX: -0.42, toX: 0.5, halfZ: 0.21, seat: [-0.2, -0.025, 0] as Vec3 } as const;

/** Share of the half length, 0 amidships, 1 at an end. */
const out = (x: number, long: number) => Math.min(1, Math.abs(x) / (long / 2));

const keelY = (x: number, long: number): number => -0.115 + 0.3 * out(x, long) ** 3.4;
/** Height of the deck's ridge; the bow stands higher than the stern. */
export const deckY = (x: number, long: number): number => {
  const end = out(x, long);
  const ridge =
    x > 0.35 ? 0.235 - 0.02 * Math.min(1, (x - 0.35) / 1.2) : 0.17 + 0.065 * Math.max(0, 1 - (0.35 - x) / 0.5);
  return ridge + (x > 0 ? 0.14 : 0.09) * end ** 3;
};
const gunwaleY = (x: number, long: number): number => 0.115 + (x > 0 ? 0.19 : 0.13) * out(x, long) ** 3;
const halfBeam = (x: number, long: number, beam: number): number =>
  (beam / 2) * Math.max(0.012, (1 - out(x, long) ** 2.1) ** 0.92);

const COLUMNS = 36;
const WALL_M = 0.006;

/** Point of the skin: angle 0 at the right gunwale, 90° on the deck's ridge, 270° at the keel. */
function skin(x: number, angle: number, long: number, beam: number, inward: number): Vec3 {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  const half = Math.max(0.004, halfBeam(x, long, beam) - inward);
  const gunwale = gunwaleY(x, long);
  const top = deckY(x, long) - inward;
  const bottom = keelY(x, long) + inward;
  const z = half * Math.sign(c) * Math.abs(c) ** (s > 0 ? 1.15 : 0.8);
  const y = s > 0 ? gunwale + (top - gunwale) * s ** 1.1 : gunwale - (gunwale - bottom) * Math.abs(s) ** 0.72;
  return [x, y, z];
}

export function hull(long: number, beam: number): Mesh {
  const xs: number[] = [];
  for (let i = 0; i <= 22; i++) xs.push((-long / 2) * Math.cos((Math.PI / 2) * (i / 22)) + (COCKPIT.fromX * i) / 22);
  for (let i = 1; i <= 8; i++) xs.push(COCKPIT.fromX + ((COCKPIT.toX - COCKPIT.fromX) * i) / 8);
  for (let i = 1; i <= 22; i++) xs.push(COCKPIT.toX + (long / 2 - COCKPIT.toX) * Math.sin((Math.PI / 2) * (i / 22)));
  const middle = (COCKPIT.fromX + COCKPIT.toX) / 2;
  const halfX = (COCKPIT.toX - COCKPIT.fromX) / 2;
  const angle = (column: number) => (2 * Math.PI * column) / COLUMNS;
  return shell({
    columns: COLUMNS,
    rows: xs.length - 1,
    wraps: true,
    outer: (column, row) => skin(xs[row]!, angle(column), long, beam, 0),
    inner: (column, row) => skin(xs[row]!, angle(column), long, beam, WALL_M),
    // The cockpit: an oval hole in the deck.
    isOpen: (column, row) => {
      const x = (xs[row]! + xs[row + 1]!) / 2;
      const a = angle(column + 0.5);
      if (Math.sin(a) < 0.2) return false;
      const z = skin(x, a, long, beam, 0)[2];
      return ((x - middle) / halfX) ** 2 + (z / (COCKPIT.halfZ + 0.01)) ** 2 < 1;
    },
  });
}

export function cockpit(long: number, beam: number): Record<'coaming' | 'seat' | 'lines' | 'hatches', Mesh> {
  const middle = (COCKPIT.fromX + COCKPIT.toX) / 2;
  const halfX = (COCKPIT.toX - COCKPIT.fromX) / 2;
  const rim = Array.from({ length: 28 }, (_, i): Vec3 => {
    const a = (2 * Math.PI * i) / 28;
    const x = middle + (halfX + 0.02) * Math.cos(a);
    const z = (COCKPIT.halfZ + 0.018) * Math.sin(a);
    const ridge = deckY(x, long);
    const edge = gunwaleY(x, long);
    const across = Math.min(1, Math.abs(z) / halfBeam(x, long, beam));
    return [x, edge + (ridge - edge) * Math.sqrt(1 - across ** 1.9) + 0.028, z];
  });
  const coaming = tube(rim, { radiusM: 0.016, flatness: 1.5, segments: 10, loop: true });
  const [sx, sy] = COCKPIT.seat;
  const seat = mergeMeshes([
    roundedBox([0.34, 0.03, 0.26], 0.012, poseAt([sx, sy - 0.017, 0])),
    roundedBox([0.035, 0.17, 0.3], 0.014, poseAt([sx - 0.17, sy + 0.12, 0])),
  ]);
  const line = (fromX: number, toX: number) =>
    tube(
      smoothPath(
        [0, 0.33, 0.66, 1].map((t): Vec3 => {
          const x = fromX + (toX - fromX) * t;
          const half = halfBeam(x, long, beam) * 0.72;
          return [x, gunwaleY(x, long) + (deckY(x, long) - gunwaleY(x, long)) * 0.62 + 0.012, half];
        }),
        4,
      ),
      { radiusM: 0.004, segments: 6 },
    );
  const side = mergeMeshes([line(0.6, long * 0.42), line(-0.6, -long * 0.4)]);
  const bungee = (x: number) => {
    const half = halfBeam(x, long, beam) * 0.7;
    const top = deckY(x, long) + 0.008;
    const low = gunwaleY(x, long) + (deckY(x, long) - gunwaleY(x, long)) * 0.62 + 0.014;
    return [
      rod([x, low, -half], [x + 0.12, top, 0], { radiusM: 0.004, segments: 6 }),
      rod([x + 0.12, top, 0], [x, low, half], { radiusM: 0.004, segments: 6 }),
    ];
  };
  const hatch = (x: number) =>
    revolveSolid(
      [
        [0.11, -0.02],
        [0.11, 0.01],
        [0.095, 0.02],
        [0.02, 0.024],
      ],
      { centre: [x, deckY(x, long) - 0.006, 0], axis: UP, segments: 24 },
    );
  return {
    coaming,
    seat,
    lines: mergeMeshes([side, mirrorMesh(side), ...bungee(0.72), ...bungee(0.9)]),
    hatches: mergeMeshes([hatch(1.55), hatch(-1.02)]),
  };
}
