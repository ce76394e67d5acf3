import { meshBounds, surfaceArea, type Mesh } from './mesh';

/** Cells along an axis at most: numbers of cells stay whole numbers that are told apart. */
const SIDE = 2 ** 17;

const known = new WeakMap<Mesh, Map<number, Mesh>>();

/**
 * The same shape with fewer triangles, for looking from afar: corners within one cell of a grid become one, and triangles that
 * shrink to a line go (vertex clustering: Rossignac & Borrel 1993). No corner moves by more than the cell's diagonal. Kept with the mesh.
 */
export function coarseMesh(mesh: Mesh, cellM: number): Mesh {
  const made = known.get(mesh) ?? new Map<number, Mesh>();
  known.set(mesh, made);
  const kept = made.get(cellM);
  if (kept) return kept;
  const coarse = cluster(mesh, cellM);
  made.set(cellM, coarse);
  return coarse;
}

/** Grids that are tried, metres; and the share of its surface that a shape must keep on one coarser than FINE_M: what is thin stays on that. */
const LEVELS_M = [0.005, 0.01, 0.015, 0.02, 0.025, 0.035, 0.05, 0.08] as const;
const FINE_M = 0.01;
const KEEPS = 0.8;
const levels = new WeakMap<Mesh, readonly Mesh[]>();

/** The coarsest of a few grids that is no wider than what can be told apart from where it is looked at; the mesh itself near by. */
export function meshFromAfar(mesh: Mesh, widthM: number): Mesh {
  if (widthM < LEVELS_M[0]) return mesh;
  const made = levels.get(mesh) ?? levelsOf(mesh);
  levels.set(mesh, made);
  let level = 0;
  while (level + 1 < made.length && widthM >= LEVELS_M[level + 1]!) level++;
  return made[level]!;
}

function levelsOf(mesh: Mesh): readonly Mesh[] {
  const least = KEEPS * surfaceArea(mesh);
  const kept: Mesh[] = [];
  for (const cellM of LEVELS_M) {
    const next = coarseMesh(mesh, cellM);
    if (cellM > FINE_M && surfaceArea(next) < least) break;
    kept.push(next);
  }
  return kept;
}

function cluster({ positions, indices, ...rest }: Mesh, cellM: number): Mesh {
  const { min } = meshBounds({ positions, indices, ...rest });
  const cells = new Map<number, number>();
  const sums: number[] = [];
  const of = new Uint32Array(positions.length / 3);
  for (let i = 0; i < of.length; i++) {
    const x = Math.floor((positions[i * 3]! - min[0]) / cellM);
    const y = Math.floor((positions[i * 3 + 1]! - min[1]) / cellM);
    const z = Math.floor((positions[i * 3 + 2]! - min[2]) / cellM);
    const key = (x * SIDE + y) * SIDE + z;
    let cell = cells.get(key);
    if (cell === undefined) {
      cell = cells.size;
      cells.set(key, cell);
      sums.push(0, 0, 0, 0);
    }
    of[i] = cell;
    for (let k = 0; k < 3; k++) sums[cell * 4 + k]! += positions[i * 3 + k]!;
    sums[cell * 4 + 3]!++;
  }
  const left: number[] = [];
  for (let t = 0; t < indices.length; t += 3) {
    const [a, b, c] = [of[indices[t]!]!, of[indices[t + 1]!]!, of[indices[t + 2]!]!];
    if (a !== b && b !== c && c !== a) left.push(a, b, c);
  }
  const middle = Float32Array.from({ length: cells.size * 3 }, (_, i) => {
    const cell = Math.floor(i / 3);
    return sums[cell * 4 + (i % 3)]! / sums[cell * 4 + 3]!;
  });
  return { positions: middle, indices: Uint32Array.from(left) };
}
