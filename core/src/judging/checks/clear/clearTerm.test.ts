import { asking, pieces } from '../../../../testing/asking';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { searchSpot } from '../../../deciding/search/searchSpot';
import { usualRide } from '../../../posing/lookup/grounds';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { plainSetUp } from '../../../posing/strut/plainSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import { shotScene } from '../../scene/shotScene';
import { findingsOf } from '../../../words/check/result';
import { clearFound } from './clearFound';
import { clearSituation, clearTerm } from './clearTerm';
import { judgeClear } from './judgeClear';

const CAMERA = { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'standard' };

/** A place on the gravel bike, a pack worn, measured in full. */
function sceneOn(spotId: string, over: Partial<SetUp> = {}, machineId = 'road-bike') {
  const plain = newCarrier('c', machineId, 1.75).rig;
  const rig = machineId === 'road-bike' ? { ...plain, wornIds: ['rider-body', 'half-shell-helmet'] } : plain;
  const { machine } = resolveRig(rig);
  return shotScene({
    rig,
    setUp: { ...plainSetUp(rig, spotId, CAMERA)!, ...over },
    actionStanceId: machine.actionStanceId,
    ride: usualRide(machine),
    intentId: 'clear-ahead',
    horizonAt: null,
  });
}

function clearAt(spotId: string, over: Partial<SetUp> = {}, machineId = 'road-bike') {
  const { verdict, terms } = clearTerm.judge(sceneOn(spotId, over, machineId));
  return { verdict, ...terms[0]! };
}

const findingOn = (spotId: string, id: string) => {
  const scene = sceneOn(spotId);
  return findingsOf(judgeClear(clearFound(scene), clearSituation(scene))).find((finding) => finding.id === id);
};

const helmet = clearAt('helmet-top');
const stem = clearAt('under-stem');
const tilted = (tiltDeg: number) => ({ angles: { panDeg: 0, tiltDeg, rollDeg: 0 } });
const strap = clearAt('pack-strap', { baseId: 'lever-clamp', ...tilted(45) });
const bar = clearAt('handlebar');

it('what brushes is said by name, and is a watch, not a stop', () => {
  expect([strap.verdict, bar.verdict]).toEqual(['watch', 'watch']);
  expect(strap.text).toMatch(/arm touches it/);
  expect(bar.text).toMatch(/hand touches it/);
  expect(stem.text).toMatch(/comes within \d+ mm/);
});

it('free beats near, near beats what a hand touches, and an arm on a strap is less trouble than a hand on the bar', () => {
  expect(helmet.value).toBeGreaterThan(stem.value);
  expect(stem.value).toBeGreaterThan(bar.value);
  expect(strap.value).toBeGreaterThan(bar.value);
});

it('the side of a helmet catches branches as its top does, the bite piece between the teeth does not (common practice, no source)', () => {
  const said = (spotId: string) =>
    ['branches', 'branches-beside'].flatMap((id) => {
      const found = findingOn(spotId, id);
      return found && found.verdict !== 'good' ? [found.because] : [];
    });
  expect(said('helmet-side').join()).toMatch(/out beside head and helmet: branches/);
  expect(said('helmet-top').join()).toMatch(/over the head.*branches/);
  expect(said('mouth')).toEqual([]);
});

it('what costs most is what it says', () => {
  expect(clearAt('boot').text).toMatch(/plants rip it out|comes within/);
  expect(findingOn('boot', 'plants')).toMatchObject({ verdict: 'watch' });
  expect(findingOn('hip', 'plants')).toBeUndefined();
  expect(clearAt('helmet-side').text).toMatch(/out beside the head, where branches catch it/);
});

it('the neck that bends between head and chest strikes neither', () => {
  for (const spotId of ['helmet-top', 'helmet-side', 'chest']) expect(clearAt(spotId).text).not.toMatch(/neck/);
});

it('a roof does not duck: what stands on it is met on a trail however low it is, a head ducks for little; a road is clear so low', () => {
  const onTop = (machineId: string, what: 'head' | 'machine') => {
    const scene = sceneOn('roof', {}, machineId);
    const report = { ...clearFound(scene), above: { what, byM: 0.03 } };
    return findingsOf(judgeClear(report, clearSituation(scene))).find(({ id }) => id === 'branches')?.verdict;
  };
  expect([onTop('four-by-four', 'machine'), onTop('four-by-four', 'head'), onTop('coupe', 'machine')]).toEqual([
    'watch',
    'good',
    'good',
  ]);
  const [trail, road] = ['four-by-four', 'coupe'].map((machineId) => clearAt('roof', {}, machineId));
  expect(trail!.text).toMatch(/over the machine, where branches catch it$/);
  expect(trail!.value).toBeLessThan(0.85 * road!.value);
});

it('a search refuses for the field of view what hides it by far; who drives or flies loses no place by the estimate alone', () => {
  const keeps = (machineId: string, spotId: string, cameraId: string) => {
    const question = asking(machineId, 'clear-ahead', { pieceIds: pieces({ cameras: [cameraId], links: [] }) });
    const { candidates, rejections } = searchSpot(question, { carrierId: 'c', spotId }, { hasty: 'plain' });
    return [candidates.length > 0, rejections.some(({ because }) => /middle of the field of view/.test(because))];
  };
  expect(keeps('kayak', 'mouth', 'two-lens-360')).toEqual([false, true]);
  expect(keeps('buggy', 'chin-bar', 'thumb-camera')).toEqual([true, false]);
  expect(keeps('glider', 'canopy-inside', 'cube-camera')).toEqual([true, false]);
});
