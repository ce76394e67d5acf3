import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { calibrateLens } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import { newCarrier } from '../../deciding/outing/newOuting';
import { poseRig } from '../../posing/rig/poseRig';
import { knownMachines } from '../../posing/lookup/resolveRig';
import { placedSpots, worldFromSpot } from '../../posing/rig/spots';
import { castFrame } from './castFrame';
import { partsFromAfar } from './fromAfar';
import { FRAME_GROUPS } from '../../words/shot/frameGroup';
import { measureFrame } from './measureFrame';
import { measureLooked } from './measureLooked';
import { cubeBins, rayBins } from './rayBins';
import { ALL_ROUND, coneOf, type ViewCone } from './viewCone';
import { castCube, lookUpFrame, recycleCube, ROUGH_CUBE_SIZE, type VisibilityCube } from './visibilityCube';

const lensOf = (fovDeg: number) =>
  calibrateLens({ projection: 'equidistant', widthPx: 1600, heightPx: 900, fovDeg, fovAcross: 'horizontal', crop: 1 });

/** Every machine in its action stance, seen from a seeded place off one of its spots. */
function scenes(seed: number) {
  const random = seededNumbers(seed);
  return knownMachines().map((machine) => {
    const { rig } = newCarrier('c', machine.id, 1.75);
    const { parts, ground, ...posed } = poseRig(rig, machine.actionStanceId);
    const placed = placedSpots(rig);
    const spot = worldFromSpot({ parts, ground, ...posed }, placed[Math.floor(random() * placed.length)]!);
    const place: Pose = {
      position: transformPoint(spot, [0, 0.08 + 0.15 * random(), 0]),
      rotation: rotationFromPanTiltRoll({ panDeg: 360 * random(), tiltDeg: 40 * random() - 35, rollDeg: 0 }),
    };
    return { parts: parts.filter((p) => !p.seeThrough), ground, place };
  });
}

/** How far each share looked up lies from the one that is cast. */
function lookedUpOff({ parts, ground, place }: ReturnType<typeof scenes>[number], size?: number): number[] {
  const lens = lensOf(118);
  const exact = measureFrame(castFrame(parts, place, rayGrid(lens, 64, 36)), parts, lens, place, ground).shares;
  const cube = castCube(parts, place.position, size === undefined ? {} : { size });
  const frame = lookUpFrame(cube, place.rotation, rayGrid(lens, 24, 14));
  const looked = measureFrame(frame, parts, lens, place, ground, false).shares;
  recycleCube(cube);
  return FRAME_GROUPS.map((group) => Math.abs(exact[group] - looked[group]));
}

const percentile = (values: readonly number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))]!;

it('shares looked up with fewer triangles far away lie within 3.5 points of those cast, 19 of 20 within 1, over every carrier', () => {
  const off = [11, 12, 13].flatMap((seed) => scenes(seed).flatMap((scene) => lookedUpOff(scene)));
  expect(Math.max(...off)).toBeLessThan(0.035);
  expect(percentile(off, 0.95)).toBeLessThan(0.01);
});

it('a rough cube still ranks: within 6 points of what is cast', () => {
  for (const scene of scenes(14)) expect(Math.max(...lookedUpOff(scene, ROUGH_CUBE_SIZE))).toBeLessThan(0.06);
});

describe('looked up and measured by the kernel', () => {
  const measured = ({ parts, ground, place }: ReturnType<typeof scenes>[number], fovDeg: number) => {
    const lens = lensOf(fovDeg);
    const grid = rayGrid(lens, 16, 9);
    const cube = castCube(parts, place.position);
    expect(cube.slot).not.toBeNull();
    const plain = measureFrame(lookUpFrame(cube, place.rotation, grid), parts, lens, place, ground, false);
    const simd = measureLooked(cube, grid, parts, lens, place, ground);
    const without = measureLooked({ ...cube, slot: null }, grid, parts, lens, place, ground);
    recycleCube(cube);
    return { plain, simd, without };
  };

  it('shares, parts and sky line are those of the plain way to a thousandth, over every carrier and kind of lens', () => {
    for (const [i, scene] of scenes(16).entries()) {
      const { plain, simd } = measured(scene, [60, 118, 170][i % 3]!);
      for (const group of FRAME_GROUPS) {
        expect(simd.shares[group]).toBeCloseTo(plain.shares[group], 3);
        expect(simd.middle[group]).toBeCloseTo(plain.middle[group], 3);
      }
      expect(simd.horizon).toEqual(plain.horizon);
      const byId = ({ parts }: typeof plain) => [...parts].sort((a, b) => a.id.localeCompare(b.id));
      const told = byId(simd).map(({ id, cut }) => [id, cut]);
      expect(told).toEqual(byId(plain).map(({ id, cut }) => [id, cut]));
      byId(simd).forEach((part, k) => {
        for (const figure of ['share', 'centroidU', 'centroidV', 'extent', 'nearestM'] as const)
          expect(part[figure]).toBeCloseTo(byId(plain)[k]![figure], 3);
      });
    }
  });

  it('without a kernel it is the plain way', () => {
    const { plain, without } = measured(scenes(17)[0]!, 118);
    expect(without).toEqual(plain);
  });
});

