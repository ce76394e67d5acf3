import { usualRig } from '../../testing/rigs';
import { notOnThis } from '../../src/judging/scene/notOnThis';
import { poseRig } from '../../src/posing/rig/poseRig';
import { carrierScene, type CarrierScene } from '../../src/posing/scene/carrierScene';
import { SET_UP_STANCE_ID } from '../../src/words/carrier/stance';
import type { MachineDefinition } from '../../src/words/carrier/machine';
import type { RigSpec } from '../../src/words/rig/rigSpec';
import { CARRIERS, INTENTS } from '../index.generated';

const machines = CARRIERS.filter((c): c is MachineDefinition => c.kind === 'machine');
const subject = { machineId: 'mountain-bike', distanceM: 5, bearingDeg: 0, headingDeg: 0, aboveM: 0 };
/** Posing a carrier in all its stances takes a while: each once. */
const scenes = new Map<string, CarrierScene>();
function sceneOf(machine: MachineDefinition, over: Partial<RigSpec>): CarrierScene {
  const key = JSON.stringify([machine.id, over]);
  const scene = scenes.get(key) ?? carrierScene(usualRig(machine, over), machine.actionStanceId);
  scenes.set(key, scene);
  return scene;
}
const offered = (machine: MachineDefinition, intentId: string, over: Partial<RigSpec> = {}): boolean =>
  notOnThis(
    INTENTS.find((i) => i.id === intentId)!,
    machine,
    sceneOf(machine, over),
  ) === null;

it.each(INTENTS.map((intent) => [intent.id, intent] as const))('%s asks for what one picture can hold', (_, intent) => {
  // What it must have at least goes into one picture; what it may have at most leaves none of it empty.
  const least = intent.wants.reduce((sum, want) => sum + want.share[0], 0);
  expect(least).toBeLessThanOrEqual(1);
  for (const want of intent.wants) {
    expect(want.share[0]).toBeGreaterThanOrEqual(0);
    expect(want.share[1]).toBeLessThanOrEqual(1);
    expect(want.weight).toBeGreaterThan(0);
    expect([want.of.groups, want.of.working, want.of.parts].some((of) => of !== undefined)).toBe(true);
    if (want.heightBand) expect(want.heightBand[0]).toBeLessThan(want.heightBand[1]);
  }
  expect(new Set(intent.wants.map((want) => want.id)).size).toBe(intent.wants.length);
  if (intent.feel !== null) expect(intent.feel >= 0 && intent.feel <= 1).toBe(true);
});

it('parts that are asked for are there on some carrier', () => {
  const parts = new Set(
    machines.flatMap((machine) => poseRig(usualRig(machine), SET_UP_STANCE_ID).parts.map((part) => part.id)),
  );
  for (const intent of INTENTS) {
    for (const prefix of intent.wants.flatMap((want) => want.of.parts ?? [])) {
      expect([intent.id, prefix, [...parts].some((id) => id.startsWith(prefix))]).toEqual([intent.id, prefix, true]);
    }
  }
});

it('each is offered on most carriers that it could be for, with somebody else where it needs one', () => {
  for (const { id } of INTENTS) {
    const count = machines.filter((machine) => offered(machine, id, { subject })).length;
    expect([id, count > 0]).toEqual([id, true]);
  }
});

describe('where nature forbids it, it is not offered (common practice, no source)', () => {
  const machine = (id: string) => machines.find((m) => m.id === id)!;
  it.each([
    ['a face where nobody is on board', 'multirotor', 'look-back-at-the-face'],
    ['low over the ground from the air', 'glider', 'low-and-fast'],
    ['low over the ground under a canopy', 'paramotor', 'low-and-fast'],
    ['hands where there are none', 'multirotor', 'hands-and-trail'],
    ['somebody else where there is nobody', 'kayak', 'far-subject'],
  ])('%s', (_, machineId, intentId) => {
    expect(offered(machine(machineId), intentId)).toBe(false);
  });

  it.each([
    [
      'the way ahead on every machine that moves',
      'clear-ahead',
      ['mountain-bike', 'coupe', 'kayak', 'glider', 'snowboard'],
    ],
    ['low and fast on wheels, boards and boats', 'low-and-fast', ['longboard', 'motorcycle', 'buggy', 'snowboard']],
    ['the face of whoever rides', 'look-back-at-the-face', ['coupe', 'paramotor', 'surfboard', 'road-bike']],
  ] as const)('%s is', (_, intentId, machineIds) => {
    for (const id of machineIds) expect([id, offered(machine(id), intentId)]).toEqual([id, true]);
  });

  it('somebody else is offered once they are there', () => {
    expect(offered(machine('kayak'), 'far-subject', { subject })).toBe(true);
  });
});
