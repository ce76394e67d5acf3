import { extremePoints, spreadDirections } from './extremePoints';
import { dot, length, type Vec3 } from './vec3';

const at = (points: Float64Array, i: number): Vec3 => [points[3 * i]!, points[3 * i + 1]!, points[3 * i + 2]!];

it('of a box only its eight corners are kept, of one point that point, of none nothing', () => {
  const inside = [0.1, 0.2, 0.3, 0, 0, 0, -0.4, 0.4, 0.1];
  const corners = [-1, 1].flatMap((x) => [-1, 1].flatMap((y) => [-1, 1].flatMap((z) => [x, y, z])));
  expect([...extremePoints([...inside, ...corners], spreadDirections(60))]).toEqual(corners);
  expect([...extremePoints([1, 2, 3], spreadDirections(20))]).toEqual([1, 2, 3]);
  expect(extremePoints([], spreadDirections(20))).toHaveLength(0);
});

it('directions are of length one, no two of 500 nearer than 4° and none farther than 10° from its neighbour', () => {
  const all = spreadDirections(500);
  for (const a of all) {
    expect(length(a)).toBeCloseTo(1, 12);
    const nearest = Math.max(...all.filter((b) => b !== a).map((b) => dot(a, b)));
    expect(nearest).toBeLessThan(Math.cos((4 * Math.PI) / 180));
    expect(nearest).toBeGreaterThan(Math.cos((10 * Math.PI) / 180));
  }
});

it('a ball of many points is no smaller by them than by all, to half a percent, whichever way it is looked at', () => {
  const ball = spreadDirections(20_000).flatMap((d) => [...d]);
  const kept = extremePoints(ball, spreadDirections(500));
  expect(kept.length / 3).toBeLessThanOrEqual(500);
  for (const way of spreadDirections(77)) {
    const reach = Math.max(...Array.from({ length: kept.length / 3 }, (_, i) => dot(at(kept, i), way)));
    expect(reach).toBeGreaterThan(0.995);
  }
});
