import { roundedBox } from './build/roundedBox';
import { coarseMesh } from './coarseMesh';
import { meshBounds, meshPoint, triangleCount } from './mesh';
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
