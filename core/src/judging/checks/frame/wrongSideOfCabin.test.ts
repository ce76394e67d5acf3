import { shakeAt } from '../../../../testing/shakes';
import { shotScene } from '../../scene/shotScene';
import { wrongSideOfCabin } from './wrongSideOfCabin';

const at = (machineId: string, intentId: string, spotIds: readonly string[]) =>
  spotIds.map((spotId) => {
    const found = wrongSideOfCabin(shotScene({ ...shakeAt(machineId, spotId), intentId, horizonAt: null }));
    return found && `${found.verdict}: ${found.id}`;
  });

it('from outside a closed cabin it looks over no shoulder; where people sit in the open there is no outside', () => {
  expect(at('coupe', 'over-the-shoulder', ['boot-lid', 'rear-body', 'headrest'])).toEqual(['stop: outside', 'stop: outside', null]);
  expect(at('four-by-four', 'over-the-shoulder', ['roof'])).toEqual(['stop: outside']);
  expect(at('glider', 'over-the-shoulder', ['canopy-frame'])).toEqual([null]);
  expect(at('light-aircraft', 'over-the-shoulder', ['window'])).toEqual([null]);
  expect(at('buggy', 'over-the-shoulder', ['cage-rear'])).toEqual([null]);
  expect(at('motorcycle', 'over-the-shoulder', ['helmet-top'])).toEqual([null]);
}); // prettier-ignore

it('nothing streams by low over the ground for who sits shut in; outside, and in an open cage, it does', () => {
  expect(at('coupe', 'low-and-fast', ['dash', 'headrest', 'sill', 'front-bumper'])).toEqual(['stop: inside', 'stop: inside', null, null]);
  expect(at('buggy', 'low-and-fast', ['dash', 'front-bumper'])).toEqual([null, null]);
}); // prettier-ignore

it('other shots are taken from either side', () => {
  expect(at('coupe', 'who-follows', ['boot-lid', 'headrest'])).toEqual([null, null]);
});
