import { meshBounds, openEdgeCount, signedVolume, type Mesh } from '../mesh';
import { distance, length, type Vec3 } from '../vec3';
import { loft, loftLoop } from './loft';
import { revolveRing, revolveSolid } from './revolve';
import { roundedBox } from './roundedBox';
import { shell } from './shell';
import { superellipse } from './superellipse';
import { rod, smoothPath, tube } from './tube';

/** Area of a regular polygon of n corners on a circle, against the circle's. */
const polygonShare = (n: number): number => (n / (2 * Math.PI)) * Math.sin((2 * Math.PI) / n);

function isClosed(mesh: Mesh): void {
  expect(openEdgeCount(mesh)).toBe(0);
  // Turned outward: a closed surface whose faces look out has a positive volume.
  expect(signedVolume(mesh)).toBeGreaterThan(0);
}
const upright = { u: [1, 0, 0], v: [0, 0, 1] } as const;

it('a rod is a prism over its polygon: π r² l by the polygon’s share', () => {
  for (const segments of [6, 10, 24]) {
    const mesh = rod([0, 0, 0], [0.3, 0.4, 0], { radiusM: 0.02, segments });
    isClosed(mesh);
    expect(signedVolume(mesh)).toBeCloseTo(Math.PI * 0.02 ** 2 * 0.5 * polygonShare(segments), 9);
  }
});

it('a rod that thins is a cone’s stump: π l (R² + R r + r²) / 3', () => {
  const mesh = rod([0, 0, 0], [0, 0, 1], { radiusM: (t) => 0.1 - 0.06 * t, segments: 32 });
  isClosed(mesh);
  const stump = (Math.PI * (0.1 ** 2 + 0.1 * 0.04 + 0.04 ** 2)) / 3;
  expect(signedVolume(mesh) / (stump * polygonShare(32))).toBeCloseTo(1, 2);
});

it('rounded ends add a ball’s volume and a radius at each end', () => {
  const [flat, round] = [false, true].map((rounded) =>
    rod([0, 0, 0], [1, 0, 0], { radiusM: 0.05, segments: 24, rounded }),
  );
  isClosed(round!);
  const ball = (4 / 3) * Math.PI * 0.05 ** 3;
  expect((signedVolume(round!) - signedVolume(flat!)) / ball).toBeCloseTo(1, 0);
  const { min, max } = meshBounds(round!);
  expect(max[0] - min[0]).toBeCloseTo(1 + 2 * 0.05 * 0.98, 6);
});

it('a loop of tube is a ring: 2 π² R r² by both polygons', () => {
  const path = Array.from({ length: 48 }, (_, i): Vec3 => {
    const angle = (2 * Math.PI * i) / 48;
    return [0.3 * Math.cos(angle), 0, 0.3 * Math.sin(angle)];
  });
  const mesh = tube(path, { radiusM: 0.02, segments: 16, loop: true });
  isClosed(mesh);
  expect(signedVolume(mesh) / (2 * Math.PI ** 2 * 0.3 * 0.02 ** 2 * polygonShare(16))).toBeCloseTo(1, 1);
});

it('a bent tube keeps its width all along: no twist pinches it', () => {
  const path = smoothPath([[0, 0, 0], [0.2, 0.3, 0], [0.5, 0.1, 0.4], [0.9, 0.6, 0.2]], 12); // prettier-ignore
  const mesh = tube(path, { radiusM: 0.03, segments: 12 });
  isClosed(mesh);
  for (let ring = 0; ring < path.length; ring++) {
    for (let i = 0; i < 12; i++) {
      const at = (ring * 12 + i) * 3;
      const point: Vec3 = [mesh.positions[at]!, mesh.positions[at + 1]!, mesh.positions[at + 2]!];
      expect(distance(point, path[ring]!)).toBeCloseTo(0.03, 5);
    }
  }
});

describe('a smooth path', () => {
  const points: readonly Vec3[] = [[0, 0, 0], [1, 0.5, 0], [2, 0, 1], [3, 1, 1]]; // prettier-ignore
  it('goes through its points, and ends at the last', () => {
    const path = smoothPath(points, 5);
    expect(path).toHaveLength(16);
    points.forEach((point, i) => expect(path[i * 5]).toEqual(point));
  });
  it('through points on a line stays on it', () => {
    for (const [x, y, z] of smoothPath([[0, 0, 0], [1, 2, 3], [2, 4, 6]], 8)) expect([y, z]).toEqual([expect.closeTo(2 * x, 9), expect.closeTo(3 * x, 9)]); // prettier-ignore
  });
});

