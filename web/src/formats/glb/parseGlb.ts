import { meshBounds, openEdgeCount, type Mesh as CoreMesh, type OwnShape } from '@strut-spot/core';
import { Matrix4, Mesh, type BufferGeometry } from 'three';
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';
import { GLB_LIMITS, gltfProblem, shapesAlone } from './inspectGltf';

export type Axis = '+x' | '-x' | '+y' | '-y' | '+z' | '-z';

/** How the file's coordinates are meant. The format itself says metres and +y up; many files say otherwise. */
export interface GlbReading {
  /** Metres to one unit of the file. */
  readonly metresPerUnit: number;
  readonly up: Axis;
  readonly ahead: Axis;
}

export type GlbResult =
  | { readonly ok: true; readonly parts: OwnShape['parts']; readonly sizeM: readonly number[]; readonly open: number }
  | { readonly ok: false; readonly problem: string };

const refuse = (problem: string): GlbResult => ({ ok: false, problem });

const VECTORS: Record<Axis, readonly [number, number, number]> = {
  '+x': [1, 0, 0],
  '-x': [-1, 0, 0],
  '+y': [0, 1, 0],
  '-y': [0, -1, 0],
  '+z': [0, 0, 1],
  '-z': [0, 0, -1],
};

/** Turns the file's axes into +x ahead, +y up, +z right; null where ahead and up are on one line. */
function machineFromFile({ metresPerUnit: k, up, ahead }: GlbReading): Matrix4 | null {
  const a = VECTORS[ahead];
  const u = VECTORS[up];
  if (a[0] * u[0] + a[1] * u[1] + a[2] * u[2] !== 0) return null;
  const r = [a[1] * u[2] - a[2] * u[1], a[2] * u[0] - a[0] * u[2], a[0] * u[1] - a[1] * u[0]];
  return new Matrix4().set(
    a[0] * k, a[1] * k, a[2] * k, 0,
    u[0] * k, u[1] * k, u[2] * k, 0,
    r[0]! * k, r[1]! * k, r[2]! * k, 0,
    0, 0, 0, 1,
  ); // prettier-ignore
}

/** What the first bytes say it is. */
function headerProblem(bytes: ArrayBuffer): string | null {
  if (bytes.byteLength > GLB_LIMITS.bytes) {
    return `The file has ${(bytes.byteLength / 1e6).toFixed(1)} MB; at most ${GLB_LIMITS.bytes / 1e6} MB are read.`;
  }
  const view = new DataView(bytes);
  if (bytes.byteLength < 20 || view.getUint32(0, true) !== 0x46546c67) {
    return 'This is not a GLB file (binary glTF): it does not begin with "glTF".';
  }
  const version = view.getUint32(4, true);
  if (version !== 2) return `This GLB is of version ${version}; version 2 is read.`;
  const said = view.getUint32(8, true);
  if (said > bytes.byteLength) {
    return `The file is cut off: it should have ${said} bytes, there are ${bytes.byteLength}.`;
  }
  return null;
}

/** The file with shapes and places alone, or why it is not read. */
function plainShapes(bytes: ArrayBuffer): ArrayBuffer | string {
  const view = new DataView(bytes);
  const jsonLength = view.getUint32(12, true);
  if (view.getUint32(16, true) !== 0x4e4f534a || 20 + jsonLength > bytes.byteLength) {
    return 'The file is damaged: its description (JSON chunk) is missing.';
  }
  let gltf: unknown;
  try {
    gltf = JSON.parse(new TextDecoder().decode(new Uint8Array(bytes, 20, jsonLength)));
  } catch {
    return 'The file is damaged: its description cannot be read as JSON.';
  }
  const problem = gltfProblem(gltf);
  if (problem) return problem;
  const text = new TextEncoder().encode(JSON.stringify(shapesAlone(gltf as Record<string, unknown>)));
  const padded = Math.ceil(text.length / 4) * 4;
  const rest = new Uint8Array(bytes, 20 + jsonLength);
  const out = new Uint8Array(20 + padded + rest.length).fill(0x20, 20, 20 + padded);
  const head = new DataView(out.buffer);
  head.setUint32(0, 0x46546c67, true);
  head.setUint32(4, 2, true);
  head.setUint32(8, out.length, true);
  head.setUint32(12, padded, true);
  head.setUint32(16, 0x4e4f534a, true);
  out.set(text, 20);
  out.set(rest, 20 + padded);
  return out.buffer;
}

