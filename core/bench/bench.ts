/**
 * Speed of finding what each ray of a frame hits, in one run: this caster, three-mesh-bvh, and three's Raycaster as it comes.
 * Absolute figures drift on shared machines: compare the ratios.
 */
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  Mesh as ThreeMesh,
  MeshBasicMaterial,
  Raycaster,
  Vector3,
} from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { lightOfDay } from '../src/judging/report/lightOfDay';
import { shotReport } from '../src/judging/report/shotReport';
import { sunDirection } from '../src/mathematics/sun/sun';
import { castFrame } from '../src/physics/framing/castFrame';
import { cubeBins } from '../src/physics/framing/rayBins';
import { castCube, lookUpFrame } from '../src/physics/framing/visibilityCube';
import { measureFrame } from '../src/physics/framing/measureFrame';
import { asking, pieces } from '../testing/asking';
import { searchJobs } from '../src/deciding/search/searchQuestion';
import { searchSpot } from '../src/deciding/search/searchSpot';
import { mergeMeshes, transformMesh, triangleCount } from '../src/mathematics/geometry/mesh';
import type { Pose } from '../src/mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../src/mathematics/geometry/rotation';
import { calibrateLens } from '../src/mathematics/lens/lens';
import { rayGrid } from '../src/mathematics/lens/rayGrid';
import { newCarrier, newOuting } from '../src/deciding/outing/newOuting';
import { renderPicture } from '../src/showing/picture/renderPicture';
import { poseRig } from '../src/posing/rig/poseRig';
import { resolveRig } from '../src/posing/lookup/resolveRig';
import { rankSpots } from '../src/deciding/search/rankSpots';
import { aimedSetUp } from '../src/posing/aiming/aimedSetUp';
import { plainSetUp, standardCamera } from '../src/posing/strut/plainSetUp';
import { INTENTS } from '../catalog/index.generated';

const COLUMNS = 64;
const ROWS = 36;
const rig = newOuting('bench', '2027-02-14T08:00:00.000Z').carriers[0]!.rig;
const STANCES = ['set-up', 'seated', 'crouch', 'steep', 'lean'];
const lens = calibrateLens({
  projection: 'equidistant',
  widthPx: 1920,
  heightPx: 1080,
  fovDeg: 150,
  fovAcross: 'horizontal',
  crop: 1,
});
const camera: Pose = {
  position: [0.15, 1.18, 0],
  rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -18, rollDeg: 0 }),
};
const grid = rayGrid(lens, COLUMNS, ROWS);
const rays = COLUMNS * ROWS;
const posed = STANCES.map((id) => poseRig(rig, id));

/** Median milliseconds of a job over as many rounds as fit a time, after a warm-up. */
function medianMs(job: () => void, forMs: number, warmUps: number): number {
  for (let i = 0; i < warmUps; i++) job();
  const times: number[] = [];
  const end = performance.now() + forMs;
  do {
    const start = performance.now();
    job();
    times.push(performance.now() - start);
  } while (performance.now() < end);
  times.sort((a, b) => a - b);
  return times[times.length >> 1]!;
}

const crouch = posed[2]!;
const merged = mergeMeshes(crouch.parts.map((p) => transformMesh(p.mesh, p.worldFromPart)));
const geometry = new BufferGeometry();
geometry.setAttribute('position', new BufferAttribute(merged.positions, 3));
geometry.setIndex(new BufferAttribute(merged.indices, 1));
const directions = castFrame([], camera, grid).directions;
const origin = new Vector3(...camera.position);
const ahead = new Vector3();

const fast = medianMs(() => castFrame(crouch.parts, camera, grid), 3000, 60);

const plain = new ThreeMesh(geometry, new MeshBasicMaterial({ side: DoubleSide }));
const caster = new Raycaster();
const eachRay = (cast: () => void) => () => {
  for (let i = 0; i < rays; i++) {
    ahead.set(directions[i * 3]!, directions[i * 3 + 1]!, directions[i * 3 + 2]!);
    caster.set(origin, ahead);
    cast();
  }
};
const asItComes = medianMs(
  eachRay(() => caster.intersectObject(plain)),
  1500,
  1,
);
const tree = new MeshBVH(geometry, { indirect: true });
const withTree = medianMs(
  eachRay(() => tree.raycastFirst(caster.ray, DoubleSide)),
  3000,
  20,
);

