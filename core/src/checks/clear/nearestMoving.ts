import { movingAgainst } from '../../clearance/movingAgainst';
import type { CarrierScene } from '../../evaluation/carrierScene';
import { seenIn, type Sightlines } from '../../evaluation/sightlines';

export interface NearestMoving {
  readonly partName: string;
  readonly distanceM: number;
  readonly stanceName: string;
}

const movingOf = new WeakMap<CarrierScene, Map<string, ReadonlySet<string>>>();

function moving(scene: CarrierScene, partId: string): ReadonlySet<string> {
  const known = movingOf.get(scene) ?? new Map<string, ReadonlySet<string>>();
  movingOf.set(scene, known);
  const kept = known.get(partId);
  if (kept) return kept;
  const ids = movingAgainst(
    scene.setUpRig,
    scene.ridden.map((p) => p.rig),
    partId,
  );
  known.set(partId, ids);
  return ids;
}

const found = new WeakMap<Sightlines, { readonly near: NearestMoving | null }>();

/**
 * What of all that moves against the spot's part comes nearest to the lens, over the stances: the least distance in its visibility
 * cubes. Coarse: hidden things and the sweeps between stances are left to the exact check.
 */
export function nearestMoving(sightlines: Sightlines, partId: string): NearestMoving | null {
  const known = found.get(sightlines);
  if (known) return known.near;
  const ids = moving(sightlines.scene, partId);
  let near: NearestMoving | null = null;
  for (const posed of sightlines.scene.ridden) {
    const { parts, cube } = seenIn(sightlines, posed);
    const counts = parts.map((p) => ids.has(p.id));
    let best: number = near?.distanceM ?? Infinity;
    let of = -1;
    for (let i = 0; i < cube.part.length; i++) {
      const part = cube.part[i]!;
      if (part < 0 || !counts[part] || cube.distanceM[i]! >= best) continue;
      best = cube.distanceM[i]!;
      of = part;
    }
    if (of >= 0) near = { partName: parts[of]!.name, distanceM: best, stanceName: posed.stance.name };
  }
  found.set(sightlines, { near });
  return near;
}
