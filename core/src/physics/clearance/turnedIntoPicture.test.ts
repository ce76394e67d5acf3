import { checkOf, shotAt } from '../../../outcomes/ask';
import { findingsOf } from '../../words/check/result';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { turnedIntoPicture } from './turnedIntoPicture';

const thumb = { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'standard', baseId: 'interlocking-tape' };
const turnedIn = (machineId: string, spotId: string, intentId = 'clear-ahead', setUp = {}) => {
  const { rig, setUp: built, actionStanceId } = shotAt(machineId, spotId, intentId, { setUp });
  return turnedIntoPicture(rig, resolveSetUp(rig, built), actionStanceId);
};

it('beside the head tube the bars come in once they are turned, and cables swing across', () => {
  const drops = turnedIn('road-bike', 'head-tube-side', 'clear-ahead', thumb);
  expect(drops.map(({ partName }) => partName)).toContain('handlebar');
  for (const { fromDeg } of drops) expect(fromDeg).toBeGreaterThan(5);
  const [cables] = turnedIn('mountain-bike', 'head-tube-side', 'clear-ahead', thumb);
  expect(cables).toMatchObject({ partName: 'cables', fromDeg: 0 });
});

it('nothing crosses where the lens turns with the bars, or is far above them', () => {
  for (const [machineId, spotId] of [
    ['road-bike', 'handlebar'],
    ['mountain-bike', 'under-stem'],
    ['road-bike', 'helmet-top'],
  ] as const)
    expect([spotId, turnedIn(machineId, spotId)]).toEqual([spotId, []]);
});

it('cables swing with the bars and not with a suspension, and each part is told once', () => {
  const found = turnedIn('full-suspension-bike', 'head-tube-side', 'clear-ahead', thumb);
  expect(found.filter(({ partName }) => partName === 'cables').map(({ by }) => by)).toEqual([
    'handlebar and fork turn',
  ]);
  const names = turnedIn('kayak', 'helmet-side', 'clear-ahead', thumb).map(({ partName }) => partName);
  expect(new Set(names).size).toBe(names.length);
});

it('a canopy is opened on the ground, and crosses nothing under way', () => {
  expect(turnedIn('glider', 'panel-top')).toEqual([]);
});

it('Frame names what crosses with the angle, as a watch where it takes much of the picture', () => {
  const said = (machineId: string) =>
    findingsOf(checkOf(shotAt(machineId, 'head-tube-side', 'clear-ahead', { setUp: thumb }), 'frame')).find(
      ({ id }) => id === 'turned',
    )!;
  expect(said('road-bike')).toMatchObject({ verdict: 'watch' });
  expect(said('road-bike').because).toMatch(
    /across the picture as the handlebar and fork turn: handlebar from about \d+° on/,
  );
  expect(said('mountain-bike').because).toContain('cables straight on already');
});

it('where bars and hands are what is to be seen, nobody is warned of them', () => {
  const shown = findingsOf(checkOf(shotAt('mountain-bike', 'chest', 'hands-and-trail'), 'frame'));
  expect(turnedIn('mountain-bike', 'chest', 'hands-and-trail')).not.toEqual([]);
  expect(shown.map(({ id }) => id)).not.toContain('turned');
});
