/** A first shot from every carrier, and how the kind of shot decides about place and lens; common practice, no source. */
import { intentOf } from '../../posing/lookup/intentOf';
import { newCarrier } from '../outing/newOuting';
import { newShot } from '../outing/newShot';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { rotate } from '../../mathematics/geometry/rotation';
import { bestShownSteps, rankSpots } from './rankSpots';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { plainSetUp, standardCamera } from '../../posing/strut/plainSetUp';

// Those that nothing else here begins a shot on; `npm run outcomes -- grid` walks all of them through all kinds of shots.
it.each(['beside-the-course', 'multirotor', 'beach-catamaran', 'stand-up-board', 'glider', 'skis'])(
  '%s: a shot of the way ahead stands on a spot that takes its base, aimed level within reason',
  (id) => {
    const carrier = newCarrier('c', id, 1.75);
    const { rig } = carrier;
    const shot = newShot('s', carrier, rig, { intent: intentOf('clear-ahead') });
    const resolved = resolveSetUp(rig, shot.setUp);
    expect(resolved.placed.spot.id).toBe(shot.setUp.spotId);
    expect(Math.abs(shot.setUp.angles.tiltDeg)).toBeLessThan(70);
    expect(shot.actionStanceId).toBe(resolveRig(rig).machine.actionStanceId);
    const [stance] = frameSetUp(rig, shot.setUp, shot.actionStanceId, 32, shot.actionStanceId).stances;
    expect(stance!.measures.shares.own).toBeLessThan(0.35);
  },
);

it('what a kind of shot is shown by stands upright, as a face from a pole that is swung about a board', () => {
  for (const id of ['longboard', 'snowboard']) {
    const { rig } = newCarrier('c', id, 1.75);
    const { actionStanceId } = resolveRig(rig).machine;
    const [best] = rankSpots(rig, intentOf('look-back-at-the-face'), standardCamera(), actionStanceId);
    const posed = poseStrut(
      resolveSetUp(rig, best!.setUp),
      poseRig(rig, SET_UP_STANCE_ID),
      poseRig(rig, actionStanceId),
    );
    const [, up] = rotate(posed.worldFromCamera.rotation, [0, 1, 0]);
    expect([id, up > 0]).toEqual([id, true]);
  }
});

it.each(['mountain-bike', 'kayak', 'glider'])(
  '%s: what shows a kind of shot best is what a look at everything finds',
  (id) => {
    const { rig } = newCarrier('c', id, 1.75);
    const { actionStanceId } = resolveRig(rig).machine;
    for (const intentId of ['hands-and-trail', 'look-back-at-the-face']) {
      const asked = [rig, intentOf(intentId), standardCamera(), actionStanceId] as const;
      const steps = bestShownSteps(...asked);
      let step = steps.next();
      while (!step.done) step = steps.next();
      const [best] = rankSpots(...asked);
      expect([intentId, step.value!.spotId, step.value!.score]).toEqual([intentId, best!.spotId, best!.score]);
    }
  },
);

it('nobody on board: there is no face to look back at, and that is said', () => {
  const carrier = newCarrier('c', 'multirotor', 1.75);
  const { rig } = carrier;
  expect(() => newShot('s', carrier, rig, { intent: intentOf('look-back-at-the-face') })).toThrow(
    /not on this carrier, because nobody is on board/,
  );
});

it('the lower the spot the faster it feels: a boot or a bumper beats the helmet’s top', () => {
  const feel = (machineId: string, spotId: string) => {
    const { rig } = newCarrier('c', machineId, 1.75);
    const { actionStanceId } = resolveRig(rig).machine;
    const plain = plainSetUp(rig, spotId, standardCamera())!;
    const setUp = aimedSetUp(rig, plain, intentOf('clear-ahead'), actionStanceId, 0.4)!;
    return frameSetUp(rig, setUp, actionStanceId, 32).weightedSpeedFeel!;
  };
  expect(feel('road-bike', 'boot')).toBeGreaterThan(feel('road-bike', 'helmet-top') * 2);
  expect(feel('coupe', 'front-bumper')).toBeGreaterThan(feel('coupe', 'roof') * 1.5);
  expect(feel('longboard', 'under-deck')).toBeGreaterThan(feel('longboard', 'helmet-top') * 4);
});

it('a far subject picks the long lens, a near one does not', () => {
  const pick = (distanceM: number) => {
    const { rig } = newCarrier('c', 'powerboat', 1.75);
    const spec = { ...rig, subject: { machineId: 'kayak', distanceM, bearingDeg: 0, headingDeg: 90, aboveM: 0 } };
    const [best] = rankSpots(
      spec,
      intentOf('far-subject'),
      { cameraId: 'phone', modeId: 'wide', stabiliserId: 'off' },
      'planing',
    );
    return best!.setUp.modeId;
  };
  expect(pick(60)).toBe('long');
  expect(pick(4)).not.toBe('long');
});

it('a thin strip of bonnet is in the picture from the bonnet, none from the bumper', () => {
  const machineShare = (spotId: string) => {
    const { rig } = newCarrier('c', 'coupe', 1.75);
    const setUp = aimedSetUp(rig, plainSetUp(rig, spotId, standardCamera())!, intentOf('clear-ahead'), 'cruise', 0.45)!;
    return frameSetUp(rig, setUp, 'cruise', 48, 'cruise').stances[0]!.measures.shares.machine;
  };
  expect(machineShare('bonnet')).toBeGreaterThan(0.02);
  expect(machineShare('front-bumper')).toBeLessThan(0.02);
});
