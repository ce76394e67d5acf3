import { bodySegments, isOthers, resolveRig, type Outing, type OutingCarrier } from '@strut-spot/core';

/** Names of the shots from a carrier whose spot would be gone if its rig were this. */
export function strandedShots(outing: Outing, carrierId: string, rig: OutingCarrier['rig']): readonly string[] {
  const { machine, worn, fit } = resolveRig(rig);
  const body = bodySegments(rig.statureM);
  const onMachine = machine.spots(fit, body).filter(({ partId }) => !rig.alone || !isOthers(partId));
  const kept = new Set([...worn.flatMap((w) => w.spots(body)), ...onMachine, ...(rig.ownSpots ?? [])].map((s) => s.id));
  return outing.shots.filter((s) => s.carrierId === carrierId && !kept.has(s.setUp.spotId)).map((s) => s.name);
}
