/** @jest-environment node */
import { intentOf, newCarrier, newShot, placedSpots, type RigSpec, type ShotQuestion } from '@strut-spot/core';
import { modelling } from './modelling';
import { settingUp } from './settingUp';

const carrier = newCarrier('c', 'mountain-bike', 1.78);
const rig: RigSpec = carrier.rig;
const shot = newShot('s', carrier, rig, { intent: intentOf('hands-and-trail') });
const question: ShotQuestion = {
  rig,
  setUp: { ...shot.setUp, cameraId: 'cube-camera', modeId: 'tall', stabiliserId: 'standard' },
  intentId: 'hands-and-trail',
  actionStanceId: shot.actionStanceId,
  horizonAt: null,
};

describe('the camera at another spot', () => {
  it('keeps camera, mode and stabiliser, takes a base that goes there, and is aimed', () => {
    const { setUp: moved, onlyIn } = settingUp.startAt(question, 'chest')!;
    expect(onlyIn).toBeNull();
    expect(moved).toMatchObject({ spotId: 'chest', cameraId: 'cube-camera', modeId: 'tall', stabiliserId: 'standard' });
    expect(settingUp.baseRefusals(rig, 'chest')[moved.baseId]).toBeNull();
    expect(moved.angles.tiltDeg).not.toBe(0);
  });

  it('in a hand that steers, the take is ridden in the stance that leaves it free', () => {
    expect(settingUp.startAt(question, 'hand')!.onlyIn).toMatchObject({ name: 'One hand off' });
  });

  it('that the carrier has not got is refused by its name', () => {
    expect(() => settingUp.startAt(question, 'bowsprit')).toThrow('no spot "bowsprit"');
  });
});

it('bases that cannot go on a spot say why, the others nothing', () => {
  const refusals = settingUp.baseRefusals(rig, 'handlebar');
  expect(Object.values(refusals).some((reason) => reason === null)).toBe(true);
  expect(refusals['chest-harness']).toMatch(/chest/);
});

it('a kind of shot is shown from one spot, and from none where nothing of it can be seen', async () => {
  const spots = placedSpots(rig).map(({ spot }) => spot.id);
  expect(spots).toContain((await settingUp.bestShown(rig, 'hands-and-trail', shot.actionStanceId))?.spotId);
  expect(await settingUp.bestShown(rig, 'far-subject', shot.actionStanceId)).toBeNull();
});

it('what makes no sense on a carrier is told with the reason, what does is not', () => {
  const refused = settingUp.notOffered(rig);
  expect(refused['far-subject']).toMatch(/nobody else is framed/);
  expect(refused).not.toHaveProperty('clear-ahead');
  const subject = { machineId: 'mountain-bike', distanceM: 5, bearingDeg: 0, headingDeg: 0, aboveM: 0 };
  expect(settingUp.notOffered({ ...rig, subject })).not.toHaveProperty('far-subject');
});

it('a change that takes spots away names those that were there', () => {
  const bare = { ...rig, wornIds: rig.wornIds.filter((id) => !/helmet/.test(id)) };
  expect(settingUp.strandedBy(rig, bare, ['chin-bar', 'chest', 'nowhere'])).toEqual(['chin-bar']);
  expect(settingUp.strandedBy(rig, rig, ['chin-bar', 'chest'])).toEqual([]);
});

it('a limb out of reach is told with its stance, and none is at the usual measures', () => {
  expect(settingUp.reachProblems(rig, ['seated', 'crouch'])).toEqual([]);
  const small = { ...rig, statureM: 1.42, fit: { barWidthM: 0.82, stemM: 0.09, wheelbaseM: 1.3 } };
  for (const problem of settingUp.reachProblems(small, ['seated'])) {
    expect(problem.stance).toBe('Seated');
    expect(problem.shortM).toBeGreaterThan(0);
  }
});

describe('what the view in the round draws', () => {
  it('every part of the carrier, with unit normals and as many as points', () => {
    const meshes = modelling.carrierMeshes(rig, 'seated') as unknown as readonly {
      id: string;
      positions: Float32Array;
      normals: Float32Array;
    }[];
    expect(meshes.length).toBeGreaterThan(20);
    for (const { positions, normals } of meshes) {
      expect(normals).toHaveLength(positions.length);
      expect(Math.hypot(normals[0]!, normals[1]!, normals[2]!)).toBeCloseTo(1, 3);
    }
  });

  it('spots stand off their surfaces the way they face, in every stance', () => {
    for (const stance of ['set-up', 'lean']) {
      for (const { normal, position, name } of modelling.spotPlaces(rig, stance)) {
        expect(Math.hypot(...normal)).toBeCloseTo(1, 6);
        expect([name, position.every(Number.isFinite)]).toEqual([name, true]);
      }
    }
  });

  it('the top of a part lies on it and faces upward', () => {
    const tops = modelling.partTops(rig);
    expect(tops.length).toBeGreaterThan(15);
    for (const { normal } of tops) expect(Math.hypot(...normal)).toBeCloseTo(1, 6);
  });

  it('the strut ends in a lens with four corners of its picture', () => {
    const { meshes, corners, worldFromCamera } = modelling.strut(rig, question.setUp, 'crouch') as unknown as {
      meshes: readonly unknown[];
      corners: readonly (readonly number[])[];
      worldFromCamera: { position: readonly number[] };
    };
    expect(meshes.length).toBeGreaterThan(1);
    expect(corners).toHaveLength(4);
    expect(worldFromCamera.position[1]).toBeGreaterThan(0.5);
  });
});
