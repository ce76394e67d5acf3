import { newCarrier } from '../outing/newOuting';
import { othersAboard } from '../../posing/rig/othersAboard';
import { placedSpot } from '../../posing/rig/spots';
import { asking, pieces } from '../../../testing/asking';
import { carrierScene } from '../../posing/scene/carrierScene';
import { exactCandidate } from './exactCandidate';
import { stanceLeavingFree } from './handFree';
import { searchedCarrier } from './searchQuestion';
import { searchSpot } from './searchSpot';

const hand = { carrierId: 'c', spotId: 'hand' };

it.each(['mountain-bike', 'road-bike', 'kayak'] as const)(
  '%s: with a camera in the hand it is ridden wholly with that hand off',
  (machineId) => {
    const question = asking(machineId, 'whole-craft');
    const { rig, actionStanceId, onlyIn } = searchedCarrier(question, hand);
    expect(onlyIn).toMatchObject({ stanceId: 'one-hand', name: 'One hand off' });
    const { ridden } = carrierScene(rig, actionStanceId);
    expect(ridden.map(({ stance }) => [stance.id, stance.share])).toEqual([['one-hand', 1]]);
    expect(ridden[0]!.rig.holds).not.toContain('handRight');
    expect(ridden[0]!.rig.holds).toContain('handLeft');
    expect(ridden[0]!.rig.problems).toEqual([]);
  },
);

it('other places are ridden as asked, and so is a hand that is free as it is', () => {
  const question = asking('mountain-bike', 'whole-craft');
  expect(searchedCarrier(question, { carrierId: 'c', spotId: 'chest' })).toEqual({
    ...question.carriers[0],
    onlyIn: null,
  });
  expect(searchedCarrier(asking('snowboard', 'whole-craft'), hand).onlyIn).toBeNull();
});

it('who steers a car has no hand to spare', () => {
  const [driven] = asking('coupe', 'whole-craft').carriers;
  expect(stanceLeavingFree(driven!, { partId: 'handRight' })).toBeNull();
  expect(searchSpot(asking('coupe', 'whole-craft'), hand).rejections[0]!.because).toMatch(/that hand holds on/);
});

it('the stance goes with the candidate, and the full check is made in it', () => {
  const question = asking('kayak', 'whole-craft', {
    pieceIds: pieces({ cameras: ['cube-camera'], links: ['medium-pole'] }),
  });
  const [best] = searchSpot(question, hand, { hasty: 'plain' }).candidates;
  expect(best!.onlyIn?.stanceId).toBe('one-hand');
  expect(exactCandidate(question, best!).candidate.onlyIn).toEqual(best!.onlyIn);
});

it('both hands make a place in the one stance for it, and a passenger’s hand where it is held out', () => {
  const board = newCarrier('c', 'snowboard', 1.75);
  const both = placedSpot(board.rig, 'both-hands')!.spot;
  const ridden = { rig: board.rig, actionStanceId: 'cruise' };
  expect(stanceLeavingFree(ridden, both)).toMatchObject({ stanceId: 'both-hands' });
  const car = newCarrier('c', 'coupe', 1.75);
  const hand = placedSpot(car.rig, 'passenger-hand')!.spot;
  expect(stanceLeavingFree({ rig: car.rig, actionStanceId: 'cruise' }, hand)).toMatchObject({
    stanceId: 'passenger-films',
  });
  // At home nobody holds a camera.
  expect(placedSpot({ ...car.rig, alone: true }, 'passenger-hand')).toBeUndefined();
  expect(othersAboard({ ...car.rig, alone: true })).toBe(1);
});
