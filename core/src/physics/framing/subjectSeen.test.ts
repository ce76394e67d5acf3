import { meshPoint, type Mesh } from '../../mathematics/geometry/mesh';
import { invert, poseAt, transformPoint } from '../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { asking } from '../../../testing/asking';
import { poseRig } from '../../posing/rig/poseRig';
import { calibrateLens, projectDirectionToPixel } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import type { PosedPart } from '../../words/carrier/posedPart';
import { castFrame } from './castFrame';
import { measureFrame } from './measureFrame';
import { withSubjectSeen } from './subjectSeen';

const GROUND = { point: [0, -50, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'air' } as const;

/** A box of eight corners, its sides turned outward. */
function box(ahead: number, up: number, right: number): Mesh {
  const corner = (i: number) => [
    i & 1 ? ahead / 2 : -ahead / 2,
    i & 2 ? up / 2 : -up / 2,
    i & 4 ? right / 2 : -right / 2,
  ];
  const sides = [1, 3, 7, 5, 0, 4, 6, 2, 2, 6, 7, 3, 0, 1, 5, 4, 4, 5, 7, 6, 0, 2, 3, 1];
  const indices = Array.from({ length: 6 }, (_, side) => {
    const [a, b, c, d] = sides.slice(4 * side, 4 * side + 4) as [number, number, number, number];
    return [a, b, c, a, c, d];
  }).flat();
  return {
    positions: Float32Array.from(Array.from({ length: 8 }, (_, i) => corner(i)).flat()),
    indices: Uint32Array.from(indices),
  };
}

const slab = (id: string, group: PosedPart['group'], size: Vec3, at: Vec3): PosedPart => ({
  id,
  name: id,
  group,
  tone: 'shell',
  mesh: box(...size),
  worldFromPart: poseAt(at),
});
/** A wing of 15 m, 0.15 m thick and deep, 100 m ahead. */
const wing = (asideM = 0) => slab('wing', 'subject', [0.15, 0.15, 15], [100, 0, asideM]);

const lensOf = (fovDeg: number, projection: 'rectilinear' | 'equidistant') =>
  calibrateLens({ projection, widthPx: 1920, heightPx: 1080, fovDeg, fovAcross: 'horizontal', crop: 1 });

function seen(parts: readonly PosedPart[], fovDeg: number, panDeg = 0) {
  const lens = lensOf(fovDeg, 'rectilinear');
  const pose = { position: [0, 0, 0] as Vec3, rotation: rotationFromPanTiltRoll({ panDeg, tiltDeg: 0, rollDeg: 0 }) };
  const cast = castFrame(parts, pose, rayGrid(lens, 24, 14));
  const { shares, parts: found } = withSubjectSeen(measureFrame(cast, parts, lens, pose, GROUND), parts, lens, pose);
  return { share: shares.subject, whole: Object.values(shares).reduce((a, b) => a + b, 0), found: found[0] };
}

/** The picture's plane 100 m away is so wide: 2·d·tan(fov/2). */
const planeM = (fovDeg: number) => 200 * Math.tan((fovDeg * Math.PI) / 360);

describe('a wing far off, thinner than a cell of the picture', () => {
  it.each([90, 60, 30])('at %d° has the share and extent of its outline', (fovDeg) => {
    const { share, whole, found } = seen([wing()], fovDeg);
    const area = (15 * 0.15) / (planeM(fovDeg) ** 2 * (9 / 16));
    // Of a square bar two of the four long sides are seen edge on.
    expect(share / area).toBeGreaterThan(0.97);
    expect(share / area).toBeLessThan(1.05);
    expect(found!.extent).toBeCloseTo(15 / planeM(fovDeg), 3);
    expect([found!.id, found!.cut]).toEqual(['wing', false]);
    expect(whole).toBeCloseTo(1, 9);
  });

  it('behind a wall that hides its left half shows about half of it, behind a whole one nothing', () => {
    const open = seen([wing()], 60).share;
    const half = seen([wing(), slab('wall', 'machine', [0.1, 10, 20], [50, 0, -10])], 60).share;
    expect(half / open).toBeGreaterThan(0.35);
    expect(half / open).toBeLessThan(0.65);
    const hidden = seen([wing(), slab('wall', 'machine', [0.1, 10, 40], [50, 0, 0])], 60);
    expect([hidden.share, hidden.found!.id]).toEqual([0, 'wall']);
  });

  it('runs out of the picture where the lens looks past it, and is not there where it looks away', () => {
    expect(seen([wing()], 30, 16).found).toMatchObject({ cut: true });
    expect(seen([wing()], 30, 60)).toMatchObject({ share: 0, found: undefined });
  });

  it('near by it is left to the cells of the picture', () => {
    const near = slab('hull', 'subject', [0.15, 2, 15], [6, 0, 0]);
    const { found, share } = seen([near], 60);
    expect(found!.nearestM).toBeLessThan(6.2);
    // Whole rows of the fourteen.
    expect((share * 14) % 1).toBeCloseTo(0, 9);
    expect(share).toBeGreaterThan(0.4);
  });
});

describe.each(['rectilinear', 'equidistant'] as const)('somebody who rides past, through a %s lens', (projection) => {
  const { rig: spec, actionStanceId } = asking('beside-the-course', 'pass-by').carriers[0]!;
  const parts = poseRig(spec, actionStanceId).parts.filter(({ group }) => group === 'subject');
  const corners = parts.flatMap(({ mesh, worldFromPart }) =>
    Array.from({ length: mesh.positions.length / 3 }, (_, i) => transformPoint(worldFromPart, meshPoint(mesh, i))),
  );
  const middle = [0, 1, 2].map((k) => {
    const along = corners.map((corner) => corner[k]!);
    return (along.reduce((a, b) => Math.min(a, b)) + along.reduce((a, b) => Math.max(a, b))) / 2;
  }) as [number, number, number];

  it.each([
    [12, 0],
    [6, 15],
    [30, -20],
  ])('%d m off, %d° beside the axis, reaches as far by a few corners as by all, to a hundredth', (awayM, panDeg) => {
    const lens = lensOf(100, projection);
    const pose = {
      position: [middle[0] - awayM, middle[1] + 1, middle[2]] as Vec3,
      rotation: rotationFromPanTiltRoll({ panDeg, tiltDeg: 5, rollDeg: 0 }),
    };
    const pixels = corners.map((corner) => projectDirectionToPixel(lens, transformPoint(invert(pose), corner))!);
    const spread = (values: readonly number[]) =>
      values.reduce((a, b) => Math.max(a, b)) - values.reduce((a, b) => Math.min(a, b));
    const extent = Math.max(spread(pixels.map(({ u }) => u)) / 1920, spread(pixels.map(({ v }) => v)) / 1080);
    const cast = castFrame(parts, pose, rayGrid(lens, 24, 14));
    const [found] = withSubjectSeen(measureFrame(cast, parts, lens, pose, GROUND), parts, lens, pose).parts;
    expect(found!.extent / extent).toBeGreaterThan(0.99);
    expect(found!.extent / extent).toBeLessThanOrEqual(1 + 1e-9);
  });
});
