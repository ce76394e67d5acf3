import { NO_OWN_KIT } from '@strut-spot/core';
import { firstQuestion, stillThere } from './filmQuestion';

it('what was chosen stays; a shape or camera that was taken away since gives way to the first', () => {
  const first = firstQuestion();
  const chosen = { ...first, machineId: 'kayak', cameraId: 'thumb-camera' };
  expect(stillThere(chosen, NO_OWN_KIT)).toEqual(chosen);
  expect(stillThere({ ...chosen, machineId: 'own-gone', cameraId: 'own-gone' }, NO_OWN_KIT)).toEqual(first);
});
