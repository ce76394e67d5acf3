import { link, shakeAt } from '../../../testing/shakes';
import { bodySegments } from '../body/segments';
import { compose, transformPoint } from '../../mathematics/geometry/pose';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import { judgeClear } from '../../judging/checks/clear/judgeClear';
import type { SetUp } from '../../words/setUp/setUp';
import { clearReport } from '../../physics/clearance/clearReport';
import { pedalSweeps } from './pedalling';

describe.each(['mountain-bike', 'road-bike'])('legs on the cranks of a %s', (machineId) => {
  const { rig: spec } = shakeAt(machineId, 'chest');
  const sweeps = [...pedalSweeps(spec).values()];

  it('stand at first as in the stance, and come back to it after a whole turn', () => {
    expect(sweeps.length).toBeGreaterThan(0);
    for (const { rig, steps, moves } of sweeps) {
      for (const part of rig.parts.filter(moves)) {
        const moved = compose(steps[0]!(part), part.worldFromPart);
        expect(distance(moved.position, part.worldFromPart.position)).toBeLessThan(1e-9);
        moved.rotation.forEach((v, i) => expect(v).toBeCloseTo(part.worldFromPart.rotation[i]!, 9));
      }
    }
  });

  it('keep the length of thigh and shin, their hips, and the feet opposite each other on one circle', () => {
    const { thighM, shankM } = bodySegments(spec.statureM);
    for (const { rig, steps } of sweeps) {
      const at = (id: string, i: number, p: Vec3 = [0, 0, 0]) => {
        const part = rig.byId.get(id)!;
        return transformPoint(compose(steps[i]!(part), part.worldFromPart), p);
      };
      const balls = (i: number) => [at('shoeRight', i), at('shoeLeft', i)] as const;
      const across = distance(...balls(0));
      for (let i = 0; i < steps.length; i++) {
        for (const side of ['Right', 'Left']) {
          expect(distance(at(`thigh${side}`, i), at(`thigh${side}`, 0))).toBeLessThan(1e-9);
          expect(distance(at(`thigh${side}`, i, [0, thighM, 0]), at(`shank${side}`, i))).toBeLessThan(1e-6);
          // The ankle stays where it is in the shoe.
          const ankle = at(`shank${side}`, i, [0, shankM, 0]);
          expect(distance(ankle, at(`shoe${side}`, i))).toBeCloseTo(
            distance(at(`shank${side}`, 0, [0, shankM, 0]), at(`shoe${side}`, 0)),
            6,
          );
        }
        expect(Math.abs(distance(...balls(i)) - across)).toBeLessThan(0.03);
      }
    }
  });
});

it('knees meet a camera hung back along the top tube on a long arm, not one under its stem (common practice, no source)', () => {
  const knees = (spotId: string, links: SetUp['links'] = []) => {
    const check = judgeClear(clearReport(shakeAt('road-bike', spotId, { links })), { family: 'bike', world: 'road' });
    return 'findings' in check ? check.findings.find((f) => f.id === 'knees')! : undefined;
  };
  expect(knees('head-tube-side', [link('long-arm', 0.3, 90, 180)])).toMatchObject({
    verdict: 'watch',
    because: expect.stringMatching(/as the legs pedal/) as string,
    mend: { text: expect.stringMatching(/turn the cranks once round/) as string },
  });
  expect(knees('under-stem')!.verdict).toBe('good');
});

it('a carrier without cranks has no legs that pedal', () => {
  expect(pedalSweeps(shakeAt('motorcycle', 'chest').rig).size).toBe(0);
});
