import { newCarrier } from '../src/outing/newOuting';
import { resolveRig } from '../src/rig/resolveRig';
import { plainSetUp } from '../src/search/startingSetUp';
import type { SetUp } from '../src/strut/setUp';
import { usualRide, type RideConditions } from '../src/vibration/ride';
import type { ShakeQuestion } from '../src/vibration/shakeScene';

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
