import { newCarrier } from '../src/deciding/outing/newOuting';
import { resolveRig } from '../src/posing/lookup/resolveRig';
import { plainSetUp } from '../src/posing/strut/plainSetUp';
import type { SetUp } from '../src/words/setUp/setUp';
import { usualRide } from '../src/posing/lookup/grounds';
import type { RideConditions } from '../src/words/ride/rideConditions';
import type { ShakeQuestion } from '../src/physics/shaking/whole/shakeScene';

/** A carrier of the catalogue with the cube camera at a spot, ridden as usual. */
export function shakeAt(
  machineId: string,
  spotId: string,
  over: Partial<SetUp> = {},
  ride: Partial<RideConditions> = {},
): ShakeQuestion {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { machine } = resolveRig(rig);
  const camera = { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' };
  const setUp = plainSetUp(rig, spotId, {
    ...camera,
    ...(over.cameraId ? { modeId: 'wide', ...over } : over),
  } as never);
  if (!setUp) throw new Error(`no base goes on ${spotId}`);
  return {
    rig,
    setUp: { ...setUp, ...over },
    actionStanceId: machine.actionStanceId,
    ride: { ...usualRide(machine), ...ride },
  };
}

export const link = (linkId: string, lengthM: number, bendDeg = 0, turnDeg = 0) => ({
  linkId,
  lengthM,
  bendDeg,
  turnDeg,
});
