import { CubePoint, FACE_AXES, faceSign } from './cubeFace';
import { distance, length, scale, type Vec3 } from './vec3';

/** The direction back from a place on the cube. */
function directionAt({ face, u, w }: CubePoint): Vec3 {
  const at: [number, number, number] = [0, 0, 0];
  const [own, first, second] = FACE_AXES[face >> 1]!;
  at[own] = faceSign(face);
  at[first] = u;
  at[second] = w;
  return at;
}

it.each<[Vec3, number, number, number]>([
  [[2, 0, 0], 0, 0, 0],
  [[-2, 1, -1], 1, 0.5, -0.5],
  [[0, 3, 0], 2, 0, 0],
  [[1, -4, 2], 3, 0.25, 0.5],
  [[0.3, 0.1, 0.6], 4, 0.5, 1 / 6],
  [[0, 0, -1], 5, 0, 0],
])('%j meets face %i at %d, %d', (direction, face, u, w) => {
  const point = new CubePoint();
  point.put(...direction);
  expect([point.face, point.u, point.w]).toEqual([face, expect.closeTo(u, 12), expect.closeTo(w, 12)]);
});

it('the way back leads where the direction came from, all round', () => {
  const point = new CubePoint();
  for (let i = 0; i < 2000; i++) {
    // Points spread evenly over a ball, by the golden angle.
    const z = 1 - (2 * i + 1) / 2000;
    const r = Math.sqrt(1 - z * z);
    const direction: Vec3 = [r * Math.cos(i * 2.399963), r * Math.sin(i * 2.399963), z];
    point.put(...direction);
    const back = directionAt(point);
    const off = distance(scale(back, 1 / length(back)), direction);
    if (!(Math.max(Math.abs(point.u), Math.abs(point.w)) <= 1 && off < 1e-12))
      expect([direction, off]).toBe('as it was');
  }
});

it('an edge belongs to one face: x before y before z', () => {
  const point = new CubePoint();
  const faceOf = (...at: Vec3) => (point.put(...at), point.face);
  expect([faceOf(1, 1, 1), faceOf(-1, 1, 1), faceOf(0, 1, 1), faceOf(0.5, -1, -1)]).toEqual([0, 1, 2, 3]);
});
