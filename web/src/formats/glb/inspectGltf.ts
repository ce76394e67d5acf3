/** More than any carrier needs, little enough to stay quick. */
export const GLB_LIMITS = {
  bytes: 30_000_000,
  triangles: 400_000,
  parts: 200,
  nodes: 5_000,
  depth: 60,
  largestM: 200,
  smallestM: 0.02,
} as const;

type Json = Record<string, unknown>;
const isRecord = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

/** Bytes to one component, by the format's codes. */
const COMPONENT_BYTES: Readonly<Record<number, number>> = { 5120: 1, 5121: 1, 5122: 2, 5123: 2, 5125: 4, 5126: 4 };
const COMPONENTS: Readonly<Record<string, number>> = {
  SCALAR: 1,
  VEC2: 2,
  VEC3: 3,
  VEC4: 4,
  MAT2: 4,
  MAT3: 9,
  MAT4: 16,
};
/** Ways of joining corners to triangles: list, strip, fan. */
const TRIANGLE_MODES: readonly unknown[] = [undefined, 4, 5, 6];

class Damaged extends Error {}

/**
 * What a file's description promises, before anything of it is expanded: a few bytes can ask for gigabytes.
 * @returns why it is not read; null where nothing speaks against it
 */
export function gltfProblem(gltf: unknown): string | null {
  try {
    return look(gltf);
  } catch (error) {
    if (!(error instanceof Damaged)) throw error;
    return `The file is damaged: ${error.message}.`;
  }
}

function look(gltf: unknown): string | null {
  if (!isRecord(gltf)) throw new Damaged('its description is no object');
  for (const list of ['accessors', 'bufferViews', 'buffers', 'meshes', 'nodes', 'scenes']) {
    if (gltf[list] !== undefined && !Array.isArray(gltf[list])) throw new Damaged(`its "${list}" is no list`);
    if (!listOf(gltf[list]).every(isRecord)) throw new Damaged(`its "${list}" holds something that is none`);
  }
  const needed = listOf(gltf.extensionsRequired).filter((e) => /draco|meshopt/i.test(String(e)));
  if (needed.length > 0) return `The file is compressed (${needed.join(', ')}): save it uncompressed.`;
  if (listOf(gltf.buffers).some((buffer) => (buffer as Json).uri !== undefined)) {
    return 'The file refers to other files: save it as one GLB with everything in it.';
  }
  const nodes = listOf(gltf.nodes) as readonly Json[];
  if (nodes.length > GLB_LIMITS.nodes) {
    return `The file has ${nodes.length} nodes; at most ${GLB_LIMITS.nodes} are read: join some.`;
  }
  const uses = usesOfMeshes(gltf, nodes);
  const meshes = listOf(gltf.meshes) as readonly Json[];
  let [triangles, parts] = [0, 0];
  for (const [mesh, times] of uses) {
    const drawn = listOf(meshes[mesh]?.primitives).filter(
      (p): p is Json => isRecord(p) && TRIANGLE_MODES.includes(p.mode),
    );
    parts += drawn.length * times;
    for (const primitive of drawn) triangles += (times * cornersOf(gltf, primitive)) / 3;
  }
  if (parts === 0) return 'There is no surface in this file.';
  if (parts > GLB_LIMITS.parts) return `The file has ${parts} parts; at most ${GLB_LIMITS.parts} are read: join some.`;
  if (triangles > GLB_LIMITS.triangles) {
    return `The file has ${Math.round(triangles)} triangles; at most ${GLB_LIMITS.triangles} are read: simplify it.`;
  }
  return null;
}

/** How many times the scene shows each mesh. */
function usesOfMeshes(gltf: Json, nodes: readonly Json[]): ReadonlyMap<number, number> {
  const scenes = listOf(gltf.scenes) as readonly Json[];
  const scene = scenes[typeof gltf.scene === 'number' ? gltf.scene : 0];
  if (!scene) throw new Damaged('it has no scene');
  const uses = new Map<number, number>();
  const seen = new Set<unknown>();
  let level: readonly unknown[] = listOf(scene.nodes);
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > GLB_LIMITS.depth) throw new Damaged(`its nodes lie more than ${GLB_LIMITS.depth} deep in each other`);
    for (const at of level) {
      if (seen.has(at)) throw new Damaged('a node hangs in two places, or in itself');
      seen.add(at);
      const node = nodes[at as number];
      if (!node) throw new Damaged(`it names node ${String(at)}, which is not there`);
      if (node.mesh !== undefined) uses.set(Number(node.mesh), (uses.get(Number(node.mesh)) ?? 0) + 1);
    }
    level = level.flatMap((at) => listOf(nodes[at as number]?.children));
  }
  return uses;
}

/** Corners that a primitive is drawn with; its lists must lie within what there is. */
function cornersOf(gltf: Json, primitive: Json): number {
  if (!isRecord(primitive.attributes)) throw new Damaged('a surface has no points');
  const points = countOf(gltf, primitive.attributes.POSITION, 'VEC3');
  return primitive.indices === undefined ? points : countOf(gltf, primitive.indices, 'SCALAR');
}

function countOf(gltf: Json, at: unknown, type: string): number {
  const accessor = listOf(gltf.accessors)[at as number] as Json | undefined;
  if (!accessor || accessor.type !== type) throw new Damaged('a surface names a list of points that is not there');
  const { count, componentType, bufferView, byteOffset = 0, sparse } = accessor;
  if (sparse !== undefined) throw new Damaged('a list of points is told by what it differs in, which is not read');
  if (typeof count !== 'number' || !Number.isInteger(count) || count < 1)
    throw new Damaged('a list of points is empty');
  const view = listOf(gltf.bufferViews)[bufferView as number] as Json | undefined;
  const bytes = COMPONENT_BYTES[componentType as number];
  if (!view || bytes === undefined) throw new Damaged('a list of points lies nowhere');
  const item = bytes * (COMPONENTS[type] ?? 1);
  const stride = typeof view.byteStride === 'number' ? view.byteStride : item;
  if (Number(byteOffset) + stride * (count - 1) + item > Number(view.byteLength)) {
    throw new Damaged('a list of points is longer than what there is of it');
  }
  const buffer = listOf(gltf.buffers)[Number(view.buffer)] as Json | undefined;
  if (!buffer || Number(view.byteOffset ?? 0) + Number(view.byteLength) > Number(buffer.byteLength)) {
    throw new Damaged('a list of points lies beyond the end');
  }
  return count;
}

/** The description with shapes and places alone: pictures, movements and whatever else is added is not needed, and not every place can read it. */
export function shapesAlone(gltf: Json): Json {
  const { asset, scene, scenes, nodes, meshes, accessors, bufferViews, buffers } = gltf;
  return {
    asset,
    scene,
    scenes,
    accessors,
    bufferViews,
    buffers,
    nodes: listOf(nodes).map((node) => {
      const { skin, camera, weights, extensions, extras, ...rest } = node as Json;
      void [skin, camera, weights, extensions, extras];
      return rest;
    }),
    meshes: listOf(meshes).map((mesh) => {
      const { name, primitives } = mesh as Json;
      return {
        name: typeof name === 'string' ? name : undefined,
        primitives: listOf(primitives)
          .filter((p): p is Json => isRecord(p) && TRIANGLE_MODES.includes(p.mode))
          .map(({ attributes, indices, mode }) => ({
            attributes: { POSITION: (attributes as Json | undefined)?.POSITION },
            indices,
            mode,
          })),
      };
    }),
  };
}
