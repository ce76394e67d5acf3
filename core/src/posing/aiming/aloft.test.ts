import { plainSetUp } from '../strut/plainSetUp';
import { newCarrier } from '../../deciding/outing/newOuting';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { intentOf } from '../lookup/intentOf';
import { resolveRig } from '../lookup/resolveRig';
import { poseRig } from '../rig/poseRig';
import { aimedSetUp } from './aimedSetUp';
import { aimPoint } from './aimPoint';

const { rig } = newCarrier('c', 'beach-catamaran', 1.75);
const { actionStanceId } = resolveRig(rig).machine;
const wide = { cameraId: 'cube-camera', modeId: 'tallest', stabiliserId: 'standard' };
const whole = intentOf('whole-craft');
const aimedFrom = (spotId: string, over: Partial<SetUp> = {}) =>
  aimedSetUp(rig, { ...plainSetUp(rig, spotId, wide)!, ...over }, whole, actionStanceId, null)!;
const seenFrom = (spotId: string, over: Partial<SetUp> = {}) =>
  frameSetUp(rig, aimedFrom(spotId, over), actionStanceId, 48, actionStanceId).stances[0]!;

it('from mast and boom a craft is aimed at who sails it, from elsewhere at its middle', () => {
  const posed = poseRig(rig, actionStanceId);
  const at = (partId: string) => aimPoint(rig, posed, 'craft', [0, 2, 0], posed.byId.get(partId))!;
  const middle = aimPoint(rig, posed, 'craft', [0, 2, 0])!;
  expect(at('trampoline')).toEqual(middle);
  expect(at('mast')).not.toEqual(middle);
  const head = posed.byId.get('head')!.worldFromPart.position;
  const off = (p: readonly number[]) => Math.hypot(p[0]! - head[0], p[2]! - head[2]);
  expect(off(at('mast'))).toBeLessThan(off(middle));
});

it('from high on the mast the sky line comes into the picture, however far below the crew is', () => {
  for (const slideM of [-1, 0, 1]) {
    const { measures } = seenFrom('mast', { slideM });
    expect(measures.horizon.heightFraction).toBeGreaterThan(0.1);
    expect(measures.shares.sky).toBeGreaterThan(0.03);
  }
});

it('what looks up at the craft already is left as it was aimed', () => {
  const { angles } = aimedFrom('bow-pole');
  expect(Math.abs(angles.tiltDeg)).toBeLessThan(30);
});
