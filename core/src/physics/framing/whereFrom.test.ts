import { shakeAt } from '../../../testing/shakes';
import { frameSetUp } from './frameSetUp';

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

it('the bars lie ahead of the eyes, the saddle behind them; nobody on board has none', () => {
  expect(from('motorcycle', 'handlebar').aheadOfEyesM!).toBeGreaterThan(0.1);
  expect(from('mountain-bike', 'under-saddle').aheadOfEyesM!).toBeLessThan(-0.2);
  expect(from('multirotor', 'nose').aheadOfEyesM).toBeNull();
});

it('ends of the craft in the picture are a share of all, and a whole-sphere view has no fewer than a narrow one', () => {
  const narrow = from('kayak', 'fore-deck').endsInFrame;
  expect(narrow).toBeGreaterThanOrEqual(0);
  expect(narrow).toBeLessThanOrEqual(1);
});

it('glass before the lens counts inside a car and not on its roof', () => {
  expect(from('coupe', 'roof').throughGlass).toBeLessThan(0.34);
  expect(from('mountain-bike', 'chin-bar').throughGlass).toBe(0);
});
