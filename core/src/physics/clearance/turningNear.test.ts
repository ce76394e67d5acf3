import { shakeAt } from '../../../testing/shakes';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import { chainJoints, poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { transformPoint } from '../../mathematics/geometry/pose';
import { nearestTurning, approaches } from './strikes';
import { turningNear } from './turningNear';

const both = (machineId: string, spotId: string) => {
  const { rig, setUp } = shakeAt(machineId, spotId);
  const resolved = resolveSetUp(rig, setUp);
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  const { worldFromSpot, worldFromBody } = poseStrut(resolved, posed, posed);
  const points = [
    ...chainJoints(resolved).map((joint) => transformPoint(worldFromSpot, joint)),
    worldFromBody.position,
  ];
  return {
    quick: turningNear(rig, posed, resolved.placed.spot.partId, points, 0.5),
    full: nearestTurning(approaches(rig, resolved)),
  };
};

it.each([
  ['motorcycle', 'fork-leg'],
  ['motorcycle', 'rear-fender'],
  ['mountain-bike', 'under-saddle'],
  ['multirotor', 'nose'],
  ['paramotor', 'cage-top'],
] as const)(
  '%s, %s: the quick look finds the same that turns, at most a camera farther than it is',
  (machineId, spotId) => {
    const { quick, full } = both(machineId, spotId);
    expect(quick!.distanceM).toBeGreaterThanOrEqual(full!.distanceM - 1e-9);
    expect(quick!.distanceM - full!.distanceM).toBeLessThan(0.08);
  },
);

it('finds nothing where nothing turns near', () => {
  expect(both('mountain-bike', 'helmet-top').quick).toBeNull();
  expect(both('surfboard', 'chest').quick).toBeNull();
});
