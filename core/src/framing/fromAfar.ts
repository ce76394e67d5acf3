import { meshFromAfar } from '../geometry/coarseMesh';
import type { Mesh } from '../geometry/mesh';
import { transformPoint } from '../geometry/pose';
import { distance, type Vec3 } from '../geometry/vec3';
import type { PosedPart } from '../rig/types';
import { patchesOf } from './patches';

const coarser = new WeakMap<PosedPart, Map<Mesh, PosedPart>>();

/** Kept with the part: it is asked for from every place. */
function withMesh(part: PosedPart, mesh: Mesh): PosedPart {
  const known = coarser.get(part) ?? new Map<Mesh, PosedPart>();
  coarser.set(part, known);
  const kept = known.get(mesh) ?? { ...part, mesh };
  known.set(mesh, kept);
  return kept;
}

/**
 * The same parts with fewer triangles where they are far enough for a coarse picture.
 * @param toldApart width that is told apart, as a share of the distance
 */
export const partsFromAfar = (parts: readonly PosedPart[], from: Vec3, toldApart: number): readonly PosedPart[] =>
  parts.map((part) => {
    const { centre, radiusM } = patchesOf(part.mesh);
    const away = distance(transformPoint(part.worldFromPart, centre), from) - radiusM;
    const mesh = meshFromAfar(part.mesh, away * toldApart);
    return mesh === part.mesh ? part : withMesh(part, mesh);
  });
