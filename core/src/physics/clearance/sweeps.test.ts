import { shakeAt } from '../../../testing/shakes';
import { compose, invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import { newCarrier } from '../../deciding/outing/newOuting';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import { knownMachines, resolveRig } from '../../posing/lookup/resolveRig';
import { placedSpots } from '../../posing/rig/spots';
import { sweepsOf } from './sweeps';

const PROBES: readonly Vec3[] = [
  [0, 0, 0],
  [0.4, 0, 0],
  [0, 0.4, 0.1],
  [0.1, 0, 0.4],
];
const places = (pose: Pose) => PROBES.map((p) => transformPoint(pose, p));

describe.each(knownMachines().map((m) => [m.id] as const))('what sweeps on a %s', (machineId) => {
  const { rig: spec } = newCarrier('c', machineId, 1.75);
  const posed = poseRig(spec, SET_UP_STANCE_ID);
  const partId = placedSpots(spec)[0]!.spot.partId;
  const sweeps = sweepsOf(spec, posed, partId);

  it('moves rigidly, part by part, and what stays stays out of it', () => {
    expect(sweeps.length).toBeGreaterThan(0);
    for (const { rig, moves, steps } of sweeps) {
      for (const part of rig.parts.filter(moves)) {
        for (const step of steps) {
          const at = places(step(part));
          const stretched = PROBES.map((p, i) => Math.abs(distance(at[0]!, at[i]!) - distance(PROBES[0]!, p)));
          expect(Math.max(...stretched)).toBeLessThan(1e-9);
        }
      }
    }
  });

  it('passes through where it stands, and comes round to it where it turns all the way', () => {
    for (const { rig, moves, steps, wholeTurn, own } of sweeps) {
      const part = rig.parts.find(moves);
      if (!part) continue;
      const off = steps.map((step) => Math.max(...places(step(part)).map((p, i) => distance(p, PROBES[i]!))));
      // A step of the way, not the very place: ranges need not lie even about it.
      const between = Math.max(
        ...steps.slice(1).map((step, i) => {
          const moved = places(compose(invert(steps[i]!(part)), step(part)));
          return Math.max(...moved.map((p, k) => distance(p, PROBES[k]!)));
        }),
      );
      expect(Math.min(...off)).toBeLessThanOrEqual(steps.length > 1 ? between + 1e-9 : 1e-9);
      if (wholeTurn && steps.length > 1 && own === null) {
        const [first, last] = [steps[0]!(part), steps.at(-1)!(part)].map(places);
        first!.forEach((p, i) => expect(distance(p, last![i]!)).toBeLessThan(1e-6));
      }
    }
  });
});

it('a chain runs and is not struck by its own sweep; on a carrier without one nothing runs', () => {
  const running = (machineId: string) => {
    const { rig } = shakeAt(machineId, 'chest');
    return sweepsOf(rig, poseRig(rig, SET_UP_STANCE_ID), 'ribcage').filter((s) => s.verb === 'runs');
  };
  expect(running('mountain-bike').map((s) => s.name)).toEqual(['chain']);
  expect(running('motorcycle').map((s) => s.name)).toEqual(['chain']);
  expect(running('kayak')).toEqual([]);
});

it('what sits on a leg is not swept by the cranks, which go along with the foot', () => {
  const { rig } = shakeAt('road-bike', 'chest');
  const names = (partId: string) => sweepsOf(rig, poseRig(rig, SET_UP_STANCE_ID), partId).map((s) => s.name);
  expect(names('topTube')).toContain('cranks');
  expect(names('shoeRight')).not.toContain('cranks');
  expect(names('shoeRight')).toContain('legs');
  expect(
    resolveRig(rig)
      .machine.moving({})
      .some((m) => m.id === 'cranks'),
  ).toBe(true);
});
