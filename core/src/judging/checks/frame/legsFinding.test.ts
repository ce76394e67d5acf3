import { checkOf, shotAt } from '../../../../outcomes/ask';
import { findingsOf } from '../../../words/check/result';

const said = (machineId: string, spotId: string, setUp = {}) =>
  findingsOf(
    checkOf(
      shotAt(machineId, spotId, 'hands-and-trail', {
        setUp: { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'standard', ...setUp },
      }),
      'frame',
    ),
  ).find(({ id }) => id === 'legs');

it('a camera on the hips of whoever pedals bent over sees a thigh at each turn, one on the chest or on the bars none (common practice, no source)', () => {
  const hip = said('road-bike', 'hip', { baseId: 'lever-clamp' })!;
  expect(hip.verdict).toBe('stop');
  expect(hip.because).toMatch(/a thigh covers the picture for \d+ % of each turn in drops/);
  expect(said('road-bike', 'chest')).toBeUndefined();
  expect(said('road-bike', 'handlebar')).toBeUndefined();
});

it('nobody pedals a motorcycle, and what sits on a leg goes round with it', () => {
  expect(said('motorcycle', 'hip')).toBeUndefined();
  expect(said('road-bike', 'boot')).toBeUndefined();
});
