import fc from 'fast-check';
import { loft } from './build/loft';
import { rod, smoothPath, tube } from './build/tube';
import { revolveSolid } from './build/revolve';
import { roundedBox } from './build/roundedBox';
import { shell } from './build/shell';
import { superellipse } from './build/superellipse';
import { buildBvh, castRay } from './bvh';
import { creaseEdges, shadedMesh } from './creaseEdges';
import { creaseNormals } from './creaseNormals';
import {
  facingOutward,
  meshBounds,
  mergeMeshes,
  meshOf,
  mirrorMesh,
  openEdgeCount,
  signedVolume,
  transformMesh,
  triangleCount,
  triangleNormal,
} from './mesh';
import { poseAt } from './pose';
import { rotationAbout, rotationFacing, rotate } from './rotation';
import { barycentric, smoothNormalAt, surfacePoint } from './surfacePoint';
import { cross, distance, dot, length, mirrored, normalize, perpendicularTo, type Vec3 } from './vec3';

const cube = meshOf(
  [0, 1].flatMap((x) => [0, 1].flatMap((y) => [0, 1].map((z): Vec3 => [x, y, z]))),
  [
    [0, 1, 3],
    [0, 3, 2],
    [4, 6, 7],
    [4, 7, 5],
    [0, 4, 5],
    [0, 5, 1],
    [2, 3, 7],
    [2, 7, 6],
    [0, 2, 6],
    [0, 6, 4],
    [1, 5, 7],
    [1, 7, 3],
  ],
);

describe('a unit cube', () => {
  it('is closed, holds one cubic metre and has twelve edges', () => {
    expect(openEdgeCount(cube)).toBe(0);
    expect(signedVolume(cube)).toBeCloseTo(1, 6);
    expect(creaseEdges(cube, 40).length / 6).toBe(12);
    expect(meshBounds(cube)).toEqual({ min: [0, 0, 0], max: [1, 1, 1] });
  });

  it('with a face missing is open', () => {
    expect(openEdgeCount({ ...cube, indices: cube.indices.slice(6) })).toBe(4);
  });

  it('turned inside out is turned back', () => {
    const inside = { positions: cube.positions, indices: cube.indices.slice().reverse() };
    expect(signedVolume(inside)).toBeCloseTo(-1, 6);
    expect(signedVolume(facingOutward(inside))).toBeCloseTo(1, 6);
  });

  it('mirrored, moved and doubled keeps its volume, turned outward', () => {
    expect(signedVolume(mirrorMesh(cube))).toBeCloseTo(1, 6);
    expect(signedVolume(transformMesh(cube, poseAt([5, -2, 1], rotationAbout([1, 1, 0], 33))))).toBeCloseTo(1, 5);
    const two = mergeMeshes([cube, transformMesh(cube, poseAt([3, 0, 0]))]);
    expect(signedVolume(two)).toBeCloseTo(2, 5);
    expect(triangleCount(two)).toBe(24);
  });

  it('has sharp normals at its edges, and corners written out for drawing', () => {
    const normals = creaseNormals(cube);
    for (let t = 0; t < 12; t++) {
      const face = triangleNormal(cube, t);
      for (let k = 0; k < 3; k++) {
        expect(
          dot(face, [normals[t * 9 + k * 3]!, normals[t * 9 + k * 3 + 1]!, normals[t * 9 + k * 3 + 2]!]),
        ).toBeCloseTo(1, 5);
      }
    }
    expect(shadedMesh(cube).positions).toHaveLength(12 * 9);
  });
});

describe('smooth things', () => {
  const ball = revolveSolid(
    Array.from({ length: 25 }, (_, i) => {
      const a = (Math.PI * i) / 24 - Math.PI / 2;
      return [Math.cos(a), Math.sin(a)] as const;
    }),
    { centre: [0, 0, 0], axis: [0, 1, 0], segments: 48 },
  );

  it('a ball has nearly the volume of a sphere, and normals that point away from its middle', () => {
    expect(signedVolume(ball)).toBeGreaterThan(0.98 * ((4 / 3) * Math.PI));
    const hit = castRay(ball, [3, 0.3, 0.2], [-1, 0, 0])!;
    const point: Vec3 = [3 - hit.distanceM, 0.3, 0.2];
    expect(dot(smoothNormalAt(ball, hit.triangle, point), normalize(point))).toBeGreaterThan(0.998);
  });

  it('a point found on its surface has the outward normal, from whichever side it was looked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6.2, noNaN: true }),
        fc.double({ min: -1.2, max: 1.2, noNaN: true }),
        (az, el) => {
          const out: Vec3 = [Math.cos(el) * Math.cos(az), Math.sin(el), Math.cos(el) * Math.sin(az)];
          const found = surfacePoint(ball, [out[0] * 4, out[1] * 4, out[2] * 4], [-out[0], -out[1], -out[2]])!;
          expect(length(found.point)).toBeGreaterThan(0.985);
          expect(dot(found.normal, out)).toBeGreaterThan(0.99);
        },
      ),
      { seed: 31, numRuns: 60 },
    );
    expect(surfacePoint(ball, [4, 4, 4], [1, 0, 0])).toBeNull();
  });

  it('barycentric weights add up to 1 and rebuild the point', () => {
    const [a, b, c]: Vec3[] = [
      [0, 0, 0],
      [2, 0, 0],
      [0, 3, 1],
    ];
    const [u, v, w] = barycentric([0.5, 1, 1 / 3], a!, b!, c!);
    expect(u + v + w).toBeCloseTo(1, 12);
    expect(distance([u * 0 + v * 2, w * 3, w], [0.5, 1, 1 / 3])).toBeLessThan(1e-12);
  });
});