describe('a solid of revolution', () => {
  const about = { centre: [0, 1, 0], axis: [0, 1, 0] } as const;
  it('of a rectangle is a cylinder', () => {
    const mesh = revolveSolid([[0.2, -0.1], [0.2, 0.3]], { ...about, segments: 40 }); // prettier-ignore
    isClosed(mesh);
    expect(signedVolume(mesh)).toBeCloseTo(Math.PI * 0.2 ** 2 * 0.4 * polygonShare(40), 8);
    expect(meshBounds(mesh)).toMatchObject({ min: [expect.any(Number), expect.closeTo(0.9, 6), expect.any(Number)] });
  });
  it('of a triangle to the axis is a cone: a third of the cylinder', () => {
    const mesh = revolveSolid([[0.2, 0], [0, 0.6]], { ...about, segments: 40 }); // prettier-ignore
    isClosed(mesh);
    expect(signedVolume(mesh)).toBeCloseTo((Math.PI * 0.2 ** 2 * 0.6 * polygonShare(40)) / 3, 8);
  });
  it('of a square off the axis is a ring by Pappus: area × way of its middle', () => {
    const square = [[0.28, -0.02], [0.32, -0.02], [0.32, 0.02], [0.28, 0.02]] as const; // prettier-ignore
    const mesh = revolveRing(square, { ...about, segments: 60 });
    isClosed(mesh);
    expect(signedVolume(mesh) / (0.04 ** 2 * 2 * Math.PI * 0.3)).toBeCloseTo(polygonShare(60), 3);
  });
});

describe('a superellipse', () => {
  it('of power 2 is an ellipse, of any power it keeps its half axes', () => {
    for (const power of [2, 4, 7]) {
      const ring = superellipse({ centre: [1, 2, 3], ...upright, halfU: 0.3, halfV: 0.2, power }, 64);
      for (const [x, , z] of ring) {
        expect(Math.abs((x - 1) / 0.3) ** power + Math.abs((z - 3) / 0.2) ** power).toBeCloseTo(1, 9);
      }
      expect(Math.max(...ring.map(([x]) => x))).toBeCloseTo(1.3, 9);
    }
  });
});

describe('a rounded box', () => {
  it('is as large as told, closed, and less than the sharp one', () => {
    const mesh = roundedBox([0.06, 0.04, 0.08], 0.005);
    isClosed(mesh);
    const { min, max } = meshBounds(mesh);
    expect([0, 1, 2].map((k) => max[k as 0] - min[k as 0])).toEqual(
      [0.06, 0.04, 0.08].map((v) => expect.closeTo(v, 6) as number),
    );
    const sharp = 0.06 * 0.04 * 0.08;
    expect(signedVolume(mesh)).toBeLessThan(sharp);
    expect(signedVolume(mesh)).toBeGreaterThan(sharp * 0.85);
  });
  it('cannot be rounder than half its smallest side', () => {
    expect(() => roundedBox([0.06, 0.04, 0.08], 0.03)).toThrow(/more than half of the smallest side/);
  });
});

describe('a skin through rings', () => {
  const ring = (y: number, r: number, count = 12) =>
    superellipse({ centre: [0, y, 0], ...upright, halfU: r, halfV: r }, count);
  it('is closed whichever way the rings turn', () => {
    isClosed(loft([ring(0, 0.1), ring(1, 0.2)]));
    isClosed(loft([[...ring(0, 0.1)].reverse(), [...ring(1, 0.2)].reverse()]));
  });
  it('asks for two rings of equal size', () => {
    expect(() => loft([ring(0, 0.1)])).toThrow('two or more rings of equal size, got sizes 12');
    expect(() => loft([ring(0, 0.1), ring(1, 0.1, 8)])).toThrow('got sizes 12, 8');
  });
  it('in a circle has no ends', () => {
    const around = Array.from({ length: 10 }, (_, i) => {
      const angle = (2 * Math.PI * i) / 10;
      const u: Vec3 = [Math.cos(angle), 0, Math.sin(angle)];
      return superellipse({ centre: [u[0] * 0.5, 0, u[2] * 0.5], u, v: [0, 1, 0], halfU: 0.1, halfV: 0.1 }, 8);
    });
    isClosed(loftLoop(around));
  });
});

describe('a shell', () => {
  const dome =
    (r: number) =>
    (column: number, row: number): Vec3 => {
      const [around, up] = [(column / 16) * 2 * Math.PI, (row / 8) * (Math.PI / 2) * 0.95];
      return [r * Math.cos(up) * Math.cos(around), r * Math.sin(up), r * Math.cos(up) * Math.sin(around)];
    };
  const options = { columns: 16, rows: 8, outer: dome(0.15), inner: dome(0.14), wraps: true };
  it('has two skins and closed rims, with openings or without', () => {
    isClosed(shell(options));
    const open = shell({ ...options, isOpen: (column, row) => column < 4 && row > 2 && row < 6 });
    isClosed(open);
    expect(signedVolume(open)).toBeLessThan(signedVolume(shell(options)));
  });
  it('is as thick as its skins are apart', () => {
    // Half of a ball’s shell, less the hole at the top.
    const half = (2 / 3) * Math.PI * (0.15 ** 3 - 0.14 ** 3) * 0.98;
    expect(signedVolume(shell(options)) / half).toBeGreaterThan(0.9);
    expect(signedVolume(shell(options)) / half).toBeLessThan(1.02);
    const { positions } = shell(options);
    for (let i = 0; i < positions.length; i += 3) {
      const from = length([positions[i]!, positions[i + 1]!, positions[i + 2]!]);
      expect(Math.min(Math.abs(from - 0.15), Math.abs(from - 0.14))).toBeLessThan(1e-6);
    }
  });
});
