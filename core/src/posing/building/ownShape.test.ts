import { newCarrier } from '../../deciding/outing/newOuting';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { poseAt } from '../../mathematics/geometry/pose';
import { findingsOf } from '../../words/check/result';
import { WORLD_IDS, type WorldId } from '../../words/carrier/land';
import type { OwnSpot, RigSpec } from '../../words/rig/rigSpec';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { shotReport } from '../../judging/report/shotReport';
import { groundsFor, usualRide } from '../lookup/grounds';
import { registerOwnShapes, resolveRig } from '../lookup/resolveRig';
import { poseRig } from '../rig/poseRig';
import { placedSpots } from '../rig/spots';
import { plainSetUp } from '../strut/plainSetUp';
import type { OwnShape } from './ownShape';

/** A raft of two metres: a deck with a box on it, standing on y = 0. */
const raft = (world: WorldId): OwnShape => ({
  id: `own-raft-${world}`,
  name: 'Raft',
  world,
  parts: [
    { id: 'deck', name: 'deck', mesh: roundedBox([2, 0.3, 1], 0.02, poseAt([0, 0.15, 0])) },
    { id: 'chest', name: 'chest', mesh: roundedBox([0.5, 0.4, 0.5], 0.02, poseAt([-0.6, 0.5, 0])) },
  ],
});
const spot: OwnSpot = {
  id: 'own-1',
  name: 'Deck, ahead',
  partId: 'deck',
  point: [0.6, 0.3, 0],
  normal: [0, 1, 0],
  surface: { material: 'painted metal', shape: 'flat', flatAreaM2: 0.05, wallM: 0.002 },
};
const rigOf = (world: WorldId): RigSpec => ({ ...newCarrier('c', `own-raft-${world}`, 1.75).rig, ownSpots: [spot] });

beforeAll(() => registerOwnShapes(WORLD_IDS.map(raft)));
afterAll(() => registerOwnShapes([]));

describe.each(WORLD_IDS.map((world) => [world] as const))('a shape of one’s own: %s', (world) => {
  const question = (): ShotQuestion => {
    const rig = rigOf(world);
    const { machine } = resolveRig(rig);
    return {
      rig,
      setUp: plainSetUp(rig, 'own-1', { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' })!,
      intentId: 'clear-ahead',
      actionStanceId: machine.actionStanceId,
      horizonAt: null,
      ride: usualRide(machine),
    };
  };

  it('stands as it was brought, with nobody on it and nothing that moves', () => {
    const posed = poseRig(rigOf(world), 'under-way');
    expect(posed.parts.map(({ id }) => id)).toEqual(['deck', 'chest']);
    expect([posed.body, posed.holds, posed.problems, posed.ground.world]).toEqual([null, [], [], world]);
    const { machine, fit } = resolveRig(rigOf(world));
    expect([machine.moving(fit), machine.dimensions]).toEqual([[], []]);
  });

  it('has the spots that were put on it by hand, and no others', () => {
    expect(placedSpots(rigOf(world)).map(({ spot: { id } }) => id)).toEqual(['own-1']);
  });

  it('is judged by every check, its shaking from wide estimates', () => {
    const { checks } = shotReport(question());
    expect(checks.map(({ check }) => check)).toEqual(['frame', 'steady', 'hold', 'clear', 'light', 'last']);
    for (const check of checks) {
      expect([check.check, check.verdict]).not.toEqual([check.check, "can't say"]);
      for (const { value, because } of findingsOf(check)) {
        expect([check.check, because, Number.isFinite(value)]).toEqual([check.check, because, true]);
      }
    }
  });

  it('is shaken by its ground: more of it on rougher ground, and by some of it at any speed', () => {
    const asked = question();
    const grounds = groundsFor(world);
    const shaken = (groundId: string) => {
      const steady = shotReport({ ...asked, ride: { ...asked.ride!, groundId } }, { only: ['steady'] }).checks[0]!;
      return findingsOf(steady).reduce((sum, { id, value }) => sum + (id === 'jump' ? value : 0), 0);
    };
    const [calm, rough] = [shaken(grounds[0]!.id), shaken(grounds.at(-1)!.id)];
    expect(calm).toBeGreaterThan(0);
    // In water and air its own turning, of which nothing is known, moves the picture most.
    if (!['water', 'air'].includes(world)) expect(rough).toBeGreaterThan(1.2 * calm);
  });
});

it('a shape that nobody registered is not there, and its name is told', () => {
  registerOwnShapes([]);
  expect(() => resolveRig(rigOf('road'))).toThrow(/own-raft-road/);
  registerOwnShapes(WORLD_IDS.map(raft));
  expect(resolveRig(rigOf('road')).machine.name).toBe('Raft');
});
