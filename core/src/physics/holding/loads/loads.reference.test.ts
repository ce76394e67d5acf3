import { DIRECTIONS } from '../../../mathematics/geometry/evenDirections';
import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { add, cross, dot, length, scale, subtract, type Vec3 } from '../../../mathematics/geometry/vec3';
import { DRAG, dragN, standardAir } from './atmosphere';
import {
  FLOWS,
  loadAt,
  loadsBeyond,
  onSurface,
  pieceForces,
  type Interface,
  type LoadedPiece,
  type LoadEnvelope,
} from './loads';

describe('the standard atmosphere (U.S. Standard Atmosphere 1976, table I; from memory)', () => {
  it.each([
    [0, 101325, 1.225],
    [1000, 89874, 1.1117],
    [3000, 70109, 0.9091],
    [5000, 54020, 0.7361],
    [8000, 35600, 0.5252],
    [11000, 22632, 0.3639],
  ])('at %i m: %i Pa, %d kg/m³', (altitudeM, pressurePa, densityKgM3) => {
    const air = standardAir(altitudeM);
    expect(air.pressurePa / pressurePa).toBeCloseTo(1, 3);
    expect(air.densityKgM3 / densityKgM3).toBeCloseTo(1, 3);
  });
  it.each([-501, 11001, NaN, Infinity])('knows nothing of %d m', (altitudeM) => {
    expect(() => standardAir(altitudeM)).toThrow(/outside -500 to 11000/);
  });
});

it('drag: a cube of 5 cm at 100 km/h by hand, ½ · 1.225 · 27.78² · 1.05 · 0.0025 = 1.24 N; twice as fast four times', () => {
  const newton = dragN(1.225, 100 / 3.6, DRAG.cube, 0.0025);
  expect(newton).toBeCloseTo(1.2407, 3);
  expect(dragN(1.225, 200 / 3.6, DRAG.cube, 0.0025) / newton).toBeCloseTo(4, 12);
  expect(dragN(1.225, 0, DRAG.cube, 1)).toBe(0);
});

it('directions are the 26 to a cube’s corners, edges and faces, and stand evenly: their sum is nought', () => {
  expect(DIRECTIONS).toHaveLength(26);
  for (const direction of DIRECTIONS) expect(length(direction)).toBeCloseTo(1, 12);
  expect(length(DIRECTIONS.reduce(add, [0, 0, 0] as Vec3))).toBeLessThan(1e-12);
});

describe('loads on an interface', () => {
  const random = seededNumbers(19);
  const vector = (): Vec3 => [random() - 0.5, random() - 0.5, random() - 0.5];
  const pieces: readonly LoadedPiece[] = Array.from({ length: 4 }, (_, i) => ({
    name: `piece ${i}`,
    at: vector(),
    massKg: 0.05 + 0.2 * random(),
    dragAreaM2: 0.003 * random(),
  }));
  const interfaceAt = (at: Vec3, beyond: readonly number[]): Interface => ({
    id: 'joint',
    name: 'joint',
    at,
    link: null,
    along: null,
    beyond,
  });
  const envelope: LoadEnvelope = {
    airMps: 20,
    airKgM3: 1.2,
    pressurePa: 1e5,
    waterMps: 0,
    wetShare: 1,
    accelerationMS2: 30,
    sheltered: false,
  };

  it('found once and turned are those found piece by piece, in every direction and flow', () => {
    for (const beyond of [[0, 1, 2, 3], [2, 3], [3]]) {
      const joint = interfaceAt(vector(), beyond);
      const turned = loadsBeyond(joint, pieces, envelope);
      for (const acceleration of DIRECTIONS) {
        for (const flow of FLOWS) {
          const summed = loadAt(joint, pieces, pieceForces(pieces, envelope, acceleration, flow));
          const { force, moment } = turned(acceleration, flow);
          expect(length(subtract(force, summed.force))).toBeLessThan(1e-9);
          expect(length(subtract(moment, summed.moment))).toBeLessThan(1e-9);
        }
      }
    }
  });

  it('at rest in still air it is the weight alone, and its moment the weight’s', () => {
    const still: LoadEnvelope = { ...envelope, airMps: 0, accelerationMS2: 0 };
    const joint = interfaceAt([0, 0, 0], [0, 1, 2, 3]);
    const { force, moment } = loadsBeyond(joint, pieces, still)([1, 0, 0], [-1, 0, 0]);
    const kg = pieces.reduce((sum, piece) => sum + piece.massKg, 0);
    expect(force).toEqual([expect.closeTo(0, 12), expect.closeTo(-kg * 9.80665, 9), expect.closeTo(0, 12)]);
    const middle = scale(
      pieces.reduce((sum, piece) => add(sum, scale(piece.at, piece.massKg)), [0, 0, 0] as Vec3),
      1 / kg,
    );
    expect(length(subtract(moment, cross(middle, force)))).toBeLessThan(1e-9);
  });

  it('further in the moment is that further out and the force’s about the way between (statics)', () => {
    const [inner, outer] = [interfaceAt([0, 0, 0], [2, 3]), interfaceAt([0.1, 0.2, -0.1], [2, 3])];
    const forces = pieceForces(pieces, envelope, [0, 1, 0], [-1, 0, 0]);
    const [a, b] = [loadAt(inner, pieces, forces), loadAt(outer, pieces, forces)];
    expect(length(subtract(a.moment, add(b.moment, cross(subtract(outer.at, inner.at), b.force))))).toBeLessThan(1e-9);
  });

  it('water that it dips into counts in place of the wind where it drags harder', () => {
    const joint = interfaceAt([0, 0, 0], [0, 1, 2, 3]);
    const flow: Vec3 = [-1, 0, 0];
    const drag = (over: Partial<LoadEnvelope>) =>
      -loadsBeyond(joint, pieces, { ...envelope, accelerationMS2: 0, ...over })([1, 0, 0], flow).force[0];
    expect(drag({ waterMps: 5 })).toBeGreaterThan(drag({}) * 20);
    expect(drag({ waterMps: 0.1 })).toBeCloseTo(drag({}), 9);
  });

  it('split by a surface, nothing of force or moment is lost (Pythagoras)', () => {
    for (let i = 0; i < 50; i++) {
      const load = { force: scale(vector(), 100), moment: scale(vector(), 10) };
      const wild = vector();
      const normal = scale(wild, 1 / length(wild));
      const { pullN, shearN, tipNm, twistNm } = onSurface(load, normal);
      expect(Math.hypot(pullN, shearN)).toBeCloseTo(length(load.force), 9);
      expect(Math.hypot(tipNm, twistNm)).toBeCloseTo(length(load.moment), 9);
      expect(pullN).toBeCloseTo(dot(load.force, normal), 12);
    }
  });
});
