import { roundedBox } from './build/roundedBox';
import { rod } from './build/tube';
import { coarseMesh, meshFromAfar } from './coarseMesh';
import { meshBounds, meshPoint, surfaceArea, triangleCount } from './mesh';
import { closestPoint } from './closestPoint';

const box = roundedBox([0.3, 0.2, 0.1], 0.03);

it('has fewer triangles, the same extent within a cell, and lies close to the shape everywhere', () => {
  const cellM = 0.02;
  const coarse = coarseMesh(box, cellM);
  expect(triangleCount(coarse)).toBeLessThan(triangleCount(box));
  expect(triangleCount(coarse)).toBeGreaterThan(8);
  const [a, b] = [meshBounds(box), meshBounds(coarse)];
  for (const k of [0, 1, 2] as const) {
    expect(Math.abs(a.min[k] - b.min[k])).toBeLessThan(cellM);
    expect(Math.abs(a.max[k] - b.max[k])).toBeLessThan(cellM);
  }
  for (let i = 0; i < coarse.positions.length / 3; i++) {
    expect(closestPoint(box, meshPoint(coarse, i))!.distanceM).toBeLessThan(cellM);
  }
});

it('with the finest grid nothing changes but double corners; asked for again it is the same object', () => {
  expect(triangleCount(coarseMesh(box, 1e-6))).toBe(triangleCount(box));
  expect(coarseMesh(box, 0.02)).toBe(coarseMesh(box, 0.02));
});

it('from farther away it has fewer triangles and keeps its surface; what is thin stays as fine as it is', () => {
  const near = meshFromAfar(box, 0.004);
  const far = [0.006, 0.012, 0.03, 0.06].map((widthM) => meshFromAfar(box, widthM));
  expect(near).toBe(box);
  far.reduce((before, mesh) => {
    expect(triangleCount(mesh)).toBeLessThanOrEqual(triangleCount(before));
    expect(surfaceArea(mesh) / surfaceArea(box)).toBeGreaterThan(0.8);
    return mesh;
  }, box);
  expect(triangleCount(far[2]!)).toBeLessThan(triangleCount(box) / 2);
  const thin = rod([0, 0, 0], [0.5, 0, 0], { radiusM: 0.008, segments: 12 });
  expect(meshFromAfar(thin, 0.06)).toBe(meshFromAfar(thin, 0.012));
});

it('the surface of a rectangle of 3 × 2 m in two triangles is 6 m²', () => {
  const positions = Float32Array.from([0, 0, 0, 3, 0, 0, 3, 0, 2, 0, 0, 2]);
  expect(surfaceArea({ positions, indices: Uint32Array.from([0, 1, 2, 0, 2, 3]) })).toBe(6);
});
