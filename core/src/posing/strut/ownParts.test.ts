import { bikeRig, plainAt } from '../../../testing/rigs';
import { transformPoint } from '../../mathematics/geometry/pose';
import { distance } from '../../mathematics/geometry/vec3';
import { meshBounds, openEdgeCount } from '../../mathematics/geometry/mesh';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { SetUp } from '../../words/setUp/setUp';
import { poseRig } from '../rig/poseRig';
import { poseStrut } from './kinematics';
import { ownParts } from './ownParts';
import { resolveSetUp } from './resolveSetUp';

const rig = bikeRig();
function built(setUp: SetUp, { stanceId = SET_UP_STANCE_ID, tether = false } = {}) {
  const resolved = resolveSetUp(rig, setUp);
  const [still, there] = [poseRig(rig, SET_UP_STANCE_ID), poseRig(rig, stanceId)];
  const pose = poseStrut(resolved, still, there);
  return { pose, resolved, parts: ownParts(resolved, pose, tether ? there : undefined) };
}
const of = (parts: readonly PosedPart[], id: string) => parts.find((part) => part.id === id)!;
const arm = (linkId: string, lengthM: number, bendDeg = 0) => ({ linkId, lengthM, bendDeg, turnDeg: 0 });
/** Nearest corner of a part to a point of the world, metres. */
function nearestM({ mesh, worldFromPart }: PosedPart, to: readonly [number, number, number]): number {
  let least = Infinity;
  for (let i = 0; i < mesh.positions.length; i += 3) {
    const [x, y, z] = [mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!];
    least = Math.min(least, distance(transformPoint(worldFromPart, [x, y, z]), to));
  }
  return least;
}

it('strut, camera and lens are closed bodies of the filmer’s own', () => {
  const { parts } = built(plainAt('chest'));
  expect(parts.map(({ id, group }) => [id, group])).toEqual([
    ['ownStrut', 'own'],
    ['ownCamera', 'own'],
    ['ownLens', 'own'],
  ]);
  for (const { id, mesh } of parts) expect([id, openEdgeCount(mesh)]).toEqual([id, 0]);
});

it('the strut begins on its surface and ends at the camera, straight or with bent arms', () => {
  for (const links of [[], [arm('long-arm', 0.2)], [arm('long-arm', 0.25, 60), arm('short-arm', 0.06, -40)]]) {
    const { parts, pose } = built(plainAt('handlebar', 0, { links }));
    const strut = of(parts, 'ownStrut');
    expect(nearestM(strut, pose.worldFromSpot.position)).toBeLessThan(0.05);
    expect(nearestM(strut, pose.worldFromBody.position)).toBeLessThan(0.06);
  }
});

it('a longer arm carries the camera farther out by as much', () => {
  const out = (lengthM: number) => {
    const { pose } = built(plainAt('handlebar', 0, { links: [arm('long-arm', lengthM)] }));
    return distance(pose.worldFromBody.position, pose.worldFromSpot.position);
  };
  expect(out(0.3) - out(0.2)).toBeCloseTo(0.1, 2);
});

it('the same strut is built once, however its camera is turned; another arm makes another', () => {
  const strut = (setUp: SetUp) => of(built(setUp).parts, 'ownStrut').mesh;
  const one = plainAt('chest', 10);
  expect(strut(one)).toBe(strut(plainAt('chest', 35)));
  expect(strut({ ...one, links: [arm('short-arm', 0.06)] })).not.toBe(strut(one));
});

it('rides along: in each stance it keeps its place on what carries it', () => {
  const reach = (stanceId: string) => {
    const { parts, pose } = built(plainAt('handlebar'), { stanceId });
    return nearestM(of(parts, 'ownStrut'), pose.worldFromBody.position);
  };
  for (const stanceId of ['seated', 'crouch', 'steep', 'lean']) expect(reach(stanceId)).toBeCloseTo(reach('set-up'), 6);
});

it('between two lenses back to back the body is not seen, and of any other camera it is', () => {
  const sphere = plainAt('chest', 0, { cameraId: 'two-lens-360', modeId: 'reframed', stabiliserId: 'sphere' });
  const seen = (setUp: SetUp) => built(setUp).parts.map(({ id, seeThrough }) => [id, seeThrough === true]);
  expect(seen(sphere)).toEqual([
    ['ownStrut', false],
    ['ownCamera', true],
    ['ownLens', true],
  ]);
  expect(seen(plainAt('chest')).every(([, through]) => !through)).toBe(true);
});

it('a tether is there where the rig is given, from the camera to what it is tied to', () => {
  const tied = plainAt('handlebar', 0, { tether: { tetherId: 'cord', partId: 'stem', lengthM: 0.3 } });
  const ids = (tether: boolean) => built(tied, { tether }).parts.map(({ id }) => id);
  expect(ids(false)).toEqual(['ownStrut', 'ownCamera', 'ownLens']);
  const extra = ids(true).slice(3);
  expect(extra.length).toBeGreaterThan(0);
  const { parts, pose } = built(tied, { tether: true });
  const near = Math.min(...extra.map((id) => nearestM(of(parts, id), pose.worldFromBody.position)));
  expect(near).toBeLessThan(0.12);
});

it('a camera is as large as its sheet says', () => {
  const { parts, resolved } = built(plainAt('chest'));
  const { min, max } = meshBounds(of(parts, 'ownCamera').mesh);
  const size = max.map((high, i) => high - min[i]!).sort((a, b) => a - b);
  const told = [...resolved.camera.bodyM].sort((a, b) => a - b);
  size.forEach((m, i) => expect(m / told[i]!).toBeGreaterThan(0.85));
  size.forEach((m, i) => expect(m / told[i]!).toBeLessThan(1.35));
});
