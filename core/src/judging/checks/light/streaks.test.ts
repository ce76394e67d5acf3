import { shakeAt } from '../../../../testing/shakes';
import { findingsOf } from '../../../words/check/result';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import { attemptsAt } from './lightAttempts';

const stills = { cameraId: 'cube-camera', modeId: 'stills', stabiliserId: 'off' };

/** Lamps drawn out at an hour of a winter's day, at 61° north. */
function filmedAt(at: string) {
  const asked = shakeAt('coupe', 'bonnet', stills, { lightId: 'street-night' });
  const moment = { latDeg: 61.4, lonDeg: -9.6, timeZone: 'UTC', date: '2027-02-19', at, headingDeg: null };
  return { ...asked, intentId: 'night-streaks', horizonAt: null, moment };
}

const judged = (at: string) => shotReport(filmedAt(at), { only: ['light'] }).checks[0]!;
const streaksAt = (at: string) => findingsOf(judged(at)).find(({ id }) => id === 'streaks')!;

it('by the clock it is still day: told, with when to come back', () => {
  const noon = streaksAt('12:00');
  expect(noon.verdict).toBe('watch');
  expect(noon.because).toMatch(/at 12:00 the sky is still bright/);
  expect(noon.mend?.text).toMatch(/after sunset/);
});

it('tries the first hour after civil twilight: at 61.4° north on 19 February the sun sets at 17:36 (as the sheet of Light says)', () => {
  const [evening] = attemptsAt(shotScene(filmedAt('12:00')), judged('12:00')).filter(({ id }) => id === 'after-dark');
  expect(evening!.hour!.at).toMatch(/^18:[1-3]0$/);
  expect(evening!.mends).toBe('streaks');
});

it('after dark the streak’s length is told', () => {
  expect(streaksAt('21:00')).toMatchObject({
    verdict: 'good',
    because: expect.stringMatching(/drawn over \d+°/) as string,
  });
});
