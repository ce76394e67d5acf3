import { kitWith, newAsk, newCarrier, newOuting, newShot, intentOf, type Outing } from '@strut-spot/core';
import { STANDARD_KIT_BOX } from '../storage/database';
import { searchQuestionOf } from './searchQuestion';

const plain = newOuting('o', '2027-02-14T08:00:00.000Z');
const outing: Outing = { ...plain, carriers: [...plain.carriers, newCarrier('second', 'kayak', 1.75)] };
const [carrier] = outing.carriers;
const shot = newShot('s', carrier!, carrier!.rig, { intent: intentOf('hands-and-trail') });
const ask = newAsk('hands-and-trail', carrier!.id);

it('takes the carriers that are asked for, the shot’s own in the stance of the shot', () => {
  const both = { ...ask, carrierIds: outing.carriers.map((c) => c.id) };
  const question = searchQuestionOf(outing, { ...shot, actionStanceId: 'steep' }, both, STANDARD_KIT_BOX);
  expect(question.carriers.map((c) => [c.carrierId, c.actionStanceId])).toEqual([
    [carrier!.id, 'steep'],
    ['second', expect.not.stringMatching('steep')],
  ]);
  expect(searchQuestionOf(outing, shot, ask, STANDARD_KIT_BOX).carriers).toHaveLength(1);
});

it('takes what is in the box, or everything that there is', () => {
  const box = { ...STANDARD_KIT_BOX, inBox: ['cube-camera', 'chest-harness', 'finger-joint'] };
  expect([...searchQuestionOf(outing, shot, ask, box).pieceIds].sort()).toEqual([
    'chest-harness',
    'cube-camera',
    'finger-joint',
  ]);
  const { cameras, bases, links, heads } = kitWith();
  expect(searchQuestionOf(outing, shot, { ...ask, kit: 'anything' }, box).pieceIds).toHaveLength(
    cameras.length + bases.length + links.length + heads.length,
  );
});

it('hands on what logs in use found, by spot, and nothing of those that are not used', () => {
  const bands = [{ lowHz: 4, highHz: 8, ratio: 1.6 }];
  const log = {
    id: 'l',
    spotId: 'chest',
    fileName: 'a.csv',
    at: '2027-02-14T08:00:00.000Z',
    seconds: 60,
    sampleHz: 400,
    bands,
  };
  const withLogs = (used: boolean): Outing => ({
    ...outing,
    carriers: outing.carriers.map((c) => (c.id === carrier!.id ? { ...c, spotLogs: [{ ...log, used }] } : c)),
  });
  expect(searchQuestionOf(withLogs(true), shot, ask, STANDARD_KIT_BOX).carriers[0]!.measured).toEqual({ chest: bands });
  expect(searchQuestionOf(withLogs(false), shot, ask, STANDARD_KIT_BOX).carriers[0]!.measured).toEqual({});
});

it('takes what the other shots leave in the box, not counting its own', () => {
  const left = { ...ask, kit: 'left' as const };
  const { cameraId } = shot.setUp;
  const counted = { ...STANDARD_KIT_BOX, counts: { [cameraId]: 1 } };
  const alone = { ...outing, shots: [shot] };
  expect(searchQuestionOf(alone, shot, left, counted).pieceIds).toContain(cameraId);
  const both = { ...outing, shots: [shot, { ...shot, id: 'other' }] };
  expect(searchQuestionOf(both, shot, left, counted).pieceIds).not.toContain(cameraId);
  expect(searchQuestionOf(both, shot, left, STANDARD_KIT_BOX).pieceIds).toContain(cameraId);
  expect(searchQuestionOf(both, shot, ask, counted).pieceIds).toContain(cameraId);
});

it('is ridden as in the shot', () => {
  const ridden = { ...shot, stanceShares: { crouch: 1 } };
  expect(searchQuestionOf(outing, ridden, ask, STANDARD_KIT_BOX).carriers[0]!.rig.stanceShares).toEqual({ crouch: 1 });
});
