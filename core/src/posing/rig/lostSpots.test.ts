import { bikeRig, plainAt } from '../../../testing/rigs';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { shotReport } from '../../judging/report/shotReport';
import { surfacePoint } from '../../mathematics/geometry/surfacePoint';
import { missingPiece, resolveSetUp } from '../strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { OwnSpot, RigSpec } from '../../words/rig/rigSpec';
import { poseRig } from './poseRig';
import { lostSpots, placedSpots, whyUnplaced } from './spots';

const bike = bikeRig();
const tube = poseRig(bike, SET_UP_STANCE_ID).byId.get('topTube')!;
const on = surfacePoint(tube.mesh, [0, 3, 0], [0, -1, 0]) ?? surfacePoint(tube.mesh, [0.1, 3, 0], [0, -1, 0]);
const spot = (over: Partial<OwnSpot> = {}): OwnSpot => ({
  id: 'own-1',
  name: 'Top tube, mine',
  partId: 'topTube',
  point: on?.point ?? [0, 0, 0],
  normal: on?.normal ?? [0, 1, 0],
  surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.035 },
  ...over,
});
const rigWith = (...ownSpots: OwnSpot[]): RigSpec => ({ ...bike, ownSpots });
const off = spot({ id: 'own-2', name: 'Beside it', point: [0, 9, 0] });

it('a spot that finds its part is placed, and is not lost', () => {
  const rig = rigWith(
    spot({ point: tube.mesh.positions.slice(0, 3) as unknown as OwnSpot['point'], normal: [0, 1, 0] }),
  );
  expect(placedSpots(rig).length + lostSpots(rig).length).toBe(placedSpots(bike).length + 1);
});

it.each([
  ['its ray goes by', off, 'Beside it', /no longer where it was put/],
  ['its part is gone', spot({ id: 'own-2', partId: 'trailer' }), 'Top tube, mine', /"trailer".*not on this carrier/],
])('a spot is lost with the reason when %s, and all others are there', (_, own, name, because) => {
  const rig = rigWith(own);
  expect(placedSpots(rig).map((p) => p.spot.id)).toEqual(placedSpots(bike).map((p) => p.spot.id));
  expect(lostSpots(rig)).toEqual([{ id: 'own-2', name, because: expect.stringMatching(because) as string }]);
  expect(whyUnplaced(rig, 'own-2')).toMatch(because);
  expect(whyUnplaced(rig, 'chest')).toBeNull();
  expect(whyUnplaced(rig, 'moon')).toMatch(/no spot "moon" on this carrier/);
});

it('only the shot that sits on it cannot be judged', () => {
  const rig = rigWith(off);
  const question = (spotId: string) =>
    ({ rig, setUp: plainAt(spotId, 0), intentId: 'clear-ahead', actionStanceId: 'crouch', horizonAt: null }) as const;
  expect(shotReport(question('chest'), { columns: 16, only: ['frame'] }).checks).toHaveLength(1);
  const lost = { ...plainAt('chest', 0), spotId: 'own-2' };
  expect(() => resolveSetUp(rig, lost)).toThrow('your spot "Beside it" is lost');
  expect(() => shotReport({ ...question('chest'), setUp: lost })).toThrow('is lost');
});

it('what the kit lacks is said, and nothing where all is there', () => {
  expect(missingPiece(bike, plainAt('chest', 0))).toBeNull();
  expect(missingPiece(bike, { ...plainAt('chest', 0), cameraId: 'own-gone' })).toMatch(
    /^there is no camera "own-gone"/,
  );
});

it('over 200 random spots of one’s own nothing is thrown: each is placed or lost', () => {
  const random = seededNumbers(3);
  const parts = poseRig(bike, SET_UP_STANCE_ID).parts;
  const many = Array.from({ length: 200 }, (_, i) =>
    spot({
      id: `own-${i}`,
      partId: parts[Math.floor(random() * parts.length)]!.id,
      point: [random() - 0.5, random() - 0.5, random() - 0.5],
      normal: [random() - 0.5, random() - 0.5, random() - 0.4],
    }),
  );
  for (let at = 0; at < many.length; at += 50) {
    const rig = rigWith(...many.slice(at, at + 50));
    const own = placedSpots(rig).filter((p) => p.spot.id.startsWith('own-'));
    expect(own.length + lostSpots(rig).length).toBe(50);
  }
});
