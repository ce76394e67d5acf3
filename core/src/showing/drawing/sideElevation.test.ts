import { ridgeLoop } from '../../../testing/outings';
import { rigOfShot } from '../../deciding/outing/outing';
import { convexHull, sideElevation } from './sideElevation';

const outing = ridgeLoop();
const rig = rigOfShot(outing, outing.shots[0]!);
const made = outing.shots[0]!.setUp;

const degOf = ([x, y]: readonly [number, number]) => (Math.atan2(y, x) * 180) / Math.PI;

describe('the side elevation', () => {
  it('draws the lens where the chain puts it and the axis at the set tilt', () => {
    const setUp = { ...made, angles: { panDeg: 0, tiltDeg: 40, rollDeg: 0 } };
    const drawing = sideElevation(rig, setUp);
    expect(drawing.view).toBe('side');
    expect(degOf(drawing.axis)).toBeCloseTo(40, 9);
    expect(drawing.reading).toBe('40° up');
    expect(drawing.joints[0]![0]).toBeCloseTo(0, 12);
    expect(drawing.body.length).toBeGreaterThanOrEqual(4);
  });

  it('turned back and tilted down it says what the level reads, not the angle on paper', () => {
    const back = sideElevation(rig, {
      ...made,
      spotId: 'helmet-top',
      baseId: 'adhesive-pad',
      headId: 'ball-joint',
      angles: { panDeg: -146, tiltDeg: -36.5, rollDeg: 0 },
    });
    expect(back.view).toBe('side');
    expect(back.axis[0]).toBeLessThan(0);
    expect(back.reading).toBe('36.5° down');
  });

  it('an arm and a lens that go to the side are drawn from ahead, as they are', () => {
    const links = [{ linkId: 'long-arm', lengthM: 0.25, bendDeg: 90, turnDeg: 90 }];
    const aside = { ...made, spotId: 'helmet-top', baseId: 'adhesive-pad', headId: 'ball-joint', links };
    const drawing = sideElevation(rig, { ...aside, angles: { panDeg: 90, tiltDeg: 0, rollDeg: 0 } });
    expect(drawing.view).toBe('front');
    // The whole arm is seen; it goes to the rider's right, which seen from ahead is the left.
    expect(drawing.joints.at(-1)![0]).toBeLessThan(-0.2);
    expect(drawing.axis[0]).toBeCloseTo(-1, 6);
  });

  it('a surface that faces sideways is drawn from above', () => {
    expect(sideElevation(rig, { ...made, spotId: 'helmet-side', baseId: 'adhesive-pad' }).view).toBe('above');
  });

  it('the outline of a square with points inside is the square', () => {
    expect(
      convexHull([
        [0, 0],
        [1, 0],
        [0.5, 0.5],
        [1, 1],
        [0, 1],
        [0.2, 0.7],
      ]),
    ).toHaveLength(4);
  });
});