const fiveStances = medianMs(() => posed.forEach((p) => castFrame(p.parts, camera, grid)), 2000, 10);
const hands = INTENTS.find((i) => i.id === 'hands-and-trail')!;
const chest = aimedSetUp(rig, plainSetUp(rig, 'chest', standardCamera())!, hands, 'crouch', 0.3)!;
const question = { rig, setUp: chest, intentId: hands.id, actionStanceId: 'crouch', horizonAt: 0.3 };
const evaluation = medianMs(() => shotReport(question), 2000, 5);
const ranking = medianMs(() => rankSpots(rig, hands, standardCamera(), 'crouch'), 3000, 1);
const coarse = medianMs(() => renderPicture(crouch.parts, camera, lens, crouch.ground, 144, 81), 1500, 5);

const row = (name: string, ms: number) =>
  console.log(
    `${name.padEnd(46)} ${ms.toFixed(2).padStart(9)} ms   ${(rays / ms / 1000).toFixed(3).padStart(7)} Mray/s   ${(withTree / ms).toFixed(2).padStart(7)} × three-mesh-bvh`,
  );
console.log(
  `${crouch.parts.length} parts, ${triangleCount(merged)} triangles, ${COLUMNS} × ${ROWS} rays, 150° equidistant; medians\n`,
);
row("three's Raycaster as it comes", asItComes);
row('three-mesh-bvh, merged mesh, ray by ray', withTree);
row('castFrame', fast);
console.log(`\ncastFrame against three's Raycaster: ${(asItComes / fast).toFixed(0)} ×`);
console.log(`poses a second, ${STANCES.length} stances each: ${(1000 / fiveStances).toFixed(0)}`);
console.log(`evaluation of one set-up in all stances, with its check: ${evaluation.toFixed(1)} ms`);
console.log(`ranking of all spots for one intent: ${ranking.toFixed(0)} ms`);
console.log(`coarse picture of 144 × 81: ${coarse.toFixed(1)} ms`);

const moment = { latDeg: 50, lonDeg: 0, timeZone: 'UTC', date: '2027-02-14', at: '16:00', headingDeg: 60 };
const lit = { ...question, moment };
const light = medianMs(() => shotReport(lit, { only: ['light'] }), 1000, 5);
const wholeDay = medianMs(() => lightOfDay(lit), 2000, 3);
const shaded = medianMs(
  () =>
    renderPicture(crouch.parts, camera, lens, crouch.ground, 144, 81, {
      toSun: sunDirection(crouch.ground.ahead, { bearingDeg: 150, heightDeg: 12 }),
    }),
  1500,
  5,
);
console.log(
  `light of a shot: ${light.toFixed(1)} ms; over its day, 48 half hours: ${wholeDay.toFixed(0)} ms, ${(wholeDay / light).toFixed(1)} × one; coarse picture with shadows: ${(shaded / coarse).toFixed(1)} × one without`,
);

const steadyMs = (ranges: boolean) =>
  medianMs(() => shotReport(question, { only: ['steady'], ranges, quick: true }), 2000, 3);
const [nominal, ranged] = [steadyMs(false), steadyMs(true)];
console.log(
  `steadiness of a shot: ${nominal.toFixed(1)} ms; with its sampled range, 128 cases: ${ranged.toFixed(0)} ms, ${(ranged / nominal).toFixed(1)} × one`,
);

