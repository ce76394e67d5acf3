import { shakeAt } from '../../../testing/shakes';
import { distance } from '../../mathematics/geometry/vec3';
import type { SetUp } from '../../words/setUp/setUp';
import { poseRig } from '../rig/poseRig';
import { ownParts } from './ownParts';
import { poseStrut } from './kinematics';
import { resolveSetUp } from './resolveSetUp';
import { standingTether, tetherAnchors, tetherPath } from './tethering';

const at = (machineId: string, spotId: string, over: Partial<SetUp> = {}) =>
  shakeAt(machineId as never, spotId, { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off', ...over });
const stood = (question: ReturnType<typeof at>) => {
  const resolved = resolveSetUp(question.rig, question.setUp);
  const posed = poseRig(question.rig, 'set-up');
  return { resolved, posed, pose: poseStrut(resolved, posed, posed) };
};
const namesNear = (machineId: string, spotId: string) => {
  const question = at(machineId, spotId);
  return tetherAnchors(question.rig, resolveSetUp(question.rig, question.setUp)).map(({ name }) => name);
};
it('ties to tubes, rails and stays, never to a wheel, a chain, an exhaust or a neck; a pad where nothing else is', () => {
  expect(namesNear('road-bike', 'under-saddle')[0]).toBe('saddle rails');
  for (const [machineId, spotId] of [
    ['road-bike', 'seat-stay'],
    ['motorcycle', 'swingarm'],
    ['mountain-bike', 'under-stem'],
  ] as const)
    for (const name of namesNear(machineId, spotId))
      expect(name).not.toMatch(/wheel|tyre|rim|spokes|disc|chain|exhaust|neck|head$/);
  expect(namesNear('coupe', 'roof')).toEqual(['stick-on pad with a ring']);
  // What is worn is never tied to the machine.
  expect(namesNear('road-bike', 'chest')).toEqual(['strap of the chest harness']);
  expect(namesNear('motorcycle', 'hand')).toEqual(['wrist']);
});

it('hangs in a bow as long as it is, straight where it is drawn tight', () => {
  const question = at('coupe', 'roof', { tether: { tetherId: 'cord', lengthM: 0.15 } });
  const { resolved, posed, pose } = stood(question);
  const standing = standingTether(resolved, pose, posed)!;
  const path = tetherPath(resolved.tether!, standing);
  const long = path.slice(1).reduce((sum, p, i) => sum + distance(p, path[i]!), 0);
  expect(long / 0.15).toBeGreaterThan(0.99);
  expect(long / 0.15).toBeLessThan(1.01);
  const tight = {
    ...resolved.tether!,
    use: { ...resolved.tether!.use, lengthM: distance(standing.from, standing.to) },
  };
  const straight = tetherPath(tight, { ...standing, lacksM: 0 });
  expect(distance(straight[6]!, standing.from)).toBeCloseTo(distance(standing.from, standing.to) / 2, 6);
  // It hangs in its own picture and weighs; what strikes is the strut alone.
  expect(ownParts(resolved, pose, posed).some(({ id }) => id === 'ownTether')).toBe(true);
  expect(ownParts(resolved, pose).some(({ id }) => id === 'ownTether')).toBe(false);
});
