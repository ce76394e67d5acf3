import { INTENTS } from '../../../catalog/index.generated';
import { asking } from '../../../testing/asking';
import { bikeRig } from '../../../testing/rigs';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import { heightsInBand } from '../../posing/aiming/wantedHorizon';
import { intentOf } from '../../posing/lookup/intentOf';
import { foundBy, shotReport } from '../../judging/report/shotReport';
import { newOuting } from '../outing/newOuting';
import { newShot } from '../outing/newShot';
import { placedSpots } from '../../posing/rig/spots';
import { usualRide } from '../../posing/lookup/grounds';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { rankSpots } from './rankSpots';
import { searchSpot } from './searchSpot';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { plainSetUp, standardCamera } from '../../posing/strut/plainSetUp';

const rig = bikeRig();
const carrier = { id: 'c', ride: usualRide(resolveRig(rig).machine) };
const intent = (id: string) => INTENTS.find((i) => i.id === id)!;

describe('ranking of spots', () => {
  const ranked = rankSpots(rig, intent('clear-ahead'), standardCamera(), 'crouch');

  it('tries every spot but a hand that steers once, best first, the same every time', () => {
    expect(ranked.map((r) => r.spotId).sort()).toEqual(
      placedSpots(rig)
        .map((p) => p.spot.id)
        .filter((id) => id !== 'hand')
        .sort(),
    );
    expect(ranked.map((r) => r.score)).toEqual([...ranked.map((r) => r.score)].sort((a, b) => b - a));
    const again = rankSpots(rig, intent('clear-ahead'), standardCamera(), 'crouch');
    expect(again.map((r) => [r.spotId, r.score, r.setUp])).toEqual(ranked.map((r) => [r.spotId, r.score, r.setUp]));
  });

  it('for a clear view the head comes before the bars under the stem (common practice, no source)', () => {
    const order = ranked.map((r) => r.spotId);
    expect(order.indexOf('helmet-top')).toBeLessThan(order.indexOf('under-stem'));
    expect(order.indexOf('under-visor')).toBeLessThan(order.indexOf('head-tube-side'));
  });

  it('a look back at who follows never wins from the chest', () => {
    expect(rankSpots(rig, intent('who-follows'), standardCamera(), 'crouch')[0]!.spotId).not.toBe('chest');
  });
});

describe('the plainest strut', () => {
  it('uses a base made for the surface, and hangs the camera where the surface looks down', () => {
    const at = (spotId: string) => plainSetUp(rig, spotId, standardCamera())!;
    expect(at('handlebar').baseId).toBe('tube-clamp');
    expect(at('chin-bar').baseId).toBe('strap-round-base');
    expect(at('under-saddle')).toMatchObject({ baseId: 'seat-rail-clamp', mounting: 'inverted' });
    expect(at('helmet-top')).toMatchObject({ baseId: 'adhesive-pad', mounting: 'upright' });
    expect(() => at('keel')).toThrow(/no spot "keel"/);
  });

  it('aimed sideways gets a ball joint, aimed ahead keeps its finger joint', () => {
    const face = aimedSetUp(
      rig,
      plainSetUp(rig, 'handlebar', standardCamera())!,
      intent('look-back-at-the-face'),
      'crouch',
      null,
    )!;
    expect(face.headId).toBe('ball-joint');
    const ahead = aimedSetUp(
      rig,
      plainSetUp(rig, 'chest', standardCamera())!,
      intent('hands-and-trail'),
      'crouch',
      0.3,
    )!;
    expect(ahead.headId).toBe('finger-joint');
  });

  it('the deeper the lean, the higher the chest camera must look (common practice, no source)', () => {
    const tilt = (stanceId: string) =>
      aimedSetUp(rig, plainSetUp(rig, 'chest', standardCamera())!, intent('hands-and-trail'), stanceId, 0.3)!.angles
        .tiltDeg;
    expect(tilt('seated')).toBeLessThan(tilt('crouch') - 10);
  });
});

describe('a new shot', () => {
  it('a report is plain data, ready to cross to a page', () => {
    const shot = newShot('s', carrier, rig, { intent: intent('hands-and-trail') });
    const report = shotReport({ rig, ...shot }, { columns: 16 });
    expect(structuredClone(report)).toEqual(report);
    expect(report.massKg).toBeGreaterThan(0.15);
    expect(report.spotName.length).toBeGreaterThan(3);
  });

  it('a camera panned by hand keeps its pan when the tilt is solved', () => {
    const shot = newShot('s', carrier, rig, { intent: intent('hands-and-trail') });
    const setUp = { ...shot.setUp, headId: 'ball-joint', angles: { panDeg: 25, tiltDeg: 0, rollDeg: 0 } };
    expect(foundBy(shotReport({ rig, ...shot, setUp }, { columns: 16 }), 'frame').solved!.panDeg).toBe(25);
  });
});

describe('ids that the catalogue lacks are named with those it has', () => {
  const setUp = plainSetUp(rig, 'chest', standardCamera())!;
  it.each([
    [() => resolveSetUp(rig, { ...setUp, cameraId: 'pinhole' }), /no camera "pinhole".*cube-camera/],
    [() => resolveSetUp(rig, { ...setUp, modeId: 'huge' }), /no mode "huge"/],
    [() => resolveSetUp(rig, { ...setUp, baseId: 'glue' }), /no base "glue".*adhesive-pad/],
    [() => resolveSetUp(rig, { ...setUp, spotId: 'keel' }), /no spot "keel".*chest/],
    [() => resolveRig({ ...rig, machineId: 'sledge' }), /no machine "sledge"/],
    [() => resolveRig({ ...rig, wornIds: ['crown'] }), /nothing worn called "crown"/],
    [() => intentOf('glory'), /no intent "glory".*hands-and-trail/],
  ])('%#', (call, message) => expect(call).toThrow(message));
});

describe('small things', () => {
  it('heights within a band begin in its middle', () => {
    expect(heightsInBand([0.2, 0.4])).toEqual([0.3, 0.24, 0.36]);
  });

  it('only the latest results are kept, and one asked for again stays', () => {
    const made: string[] = [];
    const latest = keepLatest<string>(2);
    const ask = (key: string) => latest(key, () => (made.push(key), key.toUpperCase()));
    expect([ask('a'), ask('b'), ask('a'), ask('c'), ask('a'), ask('b')]).toEqual(['A', 'B', 'A', 'C', 'A', 'B']);
    expect(made).toEqual(['a', 'b', 'c', 'b']);
  });

  it('a new outing has one carrier to ride', () => {
    expect(newOuting('o', '2027-01-02T03:04:05.000Z')).toMatchObject({
      date: '2027-01-02',
      shots: [],
      carriers: [{ rig: { machineId: 'mountain-bike' } }],
    });
  });
});

describe('pictures that a check stops', () => {
  const at = (spotId: string) =>
    searchSpot(asking('road-bike', 'hands-and-trail'), { carrierId: 'c', spotId }).candidates;
  it('are left out where enough others hold up, and a few stand for the rest where none does', () => {
    const shown = at('chest');
    expect(shown.length).toBeGreaterThan(5);
    expect(shown.filter(({ verdicts }) => verdicts.frame === 'stop')).toEqual([]);
    const behind = at('under-saddle');
    expect(behind.length).toBeGreaterThan(0);
    expect(behind.length).toBeLessThanOrEqual(6);
    expect(behind.every(({ verdicts }) => verdicts.frame === 'stop')).toBe(true);
  });
});
