import fc from 'fast-check';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { invert, compose, poseAt, transformPoint } from '../../mathematics/geometry/pose';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import { movedPose, poseAssembly, turnAbout, type Assembly } from './assembly';
import type { MovingPart } from '../../words/carrier/movingPart';

const source = { kind: 'common practice' } as const;
const moving: readonly MovingPart[] = [
  { id: 'bars', name: 'bars', kind: 'turn', at: [0.5, 1, 0], axis: [0, 1, 0], low: -60, high: 60, source },
  {
    id: 'travel',
    name: 'travel',
    kind: 'slide',
    at: [0.6, 0.3, 0],
    axis: [0, 1, 0],
    low: 0,
    high: 0.15,
    on: 'bars',
    source,
  },
  {
    id: 'wheel',
    name: 'wheel',
    kind: 'turn',
    at: [0.6, 0.3, 0],
    axis: [0, 0, 1],
    low: -180,
    high: 180,
    on: 'travel',
    source,
  },
];
const degrees = fc.double({ min: -180, max: 180, noNaN: true });
const coordinate = fc.double({ min: -3, max: 3, noNaN: true });
const near = (a: Vec3, b: Vec3) => expect(distance(a, b)).toBeLessThan(1e-9);

describe('moving parts', () => {
  it('everything at zero stands where it was drawn', () => {
    for (const { id } of moving) near(transformPoint(movedPose(moving, id, {}), [0.7, 0.2, 0.1]), [0.7, 0.2, 0.1]);
  });

  it('a turn leaves its axis where it is and keeps every distance to it', () => {
    fc.assert(
      fc.property(degrees, coordinate, coordinate, coordinate, (deg, x, y, z) => {
        const turn = turnAbout([0.5, 1, 0], [0, 1, 0], deg);
        near(transformPoint(turn, [0.5, y, 0]), [0.5, y, 0]);
        const p: Vec3 = [x, y, z];
        const moved = transformPoint(turn, p);
        expect(distance(moved, [0.5, y, 0])).toBeCloseTo(distance(p, [0.5, y, 0]), 9);
        expect(moved[1]).toBeCloseTo(y, 9);
      }),
      { seed: 3, numRuns: 60 },
    );
  });

  it('a part is carried by what it rides on: the wheel by the fork’s travel, that by the bars', () => {
    fc.assert(
      fc.property(degrees, fc.double({ min: 0, max: 0.15, noNaN: true }), (bars, travel) => {
        const axle = transformPoint(movedPose(moving, 'wheel', { bars, travel, wheel: 33 }), [0.6, 0.3, 0]);
        expect(axle[1]).toBeCloseTo(0.3 + travel, 9);
        expect(distance(axle, [0.5, 0.3 + travel, 0])).toBeCloseTo(0.1, 9);
      }),
      { seed: 4, numRuns: 40 },
    );
  });

  it('the machine takes all of it along', () => {
    const mesh = roundedBox([0.1, 0.1, 0.1], 0.01);
    const assembly: Assembly = {
      parts: [
        { id: 'frame', name: 'frame', tone: 'frame', mesh },
        { id: 'tyre', name: 'tyre', tone: 'tyre', mesh, on: 'wheel' },
        { id: 'pane', name: 'pane', tone: 'glass', mesh, seeThrough: true },
      ],
      moving,
    };
    const worldFromMachine = turnAbout([2, 0, 1], [0, 0, 1], 20);
    const state = { bars: 25, travel: 0.05 };
    const parts = poseAssembly(assembly, worldFromMachine, state, true);
    expect(parts.map((p) => p.seeThrough ?? false)).toEqual([false, false, true]);
    const tyre = compose(invert(worldFromMachine), parts[1]!.worldFromPart);
    near(transformPoint(tyre, [0.6, 0.3, 0]), transformPoint(movedPose(moving, 'wheel', state), [0.6, 0.3, 0]));
    near(transformPoint(parts[0]!.worldFromPart, [0, 0, 0]), transformPoint(worldFromMachine, [0, 0, 0]));
  });

  it('an unknown part is named, with those that there are', () => {
    expect(() => movedPose(moving, 'rudder', {})).toThrow(/no moving part "rudder".*bars, travel, wheel/);
    expect(movedPose(moving, undefined, {})).toEqual(poseAt([0, 0, 0]));
  });
});
