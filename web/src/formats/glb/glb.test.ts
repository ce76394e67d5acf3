import { newCarrier, poseRig } from '@strut-spot/core';
import { BoxGeometry, Mesh, MeshBasicMaterial, Scene } from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import { GLB_LIMITS } from './inspectGltf';
import { parseGlb } from './parseGlb';
import { rigAsGlb } from './rigAsGlb';

/** Files with bytes turned over; npm run endure asks for more. */
const ROUNDS = Number(process.env.FUZZ ?? 400);
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

describe('a file that asks for more than it brings', () => {
  /** The box with its description changed. */
  async function boxWith(edit: (gltf: Gltf) => void): Promise<ArrayBuffer> {
    const whole = await boxGlb();
    const length = new DataView(whole).getUint32(12, true);
    const gltf = JSON.parse(new TextDecoder().decode(new Uint8Array(whole, 20, length))) as Gltf;
    edit(gltf);
    const text = new TextEncoder().encode(JSON.stringify(gltf));
    const padded = Math.ceil(text.length / 4) * 4;
    const rest = new Uint8Array(whole, 20 + length);
    const out = new Uint8Array(20 + padded + rest.length).fill(0x20);
    out.set(new Uint8Array(whole, 0, 20));
    out.set(text, 20);
    out.set(rest, 20 + padded);
    const head = new DataView(out.buffer);
    head.setUint32(8, out.length, true);
    head.setUint32(12, padded, true);
    return out.buffer;
  }
  interface Gltf extends Record<string, unknown> {
    accessors: Record<string, unknown>[];
    bufferViews: Record<string, unknown>[];
    buffers: Record<string, unknown>[];
    meshes: { primitives: Record<string, unknown>[] }[];
    nodes: Record<string, unknown>[];
    scenes: { nodes: number[] }[];
  }

  it('comes through unchanged, when nothing is changed', async () => {
    expect((await parseGlb(await boxWith(() => undefined), asFile)).ok).toBe(true);
  });

  it.each<[string, (gltf: Gltf) => void, RegExp]>([
    [
      'a list of a thousand million points',
      (g) => g.accessors.forEach((a) => (a.count = 1e9)),
      /longer than what there is/,
    ],
    ['points that lie in no buffer', (g) => g.accessors.forEach((a) => delete a.bufferView), /lies nowhere/],
    [
      'a view beyond its buffer',
      (g) => g.bufferViews.forEach((v) => Object.assign(v, { byteLength: 1e12 })),
      /beyond the end/,
    ],
    ['sparse points', (g) => (g.accessors[0]!.sparse = { count: 1e9 }), /differs in/],
    ['a mesh shown three hundred times', (g) => repeat(g, 300), /300 parts; at most 200/],
    ['ten thousand nodes', (g) => (g.nodes = Array.from({ length: 10_000 }, () => ({}))), /10000 nodes; at most 5000/],
    ['a node that hangs in itself', (g) => (g.nodes[0]!.children = [0]), /in two places, or in itself/],
    ['nodes a hundred deep', (g) => deepen(g, 100), /more than 60 deep/],
    ['a node that is not there', (g) => (g.scenes[0]!.nodes = [77]), /names node 77/],
    ['no scene', (g) => (g.scenes = []), /no scene/],
    ['no mesh', (g) => Object.assign(g, { meshes: {} }), /"meshes" is no list/],
    ['lists of nothing', (g) => Object.assign(g, { nodes: [null] }), /"nodes" holds something that is none/],
    ['a surface without points', (g) => (g.meshes[0]!.primitives[0]!.attributes = null), /has no points/],
    ['lines alone', (g) => (g.meshes[0]!.primitives[0]!.mode = 1), /no surface/],
    ['a file elsewhere', (g) => (g.buffers[0]!.uri = 'http://example.test/more.bin'), /refers to other files/],
    ['compression', (g) => (g.extensionsRequired = ['KHR_draco_mesh_compression']), /compressed/],
  ])('%s is refused before anything is made of it', async (_, edit, says) => {
    expect(await problemOf(await boxWith(edit))).toMatch(says);
  });

  const repeat = (g: Gltf, times: number) => {
    g.nodes = Array.from({ length: times }, () => ({ mesh: 0 }));
    g.scenes[0]!.nodes = g.nodes.map((_, i) => i);
  };
  const deepen = (g: Gltf, depth: number) => {
    g.nodes = Array.from({ length: depth }, (_, i) => (i + 1 < depth ? { children: [i + 1] } : { mesh: 0 }));
    g.scenes[0]!.nodes = [0];
  };

  it('a description that is no object is refused', async () => {
    for (const json of ['null', '[]', '7', '"x"']) {
      const whole = await boxGlb();
      const length = new DataView(whole).getUint32(12, true);
      new Uint8Array(whole, 20, length).fill(0x20).set(new TextEncoder().encode(json));
      expect(await problemOf(whole)).toMatch(/description is no object/);
    }
  });

  it('what is beside the shapes is left out: pictures, skins, movements, lamps', async () => {
    const laden = await boxWith((g) => {
      Object.assign(g, {
        images: [{ uri: 'http://example.test/x.png' }],
        textures: [{ source: 0 }],
        materials: [{ extensions: { KHR_materials_odd: {} } }],
        animations: [{ channels: 'many' }],
        skins: 'none',
        extensionsUsed: ['KHR_materials_odd', 'KHR_lights_punctual'],
      });
      g.meshes[0]!.primitives[0]!.material = 0;
      g.meshes[0]!.primitives[0]!.targets = [{ POSITION: 999 }];
      g.nodes[0]!.skin = 3;
      g.nodes[0]!.extensions = { KHR_lights_punctual: { light: 0 } };
    });
    const result = await parseGlb(laden, asFile);
    expect(result).toMatchObject({ ok: true, parts: [{ name: 'crate' }] });
  });

  it('whatever bytes are turned over, it is read or refused, and never thrown', async () => {
    const whole = new Uint8Array(await boxGlb());
    let seed = 11;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    let refused = 0;
    for (let round = 0; round < ROUNDS; round++) {
      const bytes = whole.slice();
      for (let i = 0; i < 1 + random() * 6; i++)
        bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
      const result = await parseGlb(bytes.buffer, asFile);
      if (!result.ok) refused++;
      else for (const part of result.parts) expect(part.mesh.positions.every(Number.isFinite)).toBe(true);
    }
    expect(refused).toBeGreaterThan(ROUNDS / 8);
    expect(refused).toBeLessThan(ROUNDS);
  });
});
