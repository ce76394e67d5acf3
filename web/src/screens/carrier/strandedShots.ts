import { bodySegments, resolveRig, type Outing, type OutingCarrier } from '@strut-spot/core';

/** Names of the shots from a carrier whose spot would be gone if its rig were this. */
export function strandedShots(outing: Outing, carrierId: string, rig: OutingCarrier['rig']): readonly string[] {
  const { machine, worn } = resolveRig(rig);
  const body = bodySegments(rig.statureM);
  const kept = new Set(
    [...worn.flatMap((w) => w.spots(body)), ...machine.spots(rig.fit, body), ...(rig.ownSpots ?? [])].map((s) => s.id),
  );
  return outing.shots.filter((s) => s.carrierId === carrierId && !kept.has(s.setUp.spotId)).map((s) => s.name);
}
