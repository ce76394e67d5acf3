import { link, shakeAt } from '../../../../testing/shakes';
import { findingsOf } from '../../../words/check/result';
import type { VenueId } from '../../../words/ride/venue';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import { clearTerm } from './clearTerm';

function poled(machineId: string, spotId: string, lengthM: number, venueId?: VenueId) {
  const camera = { cameraId: 'two-lens-360', modeId: 'reframed-widest' };
  const question = {
    ...shakeAt(machineId, spotId, { ...camera, links: [link('long-pole', lengthM)] }, venueId ? { venueId } : {}),
    intentId: 'whole-craft',
    horizonAt: null,
  };
  const [check] = shotReport(question, { columns: 16, only: ['clear'] }).checks;
  return {
    finding: findingsOf(check!).find(({ id }) => id === 'long-pole'),
    atPlace: clearTerm.atPlace!(shotScene(question)),
  };
}

it('three metres in a hand are stopped where others ride, before a picture is looked at; on closed ground the wires are named', () => {
  const trail = poled('mountain-bike', 'hand', 3);
  expect(trail.finding).toMatchObject({ verdict: 'stop', value: 3, unit: 'm', limit: [null, 1.2] });
  expect(trail.atPlace?.because).toBe(trail.finding!.because);
  const closed = poled('mountain-bike', 'hand', 3, 'private-ground');
  expect(closed.finding).toMatchObject({ verdict: 'watch' });
  expect(closed.finding!.because).toMatch(/power lines/);
  expect(closed.atPlace).toBeNull();
});

it('a metre is as people ride with it', () => {
  expect(poled('mountain-bike', 'hand', 1).finding).toBeUndefined();
});

it('over one’s own boat, and where the filmer stands still, it is looked out for', () => {
  expect(poled('beach-catamaran', 'bow-pole', 2).finding).toMatchObject({ verdict: 'watch' });
  expect(poled('surfboard', 'hand', 2).finding).toMatchObject({ verdict: 'stop' });
  expect(poled('beside-the-course', 'hand', 2).finding).toMatchObject({ verdict: 'watch' });
});
