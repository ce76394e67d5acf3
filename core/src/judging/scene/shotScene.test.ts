import { shakeAt } from '../../../testing/shakes';
import { shotScene } from './shotScene';

const asked = { ...shakeAt('mountain-bike', 'chin-bar'), intentId: 'hands-and-trail', horizonAt: null };

it('what is dear is found once, and shared by whoever asks', () => {
  const scene = shotScene(asked, { columns: 16, coarse: true });
  expect(scene.framed()).toBe(scene.framed());
  expect(scene.shaken()).toBe(scene.shaken());
});

it('says where on the rider it sits, and null on the machine', () => {
  expect(shotScene(asked).zone).toBe('head');
  expect(shotScene({ ...asked, ...shakeAt('mountain-bike', 'handlebar') }).zone).toBeNull();
});

it('takes the ask of the same kind of shot only', () => {
  const ask = { ...shotScene(asked).ask, intentId: 'low-and-fast' as const, talking: true };
  expect(shotScene({ ...asked, ask }).ask.talking).toBe(false);
  expect(shotScene({ ...asked, ask: { ...ask, intentId: 'hands-and-trail' } }).ask.talking).toBe(true);
});

it.each([
  ['machine', { rig: { ...asked.rig, machineId: 'velocipede' } }],
  ['spot', { setUp: { ...asked.setUp, spotId: 'keel' } }],
  ['camera', { setUp: { ...asked.setUp, cameraId: 'plate-camera' } }],
  ['kind of shot', { intentId: 'nothing-of-this' }],
] as const)('a %s that nobody knows is refused by name', (_, over) => {
  expect(() => shotScene({ ...asked, ...over })).toThrow(/velocipede|keel|plate-camera|nothing-of-this/);
});
