import { shakeAt } from '../../../../testing/shakes';
import { aimedSetUp } from '../../../posing/aiming/aimedSetUp';
import { intentOf } from '../../../posing/lookup/intentOf';
import { findingsOf } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import { shotReport } from '../../report/shotReport';

/** What Frame says of a plain strut that is aimed for a kind of shot, by the finding's id. */
function said(machineId: string, spotId: string, intentId: string, over: Partial<SetUp> = {}) {
  const asked = shakeAt(machineId, spotId, over);
  const setUp = aimedSetUp(asked.rig, asked.setUp, intentOf(intentId), asked.actionStanceId, null)!;
  const { checks } = shotReport({ ...asked, setUp, intentId, horizonAt: null }, { only: ['frame'] });
  const findings = findingsOf(checks[0]!);
  return (id: string) => findings.find((finding) => finding.id === id)!;
}

const THUMB = { cameraId: 'thumb-camera', modeId: 'straight', stabiliserId: 'standard' } as const;

it('a wheel that is seen from the chin bar is no close-up; from the saddle rails it is', () => {
  const far = said('mountain-bike', 'chin-bar', 'machine-at-work', THUMB)('wheel');
  expect(far.because).toMatch(/[\d.]+ m off it is no close-up/);
  expect(far.verdict).not.toBe('good');
  expect(said('mountain-bike', 'under-saddle', 'machine-at-work', THUMB)('wheel').because).not.toMatch(/close-up/);
});

it('aims at the working part that is nearest: the rear wheel from under the saddle', () => {
  const under = shakeAt('mountain-bike', 'under-saddle', THUMB);
  const aimed = aimedSetUp(under.rig, under.setUp, intentOf('machine-at-work'), under.actionStanceId, null)!;
  expect(Math.abs(aimed.angles.panDeg)).toBeGreaterThan(90);
});

it('a face a hand’s breadth before the lens is blurred, and stops; an arm’s length away it does not', () => {
  const widest = { cameraId: 'cube-camera', modeId: 'widest', stabiliserId: 'off' };
  const near = said('snowboard', 'pack-strap', 'look-back-at-the-face', widest)('focus');
  expect([near.verdict, near.because]).toEqual(['stop', expect.stringMatching(/^the face at 0\.1\d m is blurred/)]);
  expect(said('coupe', 'dash', 'look-back-at-the-face', THUMB)('focus').verdict).not.toBe('stop');
});

it('a roll cage in the seam spoils no picture of the whole buggy: what is wanted counts as a whole', () => {
  const sphere = { cameraId: 'two-lens-360', modeId: 'reframed-widest', stabiliserId: 'sphere' };
  const seam = said('buggy', 'cage-rear', 'whole-craft', sphere)('seam');
  expect(seam.verdict).not.toBe('stop');
  expect(seam.value).toBeLessThan(50);
});
