import { bikeRig, plainAt } from '../../../testing/rigs';
import { distance, subtract } from '../../mathematics/geometry/vec3';
import { inverseRotation, rotate } from '../../mathematics/geometry/rotation';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { fromMarkM, slides, slideWithin } from '../../words/carrier/spotZone';
import { poseStrut } from '../strut/kinematics';
import { resolveSetUp } from '../strut/resolveSetUp';
import { poseRig } from './poseRig';
import { placedAt, placedSpots } from './spots';

const rig = bikeRig();
const chest = placedAt(rig, { spotId: 'chest' })!;
const zone = chest.spot.zone!;
const posed = poseRig(rig, SET_UP_STANCE_ID);
const lensAt = (slideM: number) =>
  poseStrut(resolveSetUp(rig, plainAt('chest', 0, { slideM })), posed, posed).worldFromCamera.position;

it('a spot slides along its stretch on the surface, and the lens goes with it', () => {
  const low = placedAt(rig, { spotId: 'chest', slideM: 0.1 })!;
  expect(low.slideM).toBe(0.1);
  expect(low.partFromSpot.position[1]).toBeCloseTo(chest.partFromSpot.position[1] - 0.1, 6);
  // The posture leans a little: most of it is height.
  expect(lensAt(0)[1] - lensAt(0.1)[1]).toBeGreaterThan(0.08);
  expect(distance(lensAt(0), lensAt(0.1))).toBeLessThan(0.14);
  const { rotation } = posed.byId.get('ribcage')!.worldFromPart;
  const moved = rotate(inverseRotation(rotation), subtract(lensAt(0.1), lensAt(0)));
  expect(Math.abs(moved[2])).toBeLessThan(1e-3);
});

it('beyond an end it stays at the end; a spot without a stretch stays where it is', () => {
  expect(placedAt(rig, { spotId: 'chest', slideM: 9 })!.slideM).toBe(zone.fartherM);
  expect(placedAt(rig, { spotId: 'chest', slideM: -9 })!.slideM).toBe(-zone.nearerM);
  const top = placedSpots(rig).find(({ spot }) => spot.id === 'helmet-top')!;
  expect(placedAt(rig, { spotId: 'helmet-top', slideM: 0.2 })).toBe(top);
  expect(placedAt(rig, { spotId: 'nowhere' })).toBeUndefined();
});

it('a tape held to the mark shows the usual place and what it has slid', () => {
  const tube = { along: [1, 0, 0] as const, nearerM: 0.1, fartherM: 0.3, mark: 'behind the edge', usualM: 0.4 };
  expect([-0.2, -0.1, 0, 0.25, 0.5].map((s) => fromMarkM(tube, s))).toEqual([
    0.30000000000000004, 0.30000000000000004, 0.4, 0.65, 0.7,
  ]);
  expect(slideWithin(tube, 0.05)).toBe(0.05);
  expect(slides(tube)).toBe(true);
  expect(slides({ ...tube, nearerM: 0, fartherM: 0.004 })).toBe(false);
});
