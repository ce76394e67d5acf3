import { newCarrier, poseRig } from '@strut-spot/core';
import { BoxGeometry, Mesh, MeshBasicMaterial, Scene } from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import { GLB_LIMITS, parseGlb } from './parseGlb';
import { rigAsGlb } from './rigAsGlb';

const asFile = { metresPerUnit: 1, up: '+y', ahead: '+z' } as const;
const boxGlb = async (): Promise<ArrayBuffer> => {
  const box = new Mesh(new BoxGeometry(1, 2, 4), new MeshBasicMaterial());
  box.name = 'crate';
  const scene = new Scene();
  scene.add(box);
  return (await new GLTFExporter().parseAsync(scene, { binary: true })) as ArrayBuffer;
};
const corners = (positions: Float32Array) =>
  new Set(
    Array.from({ length: positions.length / 3 }, (_, i) =>
      [0, 1, 2].map((k) => Math.round(positions[i * 3 + k]! * 1e4) / 1e4 + 0).join(),
    ),
  );
const problemOf = async (bytes: ArrayBuffer, reading: Parameters<typeof parseGlb>[1] = asFile) => {
  const result = await parseGlb(bytes, reading);
  return result.ok ? 'was taken' : result.problem;
};

it('a box written by three’s exporter comes back with the same corners, standing on the ground, closed and named', async () => {
  const result = await parseGlb(await boxGlb(), asFile);
  if (!result.ok) throw new Error(result.problem);
  expect(result.parts.map((p) => p.name)).toEqual(['crate']);
  expect(result.open).toBe(0);
  // 4 m along the file's +z, which is ahead; 2 m high; 1 m wide.
  expect(result.sizeM.map((v) => Number(v.toFixed(6)))).toEqual([4, 2, 1]);
  const wanted = [-2, 2].flatMap((x) => [0, 2].flatMap((y) => [-0.5, 0.5].map((z) => [x, y, z].join())));
  expect(corners(result.parts[0]!.mesh.positions)).toEqual(new Set(wanted));
});

it('unit and axes are taken as told', async () => {
  const result = await parseGlb(await boxGlb(), { metresPerUnit: 0.1, up: '+z', ahead: '-y' });
  if (!result.ok) throw new Error(result.problem);
  expect(result.sizeM.map((v) => Number(v.toFixed(6)))).toEqual([0.2, 0.4, 0.1]);
});

it('a whole rig goes out and comes in again, part by part', async () => {
  const { rig } = newCarrier('c', 'longboard', 1.75);
  const result = await parseGlb(await rigAsGlb(rig, 'cruise'), { ...asFile, ahead: '+x' });
  if (!result.ok) throw new Error(result.problem);
  expect(result.parts.map((p) => p.name)).toEqual(poseRig(rig, 'cruise').parts.map((p) => p.id));
});

it('what is broken, foreign or too much is refused with its reason', async () => {
  const whole = await boxGlb();
  expect(await problemOf(new TextEncoder().encode('only words, and enough of them').buffer as ArrayBuffer)).toMatch(
    /not a GLB/,
  );
  expect(await problemOf(whole.slice(0, whole.byteLength - 40))).toMatch(/cut off/);
  const old = whole.slice(0);
  new DataView(old).setUint32(4, 1, true);
  expect(await problemOf(old)).toMatch(/version 1/);
  const damaged = whole.slice(0);
  new Uint8Array(damaged).fill(0x7b, 24, 60);
  expect(await problemOf(damaged)).toMatch(/damaged/);
  expect(await problemOf(new ArrayBuffer(GLB_LIMITS.bytes + 1))).toMatch(/at most 30 MB/);
  expect(await problemOf(whole, { ...asFile, ahead: '-y' })).toMatch(/two different axes/);
  expect(await problemOf(whole, { ...asFile, metresPerUnit: 1000 })).toMatch(/another unit/);
  const empty = (await new GLTFExporter().parseAsync(new Scene(), { binary: true })) as ArrayBuffer;
  expect(await problemOf(empty)).toMatch(/no surface/);
});
