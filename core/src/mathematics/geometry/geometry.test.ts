import fc from 'fast-check';
import { castRay } from './bvh';
import { openEdgeCount, signedVolume } from './mesh';
import { loft } from './build/loft';
import { revolveRing, revolveSolid } from './build/revolve';
import { roundedBox } from './build/roundedBox';
import { superellipse } from './build/superellipse';
import { tube } from './build/tube';
import { panTiltRollFromRotation, rotate, rotationAbout, rotationFromPanTiltRoll } from './rotation';
import { compose, invert, transformPoint } from './pose';
import { distance, type Vec3 } from './vec3';

describe('orientation', () => {
  it('positive tilt looks up, positive pan looks right, positive roll lowers the right side', () => {
    expect(rotate(rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 30, rollDeg: 0 }), [1, 0, 0])[1]).toBeCloseTo(0.5);
    expect(rotate(rotationFromPanTiltRoll({ panDeg: 30, tiltDeg: 0, rollDeg: 0 }), [1, 0, 0])[2]).toBeCloseTo(0.5);
    expect(rotate(rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 30 }), [0, 0, 1])[1]).toBeCloseTo(-0.5);
  });

  it('is the product of the three single turns', () => {
    const single = rotationFromPanTiltRoll({ panDeg: 40, tiltDeg: -25, rollDeg: 15 });
    const v: Vec3 = [0.3, -0.7, 1.1];
    const turned = rotate(
      rotationAbout([0, 1, 0], -40),
      rotate(rotationAbout([0, 0, 1], -25), rotate(rotationAbout([1, 0, 0], 15), v)),
    );
    expect(distance(rotate(single, v), turned)).toBeLessThan(1e-12);
  });

  it('comes back from its rotation', () => {
    const angle = (limit: number) => fc.double({ min: -limit, max: limit, noNaN: true });
    fc.assert(
      fc.property(angle(179), angle(89), angle(179), (panDeg, tiltDeg, rollDeg) => {
        const back = panTiltRollFromRotation(rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg }));
        expect(back.panDeg).toBeCloseTo(panDeg, 6);
        expect(back.tiltDeg).toBeCloseTo(tiltDeg, 6);
        expect(back.rollDeg).toBeCloseTo(rollDeg, 6);
      }),
      { seed: 7 },
    );
  });

  it('a pose and its inverse cancel', () => {
    const pose = { rotation: rotationAbout([1, 2, 3], 71), position: [4, -5, 6] as const };
    expect(distance(transformPoint(compose(pose, invert(pose)), [1, 2, 3]), [1, 2, 3])).toBeLessThan(1e-12);
  });
});

describe('builders give closed meshes turned outward', () => {
  const meshes = {
    box: roundedBox([0.06, 0.05, 0.07], 0.006),
    tube: tube(
      [
        [0, 0, 0],
        [0.1, 0.02, 0],
        [0.2, 0, 0.05],
      ],
      { radiusM: 0.01, rounded: true },
    ),
    ring: revolveRing(
      [
        [0.3, -0.02],
        [0.33, 0],
        [0.3, 0.02],
      ],
      { centre: [0, 0, 0], axis: [0, 0, 1] },
    ),
    solid: revolveSolid(
      [
        [0.02, 0],
        [0.03, 0.01],
        [0, 0.02],
      ],
      { centre: [0, 0, 0], axis: [0, 1, 0] },
    ),
    loft: loft(
      [0, 0.1, 0.3].map((y) =>
        superellipse({ centre: [0, y, 0], u: [1, 0, 0], v: [0, 0, 1], halfU: 0.1, halfV: 0.15 }, 16),
      ),
    ),
  };
  it.each(Object.entries(meshes))('%s', (_name, mesh) => {
    expect(openEdgeCount(mesh)).toBe(0);
    expect(signedVolume(mesh)).toBeGreaterThan(0);
  });

  it('a fine cylinder has the volume π r² h', () => {
    const cylinder = tube(
      [
        [0, 0, 0],
        [0, 1, 0],
      ],
      { radiusM: 0.1, segments: 200 },
    );
    expect(signedVolume(cylinder)).toBeCloseTo(Math.PI * 0.01, 4);
  });
});

describe('castRay', () => {
  it('finds the near face of a box from outside and the far one from inside', () => {
    const box = roundedBox([2, 2, 2], 0.01);
    expect(castRay(box, [-5, 0.1, 0.2], [1, 0, 0])!.distanceM).toBeCloseTo(4, 6);
    expect(castRay(box, [0, 0.1, 0.2], [1, 0, 0])!.distanceM).toBeCloseTo(1, 6);
    expect(castRay(box, [-5, 3, 0], [1, 0, 0])).toBeNull();
  });
});
