import { newCarrier } from '../../deciding/outing/newOuting';
import { groundById, usualRide } from '../../posing/lookup/grounds';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import type { MachineDefinition } from '../../words/carrier/machine';
import { estimated } from '../../words/sourced/estimated';
import { groundComesUp } from './groundComesUp';

const of = (machineId: string) => {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { machine } = resolveRig(rig);
  return { machine, posed: poseRig(rig, machine.actionStanceId), ride: usualRide(machine) };
};
const exactly = (value: number) => estimated(value, value, value);

it('over the front axle of a car with a stiff tyre it is 3σ of one mass on a spring over white velocity, σ² = S/(8ζω) (Newland, Random Vibrations, from memory)', () => {
  const { machine, posed, ride } = of('coupe');
  const wheels = machine.shake.ride;
  if (wheels.kind !== 'wheels') throw new Error('a car without wheels');
  const [bodyHz, damping, speedMps] = [1.3, 0.3, 20];
  const front = {
    ...wheels.front,
    bodyHz: exactly(bodyHz),
    hopHz: exactly(60),
    unsprungShare: exactly(0.1),
    dampingRatio: exactly(damping),
  };
  const stiff: MachineDefinition = {
    ...machine,
    id: 'stiff-tyred',
    shake: { ...machine.shake, ride: { ...wheels, front, contactM: exactly(0.001) } },
  };
  const at = [front.xM, 0, 0] as const;
  const still = { ...posed, worldFromMachine: { rotation: [1, 0, 0, 0, 1, 0, 0, 0, 1], position: [0, 0, 0] } } as const;
  const found = groundComesUp(stiff, still, at, 'bonnet', { ...ride, groundId: 'smooth-asphalt', speedMps })!;
  const { surface } = groundById('smooth-asphalt');
  const roughness = surface.kind === 'rough' ? surface.roughnessM3.value : 0;
  const velocity = (2 * Math.PI * 0.1) ** 2 * roughness * speedMps;
  const sigma = Math.sqrt(velocity / (8 * damping * 2 * Math.PI * bodyHz));
  expect(found.ridesM / (3 * sigma)).toBeGreaterThan(0.9);
  expect(found.ridesM / (3 * sigma)).toBeLessThan(1.1);
  expect(found.standsOut).toBeNull();
});

it('springs give by their travel where it is rough and hardly on a road; roots come on top, and a landing (common practice, no source)', () => {
  const comes = (machineId: string, over: Partial<ReturnType<typeof usualRide>> = {}, partId = 'frame') => {
    const { machine, posed, ride } = of(machineId);
    return groundComesUp(machine, posed, posed.worldFromMachine.position, partId, { ...ride, ...over });
  };
  const roots = comes('buggy')!;
  expect(roots.ridesM).toBeGreaterThan(0.04);
  expect(roots.ridesM).toBeLessThan(0.2);
  expect(roots.upM).toBeCloseTo(roots.ridesM + roots.standsOut!.heightM, 9);
  expect(comes('coupe')!.upM).toBeLessThan(0.03);
  expect(comes('buggy', { dropM: 0.3 })!.upM).toBeGreaterThan(roots.upM + 0.1);
  expect(comes('full-suspension-bike', {}, 'forkLowers')!.ridesM).toBeLessThanOrEqual(
    comes('full-suspension-bike')!.ridesM,
  );
  expect(comes('buggy', { speedMps: 0 })).toBeNull();
  expect(comes('skis')).toBeNull();
});
