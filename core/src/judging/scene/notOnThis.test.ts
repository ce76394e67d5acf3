import { INTENTS } from '../../../catalog/index.generated';
import { newCarrier } from '../../deciding/outing/newOuting';
import { intentOf } from '../../posing/lookup/intentOf';
import { knownMachines, resolveRig } from '../../posing/lookup/resolveRig';
import { carrierScene } from '../../posing/scene/carrierScene';
import type { RigSpec } from '../../words/rig/rigSpec';
import { notOnThis } from './notOnThis';

const why = (intentId: string, machineId: string, over: Partial<RigSpec> = {}) => {
  const rig = { ...newCarrier('c', machineId, 1.75).rig, ...over };
  const { machine } = resolveRig(rig);
  return notOnThis(intentOf(intentId), machine, carrierScene(rig, machine.actionStanceId));
};
const subject = { machineId: 'kayak', distanceM: 8, bearingDeg: 20, headingDeg: 0, aboveM: 0 };

it('a face needs somebody on board, and the reason is said', () => {
  expect(why('look-back-at-the-face', 'multirotor')).toBe('not on this carrier, because nobody is on board');
  expect(why('look-back-at-the-face', 'mountain-bike')).toBeNull();
});

it('somebody far off needs somebody: put beside, the shot makes sense', () => {
  expect(why('far-subject', 'kayak')).toMatch(/nobody else is framed: add/);
  expect(why('far-subject', 'kayak', { subject })).toBeNull();
});

it('over the shoulder needs a cockpit: what is steered with the feet has none, poles or not, nor has what is ridden standing or is bars alone', () => {
  for (const board of ['skis', 'snowboard', 'longboard', 'surfboard'])
    expect(why('over-the-shoulder', board)).toMatch(/steered with the feet/);
  expect(why('hands-at-work', 'skis')).toBeNull();
  expect(why('over-the-shoulder', 'stand-up-board')).toMatch(/ridden standing/);
  for (const bike of ['road-bike', 'mountain-bike'])
    expect(why('over-the-shoulder', bike)).toMatch(/bars and no cockpit to look into: take “Hands and trail”/);
  for (const id of ['kayak', 'motorcycle', 'paramotor', 'glider']) expect(why('over-the-shoulder', id)).toBeNull();
});

it('low and fast makes no sense far over the ground, nor where nothing streams by', () => {
  expect(why('low-and-fast', 'beside-the-course')).toMatch(/it stands still/);
  expect(why('low-and-fast', 'paramotor')).toMatch(/it goes \d+ m over the ground/);
  expect(why('low-and-fast', 'longboard')).toBeNull();
});

it('every need is said in words that follow “because”, and every intent makes sense somewhere', () => {
  const scenes = knownMachines().map((machine) => {
    const rig = { ...newCarrier('c', machine.id, 1.75).rig, subject };
    return { machine, scene: carrierScene(rig, machine.actionStanceId) };
  });
  for (const intent of INTENTS) {
    const reasons = scenes.map(({ machine, scene }) => notOnThis(intent, machine, scene));
    expect([intent.id, reasons.includes(null)]).toEqual([intent.id, true]);
    for (const reason of reasons) if (reason) expect(reason).toMatch(/^not on this carrier, because [a-z].*[a-z0-9]$/);
  }
});
