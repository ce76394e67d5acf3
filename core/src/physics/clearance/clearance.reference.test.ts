import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { revolveSolid } from '../../mathematics/geometry/build/revolve';
import { closestPoint } from '../../mathematics/geometry/closestPoint';
import { meshPoint, type Mesh } from '../../mathematics/geometry/mesh';
import { IDENTITY_POSE, poseAt } from '../../mathematics/geometry/pose';
import { add, distance, scale, type Vec3 } from '../../mathematics/geometry/vec3';
import { FOOT_M } from '../../posing/building/cameraMesh';
import { FIELD_DEG, hiddenByBox, hiddenSight } from './sight';

/** Nearest of many points spread over every triangle. */
function sampled(mesh: Mesh, from: Vec3): number {
  let best = Infinity;
  for (let t = 0; t < mesh.indices.length / 3; t++) {
    const [a, b, c] = [0, 1, 2].map((k) => meshPoint(mesh, mesh.indices[t * 3 + k]!)) as [Vec3, Vec3, Vec3];
    for (let i = 0; i <= 12; i++)
      for (let j = 0; j <= 12 - i; j++) {
        const p = add(add(scale(a, 1 - (i + j) / 12), scale(b, i / 12)), scale(c, j / 12));
        best = Math.min(best, distance(p, from));
      }
  }
  return best;
}

it('the closest point of a mesh is never farther than the nearest of many samples, and hardly nearer', () => {
  const random = seededNumbers(8);
  const box = roundedBox([0.2, 0.1, 0.3], 0.02, poseAt([0.1, 0, 0]));
  for (let i = 0; i < 25; i++) {
    const from: Vec3 = [random() - 0.5, random() - 0.5, random() - 0.5];
    const { distanceM, point } = closestPoint(box, from)!;
    expect(distanceM).toBeLessThanOrEqual(sampled(box, from) + 1e-12);
    expect(sampled(box, from) - distanceM).toBeLessThan(0.012);
    expect(distance(point, from)).toBeCloseTo(distanceM, 12);
  }
  expect(closestPoint(box, [5, 0, 0], 0.5)).toBeNull();
});

it('a disc of 10 cm radius 1 m ahead hides the solid angle 2π(1 − cos α) of the field (closed form)', () => {
  const disc = revolveSolid(
    [
      [0.1, 0],
      [0.1, 0.002],
    ],
    { centre: [1, 0, 0], axis: [1, 0, 0], segments: 96 },
  );
  const part = {
    id: 'disc',
    name: 'disc',
    group: 'own',
    tone: 'metal',
    mesh: disc,
    worldFromPart: IDENTITY_POSE,
  } as const;
  const { share, middleShare, at } = hiddenSight(IDENTITY_POSE, [part], [], 0.5);
  const alpha = Math.atan(0.1);
  const rad = Math.PI / 180;
  const field = 2 * FIELD_DEG.side * rad * (Math.sin(FIELD_DEG.up * rad) + Math.sin(FIELD_DEG.down * rad));
  expect(share / ((2 * Math.PI * (1 - Math.cos(alpha))) / field)).toBeGreaterThan(0.95);
  expect(share / ((2 * Math.PI * (1 - Math.cos(alpha))) / field)).toBeLessThan(1.05);
  expect(middleShare).toBeGreaterThan(share);
  expect(Math.abs(at!.rightDeg)).toBeLessThan(0.5);
  expect(hiddenSight(IDENTITY_POSE, []).at).toBeNull();
});

it('the quick estimate by a box agrees with rays against the box as a mesh, and with what lies beside, behind and about the eyes', () => {
  const bodyM: Vec3 = [0.04, 0.05, 0.06];
  const worldFromPart = poseAt([0.25, -0.06 - FOOT_M, 0.02]);
  const part = {
    id: 'body',
    name: 'body',
    group: 'own',
    tone: 'metal',
    mesh: roundedBox(bodyM, 1e-4, poseAt([0, FOOT_M + bodyM[1] / 2, 0])),
    worldFromPart,
  } as const;
  const byRays = hiddenSight(IDENTITY_POSE, [part], [], 0.5).middleShare;
  expect(byRays).toBeGreaterThan(0.05);
  expect(Math.abs(hiddenByBox(IDENTITY_POSE, worldFromPart, bodyM) / byRays - 1)).toBeLessThan(0.15);
  expect(hiddenByBox(IDENTITY_POSE, poseAt([0.25, 0, 0.3]), bodyM)).toBe(0);
  expect(hiddenByBox(IDENTITY_POSE, poseAt([-0.25, 0, 0]), bodyM)).toBe(0);
  expect(hiddenByBox(IDENTITY_POSE, poseAt([0, -0.5, 0]), [1, 1, 1])).toBe(1);
});
