import { shakeAt } from '../../../testing/shakes';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { frameSetUp } from './frameSetUp';
import { mostSeenFrom } from './whereFrom';

const from = (machineId: string, spotId: string, over: Parameters<typeof shakeAt>[2] = {}) => {
  const { rig, setUp, actionStanceId } = shakeAt(machineId, spotId, over);
  return frameSetUp(rig, setUp, actionStanceId, 24, actionStanceId).stances[0]!;
};

it('the lens is as high as its place: boot under chest under the top of the helmet', () => {
  const [boot, chest, top] = ['boot', 'chest', 'helmet-top'].map((spotId) => from('mountain-bike', spotId).lensHeightM);
  expect(boot!).toBeLessThan(0.8);
  expect(chest!).toBeGreaterThan(boot! + 0.4);
  expect(top!).toBeGreaterThan(chest!);
  expect(top!).toBeLessThan(2.1);
});

it('the bars lie ahead of the neck, the saddle behind it; nobody on board has none', () => {
  expect(from('motorcycle', 'handlebar').aheadOfNeckM!).toBeGreaterThan(0.1);
  expect(from('mountain-bike', 'under-saddle').aheadOfNeckM!).toBeLessThan(-0.2);
  expect(from('multirotor', 'nose').aheadOfNeckM).toBeNull();
});

it('ends of the craft are a share of all of them: a wide view back along a kayak holds more of them than a narrow one does', () => {
  const back = { headId: 'ball-joint', angles: { panDeg: 180, tiltDeg: -10, rollDeg: 0 } };
  const [wide, narrow] = ['tallest', 'straight'].map((modeId) => from('kayak', 'fore-deck', { ...back, modeId }));
  expect(wide!.endsInFrame).toBeGreaterThan(narrow!.endsInFrame);
  expect(wide!.endsInFrame).toBeLessThanOrEqual(1);
});

it('a picture is on its head where what goes up in it goes down: rolled by half or tilted far past the ground, not looking straight down', () => {
  const tilted = (tiltDeg: number, rollDeg: number) =>
    from('kayak', 'fore-deck', { headId: 'ball-joint', angles: { panDeg: 0, tiltDeg, rollDeg } }).onItsHead;
  expect([tilted(0, 0), tilted(-90, 0), tilted(-130, 0), tilted(0, 170), tilted(0, -60)]).toEqual([
    false,
    false,
    true,
    true,
    false,
  ]);
});

it('glass before the lens counts inside a car and not on its roof', () => {
  expect(from('coupe', 'roof').throughGlass).toBeLessThan(0.34);
  expect(from('mountain-bike', 'chin-bar').throughGlass).toBe(0);
});

it('a lens on the inside of the screen looks through glass close by, one on the dash through glass farther off', () => {
  const [screen, dash] = ['screen-inside', 'dash'].map((spotId) => from('buggy', spotId));
  expect(screen!.throughNearGlass).toBeGreaterThan(dash!.throughNearGlass);
  for (const { throughGlass, throughNearGlass } of [screen!, dash!])
    expect(throughNearGlass).toBeLessThanOrEqual(throughGlass);
  expect(from('mountain-bike', 'chin-bar').throughNearGlass).toBe(0);
});

it('how far off a face is seen is told in metres from the eyes', () => {
  expect(from('coupe', 'screen-inside').faceFrom!.awayM).toBeGreaterThan(0.6);
  expect(from('mountain-bike', 'chest').faceFrom!.awayM).toBeLessThan(0.45);
});

it('a mast is not missed: from the rear beam of a catamaran its hulls and crew are whole, though its mast goes out of the picture', () => {
  const { rig, setUp, actionStanceId } = shakeAt('beach-catamaran', 'front-beam');
  const links = [{ linkId: 'long-arm', lengthM: 0.2, bendDeg: 0, turnDeg: 0 }];
  const angles = { panDeg: 0, tiltDeg: 0, rollDeg: 0 };
  const wide = { ...setUp, links, cameraId: 'cube-camera', modeId: 'tallest', angles };
  const [seen] = frameSetUp(rig, wide, actionStanceId, 24, actionStanceId).stances;
  expect(seen!.endsInFrame).toBeGreaterThanOrEqual(0.6);
  expect(seen!.measures.parts.some((p) => p.id === 'mast')).toBe(true);
});

it('whoever films from the own helmet is not in the picture; from the fore deck the paddler is; nobody on board is nobody', () => {
  expect(from('kayak', 'helmet-top').riderInFrame).toBe(false);
  const { rig, setUp, actionStanceId } = shakeAt('kayak', 'fore-deck', { headId: 'ball-joint' });
  const back = { ...setUp, angles: { panDeg: 180, tiltDeg: 15, rollDeg: 0 } };
  expect(frameSetUp(rig, back, actionStanceId, 24, actionStanceId).stances[0]!.riderInFrame).toBe(true);
  expect(from('multirotor', 'nose').riderInFrame).toBeNull();
});

it.each(['coupe', 'kayak', 'motorcycle', 'buggy', 'road-bike'])(
  '%s: no picture holds more of the craft than the most that is seen from its place, whichever way it is turned',
  (machineId) => {
    const { rig, setUp: plain, actionStanceId } = shakeAt(machineId, 'chest', { headId: 'ball-joint' });
    const action = poseRig(rig, actionStanceId);
    let held = 0;
    for (const panDeg of [0, 90, 180, 270]) {
      const setUp = { ...plain, modeId: 'tallest', angles: { panDeg, tiltDeg: 0, rollDeg: 0 } };
      const [seen] = frameSetUp(rig, setUp, actionStanceId, 24, actionStanceId).stances;
      const { position } = poseStrut(resolveSetUp(rig, setUp), poseRig(rig, 'set-up'), action).worldFromCamera;
      const most = mostSeenFrom(action, position);
      expect(seen!.endsInFrame).toBeLessThanOrEqual(most.endsInFrame);
      expect(most.lengthwise.bothEnds || !seen!.lengthwise.bothEnds).toBe(true);
      expect([most.underRoof, most.riderBehindGlass]).toEqual([seen!.underRoof, seen!.riderBehindGlass]);
      held = Math.max(held, seen!.endsInFrame);
    }
    expect(held).toBeGreaterThan(0);
  },
);
