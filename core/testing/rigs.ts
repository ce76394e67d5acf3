import { CAMERAS } from '../catalog/index.generated';
import type { MachineDefinition } from '../src/words/carrier/machine';
import type { RigSpec } from '../src/words/rig/rigSpec';
import { plainSetUp } from '../src/posing/strut/plainSetUp';
import type { SetUp } from '../src/words/setUp/setUp';

export const bikeRig = (over: Partial<RigSpec> = {}): RigSpec => ({
  machineId: 'mountain-bike',
  fit: {},
  wornIds: ['rider-body', 'full-face-helmet'],
  statureM: 1.75,
  ...over,
});

/** The plainest strut at a spot with the cube camera, tilted as said. */
export function plainAt(spotId: string, tiltDeg = 0, over: Partial<SetUp> = {}, rig = bikeRig()): SetUp {
  const setUp = plainSetUp(rig, spotId, { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' });
  if (!setUp) throw new Error(`no base goes on ${spotId}`);
  return { ...setUp, angles: { panDeg: 0, tiltDeg, rollDeg: 0 }, ...over };
}

export const cubeCamera = CAMERAS.find((camera) => camera.id === 'cube-camera')!;

/** A machine with what its rider usually wears. */
export const usualRig = (machine: MachineDefinition, over: Partial<RigSpec> = {}): RigSpec => ({
  machineId: machine.id,
  fit: {},
  wornIds: machine.wearing,
  statureM: 1.75,
  ...over,
});
