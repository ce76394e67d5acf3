import { shotAt } from '../../../../outcomes/ask';
import type { CheckResult } from '../../../words/check/result';
import { findingsOf } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import { link } from '../../../../testing/shakes';
import { shotReport } from '../../report/shotReport';

const lastAt = (
  machineId: string,
  spotId: string,
  cameraId: string,
  modeId = 'main',
  links: SetUp['links'] = [],
): CheckResult =>
  shotReport(shotAt(machineId, spotId, 'clear-ahead', { setUp: { cameraId, modeId, links } }), { only: ['last'] })
    .checks[0]!;
const verdictOf = (check: CheckResult, id: string) => findingsOf(check).find((f) => f.id === id)?.verdict ?? 'nothing';

describe('what a camera is made for (common practice, no source)', () => {
  it('a phone on a boot or low on a motorcycle meets ground and stones, on a helmet a fall ends on it; a small one with a shell does not mind', () => {
    for (const [machineId, spotId, verdict] of [['mountain-bike', 'helmet-side', 'stop'], ['longboard', 'boot', 'watch'], ['motorcycle', 'swingarm', 'watch'], ['kayak', 'helmet-side', 'watch']] as const) {
      expect([spotId, verdictOf(lastAt(machineId, spotId, 'phone'), 'knocks')]).toEqual([spotId, verdict]);
      expect([spotId, verdictOf(lastAt(machineId, spotId, 'thumb-camera', 'wide'), 'knocks')]).toEqual([spotId, 'nothing']);
    }
  }); // prettier-ignore

  it('over the head on a pack a phone is stopped on land, as the first branch takes it; a camera with a shell is not', () => {
    const over = (machineId: string, cameraId: string, modeId: string) =>
      verdictOf(lastAt(machineId, 'pack-top', cameraId, modeId, [link('long-arm', 0.2)]), 'knocks');
    expect(over('mountain-bike', 'phone', 'main')).toBe('stop');
    expect(over('mountain-bike', 'cube-camera', 'wide')).toBe('nothing');
  });

  it('outside of a fast car it meets flies and stones, where there is a place behind the glass; one with a shell does not mind', () => {
    expect(verdictOf(lastAt('coupe', 'bonnet', 'phone'), 'knocks')).toBe('watch');
    expect(verdictOf(lastAt('coupe', 'bonnet', 'cube-camera', 'wide'), 'knocks')).toBe('nothing');
    expect(verdictOf(lastAt('coupe', 'dash', 'phone'), 'knocks')).toBe('nothing');
    // One with screw points all round is built to be rigged there.
    expect(verdictOf(lastAt('coupe', 'bonnet', 'cage-camera', 'wide'), 'knocks')).toBe('nothing');
  });

  it('on the chest, on the bars, behind glass and where nobody rides it is left alone', () => {
    for (const [machineId, spotId] of [['mountain-bike', 'chest'], ['mountain-bike', 'handlebar'], ['coupe', 'dash'], ['beside-the-course', 'ground']] as const)
      expect([spotId, verdictOf(lastAt(machineId, spotId, 'phone'), 'knocks')]).toEqual([spotId, 'nothing']);
  }); // prettier-ignore

  it('spray on the sea stops what bears a splash at most; what bears rain is told about, what dips is not', () => {
    expect(verdictOf(lastAt('kayak', 'fore-deck', 'phone'), 'water')).toBe('stop');
    expect(verdictOf(lastAt('kayak', 'fore-deck', 'thumb-camera', 'wide'), 'water')).toBe('nothing');
    expect(verdictOf(lastAt('surfboard', 'board-nose', 'thumb-camera', 'wide'), 'water')).toBe('watch');
    expect(verdictOf(lastAt('surfboard', 'board-nose', 'cube-camera', 'wide'), 'water')).toBe('nothing');
  });
});