// What a search does: a cube once a place and stance, then looking up for every orientation, mode and crop there.
const cube = castCube(crouch.parts, camera.position);
const cubeRays = cubeBins(cube.size).rays.length;
const ofCube = medianMs(() => castCube(crouch.parts, camera.position), 2000, 20);
const wholeCube = medianMs(() => castCube(crouch.parts, camera.position, { exact: true }), 2000, 20);
const cubeDirections = cubeBins(cube.size).directions;
const cubeWithTree = medianMs(
  () => {
    for (let i = 0; i < cubeRays; i++) {
      ahead.set(cubeDirections[i * 3]!, cubeDirections[i * 3 + 1]!, cubeDirections[i * 3 + 2]!);
      caster.set(origin, ahead);
      tree.raycastFirst(caster.ray, DoubleSide);
    }
  },
  2000,
  3,
);
const lookUp = medianMs(() => lookUpFrame(cube, camera.rotation, grid), 1000, 50);
const measured = medianMs(
  () => measureFrame(lookUpFrame(cube, camera.rotation, grid), crouch.parts, lens, camera, crouch.ground, false),
  1000,
  50,
);
/** Pictures that share a cube in a search of one carrier: fewest of a place that goes on (docs/performance.md). */
const SHARED = 60;
console.log(
  `\nvisibility cube of ${cubeRays} rays: ${ofCube.toFixed(2)} ms (${wholeCube.toFixed(2)} with every triangle); the same rays by three-mesh-bvh ${cubeWithTree.toFixed(1)} ms: ${(cubeWithTree / ofCube).toFixed(1)} × (${(cubeWithTree / wholeCube).toFixed(1)} ×)`,
);
console.log(
  `a picture of ${COLUMNS} × ${ROWS} looked up: ${lookUp.toFixed(3)} ms, looked up and measured: ${measured.toFixed(3)} ms`,
);
console.log(
  `framing with ${SHARED} pictures to a cube: ${(1000 / (ofCube / SHARED + lookUp)).toFixed(0)} pictures a second, ${(withTree / (ofCube / SHARED + lookUp)).toFixed(1)} × three-mesh-bvh`,
);

const searched = (question: ReturnType<typeof asking>) => {
  const start = performance.now();
  const results = searchJobs(question).map((job) => searchSpot(question, job));
  const ms = performance.now() - start;
  const tried = results.reduce((sum, r) => sum + r.tried, 0);
  return { ms, tried, inAll: results.reduce((sum, r) => sum + r.inAllStances, 0) };
};
console.log('\nsearch of all spots of a mountain bike on one thread, by what is in the kit');
for (const [name, ids] of [
  ['one camera, no arms', pieces({ cameras: ['cube-camera'], links: [] })],
  ['two cameras, two arms', pieces({ cameras: ['cube-camera', 'thumb-camera'], links: ['short-arm', 'long-arm'] })],
  ['everything', pieces()],
] as const) {
  searched(asking('mountain-bike', 'hands-and-trail', { pieceIds: ids }));
  const { ms, tried, inAll } = searched(asking('mountain-bike', 'hands-and-trail', { pieceIds: ids }));
  console.log(
    `${name.padEnd(24)} ${String(tried).padStart(6)} pictures, ${String(inAll).padStart(5)} in all stances, ${(ms / 1000).toFixed(2)} s, ${((1000 * tried) / ms).toFixed(0)} a second, ${(tried / (ms / withTree)).toFixed(1)} to one 64 × 36 frame of three-mesh-bvh`,
  );
}
const { heapUsed, arrayBuffers } = process.memoryUsage();
console.log(
  `memory in use after them: heap ${(heapUsed / 1e6).toFixed(0)} MB, arrays ${(arrayBuffers / 1e6).toFixed(0)} MB`,
);

// How a cube's cost grows: with what there is to see, and with the directions in which it is looked.
console.log('\ncube of a place over the middle of each carrier, action stance');
for (const machineId of ['longboard', 'kayak', 'road-bike', 'coupe'] as const) {
  const { rig: spec } = newCarrier('c', machineId, 1.75);
  const { parts } = poseRig(spec, resolveRig(spec).machine.actionStanceId);
  const triangles = parts.reduce((sum, p) => sum + triangleCount(p.mesh), 0);
  const [small, usual, large] = [24, 48, 96].map((size) =>
    medianMs(() => castCube(parts, [0, 1.3, 0], { size }), 800, 10),
  );
  console.log(
    `${machineId.padEnd(12)} ${String(triangles).padStart(6)} triangles: ${small!.toFixed(2)} ms for 3,456 directions, ${usual!.toFixed(2)} for 13,824, ${large!.toFixed(2)} for 55,296`,
  );
}
