import fc from 'fast-check';
import { poseRig } from '../rig/poseRig';
import { bikeRig } from '../../../testing/rigs';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import { rotate } from '../../mathematics/geometry/rotation';
import { bodySegments } from './segments';
import { twoBone } from './twoBone';

describe('body proportions', () => {
  // Drillis & Contini (1966) as printed in Winter, "Biomechanics and Motor Control of Human Movement"; fractions from memory.
  it.each([
    ['thighM', 0.245],
    ['shankM', 0.246],
    ['upperArmM', 0.186],
    ['forearmM', 0.146],
    ['handM', 0.108],
    ['footM', 0.152],
    ['torsoM', 0.288],
    ['shoulderHalfBreadthM', 0.129],
  ] as const)('%s is %f of stature', (name, fraction) => {
    expect(bodySegments(1.8)[name]).toBeCloseTo(fraction * 1.8, 9);
  });

  it('refuses a stature out of range and names it', () => {
    expect(() => bodySegments(2.6)).toThrow(/statureM 2.6.*1.3 to 2.1/);
  });

  it('a rider standing upright has eyes, chin and shoulders at the published heights', () => {
    const body = poseRig(bikeRig({ statureM: 1.8 }), 'set-up').body!;
    // Shoes and slightly bent knees shift the whole body by less than 3 cm.
    expect(body.eyes.position[1]).toBeGreaterThan(0.936 * 1.8 - 0.03);
    expect(body.eyes.position[1]).toBeLessThan(0.936 * 1.8 + 0.03);
    expect(body.neckBase[1]).toBeCloseTo(0.818 * 1.8, 1);
  });
});

describe('two-bone inverse kinematics', () => {
  const coordinate = fc.double({ min: -0.5, max: 0.5, noNaN: true });
  it('keeps both bones at length and reaches what is in reach', () => {
    fc.assert(
      fc.property(coordinate, coordinate, coordinate, (x, y, z) => {
        const target: Vec3 = [x, y, z];
        const { middle, end, shortM } = twoBone([0, 0, 0], target, 0.32, 0.26, [0.1, -1, 0.2]);
        expect(distance([0, 0, 0], middle)).toBeCloseTo(0.32, 6);
        expect(distance(middle, end)).toBeCloseTo(0.26, 6);
        if (shortM === 0) expect(distance(end, target)).toBeLessThan(1e-5);
        else expect(distance(end, target)).toBeCloseTo(shortM, 6);
      }),
      { seed: 3 },
    );
  });

  it('says how far a target is out of reach', () => {
    expect(twoBone([0, 0, 0], [1, 0, 0], 0.3, 0.3, [0, -1, 0]).shortM).toBeCloseTo(0.4, 6);
  });
});

describe('posture', () => {
  it('the head keeps its gaze while the chest pitches with the torso', () => {
    const gaze = (stance: string) => rotate(poseRig(bikeRig(), stance).body!.head.rotation, [1, 0, 0])[1];
    const chest = (stance: string) => rotate(poseRig(bikeRig(), stance).body!.ribcage.rotation, [1, 0, 0])[1];
    expect(Math.abs(gaze('crouch') - gaze('set-up'))).toBeLessThan(0.1);
    expect(chest('crouch')).toBeLessThan(-0.8);
    expect(chest('set-up')).toBeCloseTo(0, 6);
  });

  it('names the limb that does not reach on a machine that is too big', () => {
    const { problems } = poseRig(bikeRig({ statureM: 1.45, fit: { wheelbaseM: 1.32, saddleHeightM: 0.82 } }), 'seated');
    expect(problems.map((p) => p.limb).join()).toMatch(/hand|foot/);
    expect(problems.every((p) => p.shortM > 0)).toBe(true);
  });
});