describe('builders', () => {
  it('a shell with an opening is closed all the same, and open to a ray through the opening', () => {
    const dome = shell({
      columns: 24,
      rows: 6,
      wraps: true,
      outer: (c, r) => [Math.cos((c / 24) * 2 * Math.PI) * 1, r / 6, Math.sin((c / 24) * 2 * Math.PI) * 1],
      inner: (c, r) => [Math.cos((c / 24) * 2 * Math.PI) * 0.9, r / 6, Math.sin((c / 24) * 2 * Math.PI) * 0.9],
      isOpen: (c, r) => (c < 2 || c >= 22) && r >= 2 && r < 4,
    });
    expect(openEdgeCount(dome)).toBe(0);
    expect(signedVolume(dome)).toBeGreaterThan(0);
    expect(castRay(dome, [0, 0.5, 0], [1, 0, 0.01])).toBeNull();
    expect(castRay(dome, [0, 0.5, 0], [-1, 0, 0.01])).not.toBeNull();
  });

  it('says what is wrong with rings that do not match and with rounding that does not fit', () => {
    const ring = (n: number) => superellipse({ centre: [0, 0, 0], u: [1, 0, 0], v: [0, 0, 1], halfU: 1, halfV: 1 }, n);
    expect(() => loft([ring(8), ring(9)])).toThrow(/sizes 8, 9/);
    expect(() => roundedBox([1, 1, 0.1], 0.2)).toThrow(/roundM 0.2/);
  });

  it('a smooth path goes through its points', () => {
    const points: Vec3[] = [
      [0, 0, 0],
      [1, 1, 0],
      [2, 0, 1],
      [3, 1, 1],
    ];
    const path = smoothPath(points, 5);
    for (const point of points) expect(Math.min(...path.map((p) => distance(p, point)))).toBeLessThan(1e-12);
  });

  it('a tube keeps its radius round a bend, and its ends may be round', () => {
    const bend = tube(
      smoothPath(
        [
          [0, 0, 0],
          [0.5, 0.2, 0],
          [0.8, 0.7, 0.2],
        ],
        8,
      ),
      { radiusM: 0.05, segments: 24, rounded: true },
    );
    expect(openEdgeCount(bend)).toBe(0);
    const straight = rod([0, 0, 0], [1, 0, 0], { radiusM: 0.05, segments: 24 });
    expect(castRay(straight, [0.5, 1, 0], [0, -1, 0])!.distanceM).toBeCloseTo(0.95, 3);
    expect(meshBounds(bend).min[0]).toBeLessThan(-0.02);
  });

  it('a superellipse of power 2 is a circle, of a high power nearly a square', () => {
    const ring = (power: number) =>
      superellipse({ centre: [0, 0, 0], u: [1, 0, 0], v: [0, 1, 0], halfU: 1, halfV: 1, power }, 40);
    for (const p of ring(2)) expect(length(p)).toBeCloseTo(1, 12);
    expect(Math.max(...ring(12).map(length))).toBeGreaterThan(1.3);
  });
});

describe('the tree', () => {
  it('holds every triangle once, and every box lies in the one above it', () => {
    const mesh = tube(
      smoothPath(
        [
          [0, 0, 0],
          [1, 0, 0],
          [1, 1, 0],
        ],
        12,
      ),
      { radiusM: 0.1, segments: 12 },
    );
    const tree = buildBvh(mesh);
    expect([...tree.order].sort((a, b) => a - b)).toEqual(Array.from({ length: triangleCount(mesh) }, (_, i) => i));
    for (let node = 0; node < tree.first.length; node++) {
      const child = tree.first[node]!;
      if (child < 0) continue;
      for (const inner of [child, child + 1]) {
        const [own, around] = [inner, node].map((n) => tree.boxes.subarray(n * 6, n * 6 + 6));
        const within = [0, 1, 2].every((k) => own![k]! >= around![k]! && own![3 + k]! <= around![3 + k]!);
        expect([inner, within]).toEqual([inner, true]);
      }
    }
  });

  it('finds a box face that the ray runs exactly along an axis to, and obeys a limit', () => {
    expect(castRay(cube, [-1, 0.5, 0.5], [1, 0, 0])!.distanceM).toBeCloseTo(1, 9);
    expect(castRay(cube, [0.5, 0.5, -3], [0, 0, 1], 2.5)).toBeNull();
  });
});

describe('directions', () => {
  it('a facing sends ahead where it is told and keeps up as near as it can', () => {
    const r = rotationFacing([1, 1, 0], [0, 1, 0]);
    expect(distance(rotate(r, [1, 0, 0]), normalize([1, 1, 0]))).toBeLessThan(1e-12);
    expect(rotate(r, [0, 1, 0])[1]).toBeGreaterThan(0.7);
  });

  it('perpendiculars are perpendicular even where the wish is impossible; nothing has no direction', () => {
    expect(Math.abs(dot(perpendicularTo([0, 1, 0], [0, 1, 0]), [0, 1, 0]))).toBeLessThan(1e-12);
    expect(() => normalize([0, 0, 0])).toThrow(/no direction/);
    expect(mirrored([1, 2, 3])).toEqual([1, 2, -3]);
    expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1]);
  });
});
