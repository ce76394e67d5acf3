import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { bikeRig } from '../../../testing/rigs';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { NO_ROTATION, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { calibrateLens } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import { poseRig } from '../../posing/rig/poseRig';
import type { PosedPart } from '../../words/carrier/posedPart';
import { newCarrier } from '../../deciding/outing/newOuting';
import { knownMachines } from '../../posing/lookup/resolveRig';
import { placedSpots, worldFromSpot } from '../../posing/rig/spots';
import { castFrame } from './castFrame';
import { FRAME_GROUPS } from '../../words/shot/frameGroup';
import { measureFrame } from './measureFrame';
import { cubeBins } from './rayBins';
import { castCube, lookUpFrame } from './visibilityCube';

/** Outside reference: three-mesh-bvh 0.9, one tree a part, one ray at a time. */
function oracle(parts: readonly PosedPart[], camera: Pose, directions: Float64Array): number[] {
  const trees = parts.map((part) => {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(part.mesh.positions.slice(), 3));
    geometry.setIndex(new BufferAttribute(part.mesh.indices.slice(), 1));
    return { tree: new MeshBVH(geometry), partFromWorld: invert(part.worldFromPart) };
  });
  return Array.from({ length: directions.length / 3 }, (_, i) => {
    let best = Infinity;
    let hit = -1;
    trees.forEach(({ tree, partFromWorld }, part) => {
      const origin = transformPoint(partFromWorld, camera.position);
      const direction = transformDirection(partFromWorld, [
        directions[i * 3]!,
        directions[i * 3 + 1]!,
        directions[i * 3 + 2]!,
      ]);
      const found = tree.raycastFirst(new Ray(new Vector3(...origin), new Vector3(...direction)), DoubleSide);
      if (found && found.distance < best) [best, hit] = [found.distance, part];
    });
    return hit;
  });
}

it('names the same part as three-mesh-bvh on at least 99.5 % of pixels, over stances, projections and places', () => {
  const random = seededNumbers(41);
  let same = 0;
  let all = 0;
  for (const stanceId of ['set-up', 'crouch', 'lean']) {
    const { parts } = poseRig(bikeRig(), stanceId);
    for (const projection of ['rectilinear', 'equidistant'] as const) {
      const lens = calibrateLens({
        projection,
        widthPx: 1600,
        heightPx: 900,
        fovDeg: 100 + 20 * random(),
        fovAcross: 'horizontal',
        crop: 1,
      });
      const camera: Pose = {
        position: [0.4 * random() - 0.3, 1 + 0.5 * random(), 0.3 * random()],
        rotation: rotationFromPanTiltRoll({
          panDeg: 40 * random() - 20,
          tiltDeg: -20 - 40 * random(),
          rollDeg: 10 * random(),
        }),
      };
      const cast = castFrame(parts, camera, rayGrid(lens, 40, 22));
      oracle(parts, camera, cast.directions).forEach((part, i) => {
        all++;
        if (part === cast.part[i]) same++;
      });
    }
  }
  expect(same / all).toBeGreaterThan(0.995);
});

it('and over every carrier, in one of its stances each and a lens of each kind, seeded', () => {
  const random = seededNumbers(7);
  let same = 0;
  let all = 0;
  for (const machine of knownMachines()) {
    const { rig } = newCarrier('c', machine.id, 1.75);
    const stance = machine.stances[Math.floor(random() * machine.stances.length)]!;
    const posed = poseRig(rig, stance.id);
    const parts = posed.parts.filter((p) => !p.seeThrough);
    const placed = placedSpots(rig);
    const spot = placed[Math.floor(random() * placed.length)]!;
    const from = worldFromSpot(posed, spot);
    const projection = (['rectilinear', 'equidistant', 'equisolid', 'stereographic'] as const)[
      Math.floor(random() * 4)
    ]!;
    const lens = calibrateLens({
      projection,
      widthPx: 1600,
      heightPx: 900,
      fovDeg: 8 + 112 * random(),
      fovAcross: 'horizontal',
      crop: 1,
    });
    const camera: Pose = {
      position: transformPoint(from, [0, 0.06 + 0.2 * random(), 0]),
      rotation: rotationFromPanTiltRoll({
        panDeg: 360 * random(),
        tiltDeg: 60 * random() - 40,
        rollDeg: 20 * random(),
      }),
    };
    const cast = castFrame(parts, camera, rayGrid(lens, 24, 14));
    oracle(parts, camera, cast.directions).forEach((part, i) => {
      all++;
      if (part === cast.part[i]) same++;
    });
  }
  expect(same / all).toBeGreaterThan(0.995);
});

it('what is looked up in a visibility cube agrees with what is cast, but for edges', () => {
  const { parts, ground } = poseRig(bikeRig(), 'crouch');
  const place: Pose = {
    position: [0.15, 1.18, 0],
    rotation: rotationFromPanTiltRoll({ panDeg: 5, tiltDeg: -20, rollDeg: 3 }),
  };
  const lens = calibrateLens({
    projection: 'equidistant',
    widthPx: 1600,
    heightPx: 900,
    fovDeg: 118,
    fovAcross: 'horizontal',
    crop: 1,
  });
  const grid = rayGrid(lens, 64, 36);
  const cast = castFrame(parts, place, grid);
  const cube = castCube(parts, place.position);
  const looked = lookUpFrame(cube, place.rotation, grid);
  const agree = [...cast.part].filter((part, i) => part === looked.part[i]).length / cast.part.length;
  expect(agree).toBeGreaterThan(0.93);
  const exact = measureFrame(cast, parts, lens, place, ground).shares;
  const coarse = measureFrame(looked, parts, lens, place, ground, false).shares;
  for (const group of FRAME_GROUPS) expect(Math.abs(exact[group] - coarse[group])).toBeLessThan(0.015);
  // The cube itself is exact in its own directions.
  const whole = castCube(parts, place.position, { exact: true });
  const own = oracle(parts, { ...place, rotation: NO_ROTATION }, cubeBins(whole.size).directions.slice(0, 3 * 2000));
  expect(own.filter((part, i) => part === whole.part[i]).length / own.length).toBeGreaterThan(0.995);
});
