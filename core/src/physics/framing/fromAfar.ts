import { meshFromAfar } from '../../mathematics/geometry/coarseMesh';
import type { Mesh } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';
import { patchesOf } from './patches';

/** A part's ball in the world, and the part with fewer triangles; kept with the part, which is asked for from every place. */
interface Seen {
  readonly centre: Vec3;
  readonly radiusM: number;
  readonly coarser: Map<Mesh, PosedPart>;
}

const known = new WeakMap<PosedPart, Seen>();

function seenOf(part: PosedPart): Seen {
  const kept = known.get(part);
  if (kept) return kept;
  const { centre, radiusM } = patchesOf(part.mesh);
  const made = { centre: transformPoint(part.worldFromPart, centre), radiusM, coarser: new Map<Mesh, PosedPart>() };
  known.set(part, made);
  return made;
}

/**
 * The same parts with fewer triangles where they are far enough for a coarse picture.
 * @param toldApart width that is told apart, as a share of the distance
 */
export const partsFromAfar = (parts: readonly PosedPart[], from: Vec3, toldApart: number): readonly PosedPart[] =>
  parts.map((part) => {
    const { centre, radiusM, coarser } = seenOf(part);
    const mesh = meshFromAfar(part.mesh, (distance(centre, from) - radiusM) * toldApart);
    if (mesh === part.mesh) return part;
    const kept = coarser.get(mesh) ?? { ...part, mesh };
    coarser.set(mesh, kept);
    return kept;
  });