function meshOf(geometry: BufferGeometry, matrix: Matrix4): CoreMesh | null {
  const position = geometry.getAttribute('position') as { count: number } | undefined;
  if (!position || position.count < 3) return null;
  const moved = geometry.clone().applyMatrix4(matrix);
  const at = moved.getAttribute('position');
  const positions = new Float32Array(at.count * 3);
  for (let i = 0; i < at.count; i++) positions.set([at.getX(i), at.getY(i), at.getZ(i)], i * 3);
  const index = moved.getIndex();
  const indices = index
    ? Uint32Array.from({ length: index.count }, (_, i) => index.getX(i))
    : Uint32Array.from({ length: at.count - (at.count % 3) }, (_, i) => i);
  return indices.length >= 3 ? weld({ positions, indices }) : null;
}

/** Corners at one place become one point, so that a closed surface is closed. */
function weld({ positions, indices }: CoreMesh): CoreMesh {
  const known = new Map<string, number>();
  const points: number[] = [];
  const at = (i: number): number => {
    const p = [0, 1, 2].map((k) => positions[i * 3 + k]!);
    const key = p.map((v) => Math.round(v * 1e5)).join();
    let index = known.get(key);
    if (index === undefined) {
      known.set(key, (index = points.length / 3));
      points.push(...p);
    }
    return index;
  };
  const welded: number[] = [];
  for (let i = 0; i + 2 < indices.length; i += 3) {
    const [a, b, c] = [at(indices[i]!), at(indices[i + 1]!), at(indices[i + 2]!)];
    if (a !== b && b !== c && a !== c) welded.push(a, b, c);
  }
  return { positions: Float32Array.from(points), indices: Uint32Array.from(welded) };
}

/** Bytes of a GLB file to named parts in the machine frame, standing on the ground, or the reason why not. Never throws. */
export async function parseGlb(bytes: ArrayBuffer, reading: GlbReading): Promise<GlbResult> {
  try {
    return await read(bytes, reading);
  } catch (error) {
    return refuse(`The file is damaged: ${(error as Error).message}.`);
  }
}

async function read(bytes: ArrayBuffer, reading: GlbReading): Promise<GlbResult> {
  const header = headerProblem(bytes);
  if (header) return refuse(header);
  const turn = machineFromFile(reading);
  if (!turn) return refuse('Ahead and up are on one line: choose two different axes.');
  const plain = plainShapes(bytes);
  if (typeof plain === 'string') return refuse(plain);
  const { scene } = await new GLTFLoader().parseAsync(plain, '');
  scene.updateMatrixWorld(true);
  const found: { name: string; mesh: CoreMesh }[] = [];
  scene.traverse((object) => {
    if (!(object instanceof Mesh)) return;
    const mesh = meshOf(object.geometry as BufferGeometry, turn.clone().multiply(object.matrixWorld));
    if (mesh) found.push({ name: object.name || object.parent?.name || 'part', mesh });
  });
  if (found.length === 0) return refuse('There is no surface in this file.');
  if (found.some(({ mesh }) => !mesh.positions.every(Number.isFinite))) {
    return refuse('The file has points that are not numbers.');
  }
  const boxes = found.map(({ mesh }) => meshBounds(mesh));
  const low = [0, 1, 2].map((k) => Math.min(...boxes.map((b) => b.min[k as 0]!)));
  const high = [0, 1, 2].map((k) => Math.max(...boxes.map((b) => b.max[k as 0]!)));
  const sizeM = low.map((v, k) => high[k]! - v);
  const largest = Math.max(...sizeM);
  if (!(largest <= GLB_LIMITS.largestM && largest >= GLB_LIMITS.smallestM)) {
    return refuse(`It would be ${largest.toPrecision(3)} m long: choose another unit.`);
  }
  // Middle over the origin, lowest point on the ground.
  const shift = [-(low[0]! + high[0]!) / 2, -low[1]!, -(low[2]! + high[2]!) / 2];
  const names = new Map<string, number>();
  const parts = found.map(({ name, mesh }, i) => {
    const times = (names.get(name) ?? 0) + 1;
    names.set(name, times);
    const positions = mesh.positions.map((v, k) => v + shift[k % 3]!);
    return {
      id: `part${i + 1}`,
      name: (times > 1 ? `${name} ${times}` : name).slice(0, 80),
      mesh: { positions, indices: mesh.indices },
    };
  });
  return { ok: true, parts, sizeM, open: parts.filter((p) => openEdgeCount(p.mesh) > 0).length };
}
