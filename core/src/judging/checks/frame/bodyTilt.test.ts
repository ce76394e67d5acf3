import { link, shakeAt } from '../../../../testing/shakes';
import type { SetUp } from '../../../words/setUp/setUp';
import { findingsOf } from '../../../words/check/result';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import { sunkFinding } from './sunkFinding';
import { frameTerm } from './frameTerm';
import { bodyTiltAttempts } from './bodyTiltAttempts';

/** Held off the chest of a motorcyclist, looking at bars and trail. */
const worn = (modeId: string, over: Partial<SetUp> = {}) => ({
  ...shakeAt('motorcycle', 'chest', {
    cameraId: 'two-lens-360',
    modeId,
    links: [link('long-arm', 0.15)],
    angles: { panDeg: 0, tiltDeg: 20, rollDeg: 0 },
    ...over,
  }),
  intentId: 'hands-and-trail',
  horizonAt: null,
});
const seam = (question: ReturnType<typeof worn>) =>
  findingsOf(shotReport(question, { only: ['frame'] }).checks[0]!).find(({ id }) => id === 'seam')!;

it('tilted up the seam comes down over hands and bars, which are named; level it does not', () => {
  expect(seam(worn('reframed-widest')).verdict).toBe('good');
  const tilted = seam(worn('reframed-widest', { bodyTiltDeg: 75 }));
  expect(tilted.verdict).not.toBe('good');
  expect(tilted.because).toMatch(/% of what the shot wants lies in the seam in standing \(.*(hand|grip|bar).*\)/);
});

it('a view that is turned afterwards stays when the body is tilted; a whole sphere turns with it', () => {
  const cut = bodyTiltAttempts(shotScene(worn('reframed-widest', { bodyTiltDeg: 75 })));
  expect(cut.every(({ setUp }) => setUp!.angles.tiltDeg === 20 && setUp!.bodyTiltDeg !== 75)).toBe(true);
  const whole = bodyTiltAttempts(shotScene(worn('sphere')));
  expect(whole.every(({ setUp }) => setUp!.bodyTiltDeg === undefined && setUp!.angles.tiltDeg !== 20)).toBe(true);
  // A quarter of a turn costs more trouble than a nudge.
  const effort = (id: string) => cut.find((attempt) => attempt.id === id)!.effort;
  expect(effort('body-tilt-0')).toBeGreaterThan(effort('body-tilt-60'));
});

it('on a pole the seam lies along it, and one lens has none: nothing to tilt', () => {
  expect(bodyTiltAttempts(shotScene(worn('reframed', { links: [link('medium-pole', 0.8)] })))).toEqual([]);
  expect(bodyTiltAttempts(shotScene(worn('wide', { cameraId: 'cube-camera' })))).toEqual([]);
});

it('straight on the chest a body that leans back has no room: that is said, and no turn of the lens is told to mend it', () => {
  const leant = shotReport(worn('reframed-widest', { links: [], bodyTiltDeg: 85 }), { only: ['frame'] }).checks[0]!;
  expect(findingsOf(leant)).toMatchObject([{ id: 'sunk', verdict: 'stop', unit: 'm' }]);
  expect(findingsOf(leant)[0]!.because).toMatch(/^the lens would lie \d+ mm inside the /);
  expect(sunkFinding(shotScene(worn('reframed-widest', { bodyTiltDeg: 85 })))).toBeNull();
  // A search and the trial of mends hear the same.
  expect(frameTerm.judge(shotScene(worn('reframed-widest', { links: [], bodyTiltDeg: 85 }))).verdict).toBe('stop');
});
