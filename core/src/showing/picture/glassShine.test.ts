import { newCarrier } from '../../deciding/outing/newOuting';
import { plainSetUp } from '../../posing/strut/plainSetUp';
import { poseStrut } from '../../posing/strut/kinematics';
import { poseRig } from '../../posing/rig/poseRig';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { renderPicture } from './renderPicture';

const { rig } = newCarrier('c', 'coupe', 1.75);
const drawn = (spotId: string, widthPx: number, mirrorLeft?: number) => {
  const setUp = plainSetUp(rig, spotId, { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' })!;
  const resolved = resolveSetUp(rig, { ...setUp, angles: { panDeg: 180, tiltDeg: 0, rollDeg: 0 } });
  const posed = poseRig(rig, 'cruise');
  const { worldFromCamera } = poseStrut(resolved, poseRig(rig, 'set-up'), posed);
  const heightPx = Math.round((widthPx * 9) / 16);
  const options = { scenery: false, ...(mirrorLeft === undefined ? {} : { mirrorLeft }) };
  return renderPicture(posed.parts, worldFromCamera, resolved.lens, posed.ground, widthPx, heightPx, options).rgba;
};
const apart = (a: Uint8ClampedArray, b: Uint8ClampedArray) =>
  a.reduce((sum, value, i) => sum + Math.abs(value - b[i]!), 0) / a.length;

it('a windscreen looked into from the bonnet mirrors the sky; a polarising filter takes most of it away', () => {
  const [all, some, none] = [undefined, 0.3, 0].map((left) => drawn('bonnet', 220, left));
  expect(apart(all!, none!)).toBeGreaterThan(2);
  expect(apart(some!, none!)).toBeLessThan(0.5 * apart(all!, none!));
});

it('small pictures, drawn while dragging, go without', () => {
  expect(apart(drawn('bonnet', 128), drawn('bonnet', 128, 0))).toBe(0);
});