describe('a cube that is cast for some pictures only', () => {
  const grids = [60, 100, 150].map((fovDeg) => rayGrid(lensOf(fovDeg), 24, 14));

  it.each([0, 1, 2])(
    'shows the same as a whole one in a picture that it is cast for, over every carrier (lens %d)',
    (n) => {
      const grid = grids[n]!;
      for (const { parts, place } of scenes(18 + n)) {
        const look = (cube: VisibilityCube) => {
          const { part, distanceM } = lookUpFrame(cube, place.rotation, grid);
          const seen = [part.slice(), distanceM.slice()];
          recycleCube(cube);
          return seen;
        };
        const within = coneOf(grid, place.rotation);
        const some = look(castCube(parts, place.position, { within }));
        expect(some).toEqual(look(castCube(parts, place.position)));
      }
    },
  );

  it('leaves out what lies elsewhere', () => {
    const [{ parts, place }] = scenes(18) as [ReturnType<typeof scenes>[number]];
    const hits = (within: ViewCone) => {
      const cube = castCube(parts, place.position, { within });
      const count = cube.part.reduce((sum, at) => sum + Number(at >= 0), 0);
      recycleCube(cube);
      return count;
    };
    expect(hits(coneOf(grids[0]!, place.rotation))).toBeLessThan(hits(ALL_ROUND));
  });
});

it('a cube whose memory was given away is as good as a new one', () => {
  const [a, b] = scenes(15);
  const fresh = castCube(a!.parts, a!.place.position);
  const [part, distanceM] = [fresh.part.slice(), fresh.distanceM.slice()];
  recycleCube(fresh);
  recycleCube(castCube(b!.parts, b!.place.position));
  const again = castCube(a!.parts, a!.place.position);
  expect(again.part).toEqual(part);
  expect(again.distanceM).toEqual(distanceM);
});

it('parts near the lens keep every triangle, and the same coarse part is kept for the next place', () => {
  const { parts, place } = scenes(16).find((s) => s.parts.length > 20)!;
  expect(partsFromAfar(parts, place.position, 0)).toEqual(parts);
  const far = partsFromAfar(parts, [0, 0, 60], 0.025);
  expect(far.some((p, i) => p.mesh.indices.length < parts[i]!.mesh.indices.length)).toBe(true);
  partsFromAfar(parts, [0, 0, 60], 0.025).forEach((p, i) => expect(p).toBe(far[i]));
});

describe('bins', () => {
  it.each([8, 26, 60, 118, 178])('of a lens of %d° hold every ray once, within their windows', (fovDeg) => {
    const grid = rayGrid(lensOf(fovDeg), 24, 14);
    const { rays, start, windows, onFace } = rayBins(grid);
    expect([...rays].sort((a, b) => a - b)).toEqual(Array.from({ length: 24 * 14 }, (_, i) => i));
    expect(start[start.length - 1]).toBe(24 * 14);
    windows.forEach(({ lowU, highU, lowW, highW, base, width }, face) => {
      const cells = width * Math.max(0, highW - lowW + 1);
      expect(start[base + cells]! - start[base]!).toBe(onFace[face]);
      if (onFace[face] === 0) expect(lowU).toBeGreaterThan(highU);
    });
  });

  it('of a narrow lens are finer than those of a wide one', () => {
    const size = (fovDeg: number) => rayBins(rayGrid(lensOf(fovDeg), 24, 14)).size;
    expect(size(12)).toBeGreaterThan(4 * size(118));
    expect(cubeBins(24).windows.every((w) => w.lowU === 0 && w.highW === 23)).toBe(true);
  });
});
