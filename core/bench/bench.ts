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
import { evaluateShot } from '../src/evaluation/evaluateShot';
import { castFrame } from '../src/framing/castFrame';
import { mergeMeshes, transformMesh, triangleCount } from '../src/geometry/mesh';
import type { Pose } from '../src/geometry/pose';
import { rotationFromPanTiltRoll } from '../src/geometry/rotation';
import { calibrateLens } from '../src/lens/lens';
import { rayGrid } from '../src/lens/rayGrid';
import { newOuting } from '../src/outing/newOuting';
import { renderPicture } from '../src/picture/renderPicture';
import { poseRig } from '../src/rig/poseRig';
import { rankSpots } from '../src/search/rankSpots';
import { aimedSetUp, plainSetUp, standardCamera } from '../src/search/startingSetUp';
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
const evaluation = medianMs(() => evaluateShot(question), 2000, 5);
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
