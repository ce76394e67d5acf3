import { ridgeLoop } from '../../../testing/outings';
import { rigOfShot } from '../../deciding/outing/outing';
import { convexHull, sideElevation } from './sideElevation';

const outing = ridgeLoop();
const rig = rigOfShot(outing, outing.shots[0]!);
const made = outing.shots[0]!.setUp;

describe('the side elevation', () => {
  it('draws the lens where the chain puts it and the axis at the set tilt', () => {
    const setUp = { ...made, angles: { panDeg: 0, tiltDeg: 40, rollDeg: 0 } };
    const drawing = sideElevation(rig, setUp);
    expect(drawing.view).toBe('side');
    expect(drawing.axisDeg).toBeCloseTo(40, 9);
    expect(drawing.joints[0]![0]).toBeCloseTo(0, 12);
    expect(drawing.body.length).toBeGreaterThanOrEqual(4);
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
