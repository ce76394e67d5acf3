import { usualRide } from '../../posing/lookup/grounds';
import { intentOf } from '../../posing/lookup/intentOf';
import { litFor, ownLight } from './ownLight';

const ride = { ...usualRide({ world: 'road', usualSpeedMps: 12 }), lightId: 'overcast' } as const;

it('lamps are drawn out after dark: by day such a shot has a light of its own, at night it takes what there is', () => {
  const streaks = intentOf('night-streaks');
  expect(ownLight(streaks, 'overcast')).toBe('street-night');
  expect(ownLight(streaks, 'dusk')).toBe('street-night');
  expect(ownLight(streaks, 'street-night')).toBeNull();
  expect(litFor(ride, streaks).lightId).toBe('street-night');
});

it('every other shot is filmed in the light of its ride, unless one was chosen for it', () => {
  const ahead = intentOf('clear-ahead');
  expect(litFor(ride, ahead)).toBe(ride);
  expect(litFor(ride, ahead, 'sunset').lightId).toBe('sunset');
  expect(litFor(ride, intentOf('night-streaks'), 'dusk').lightId).toBe('dusk');
});
