import { allPieces, kitWith } from '../../posing/lookup/kit';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { ownedAsCounted, piecesShort, type PieceCounts } from '../outing/kitUse';
import { rigOfShot } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';

/** Shots that are filmed in one go, each with a camera of its own. */
export type Lap = readonly Shot[];

/** Whether a shot is one of those that cost a walk: placed, passed and collected. */
export const isBeside = (outing: Outing, shot: Shot): boolean =>
  resolveRig(rigOfShot(outing, shot)).machine.passing !== undefined;

/**
 * Shots put into laps: what is filmed from one carrier at one time of the day, with a camera each, each on a place of its own, is ridden once,
 * as far as there is kit for it.
 */
export function lapsOf(outing: Outing, shots: readonly Shot[], counts: PieceCounts): readonly Lap[] {
  const owned = ownedAsCounted(
    kitWith(outing.ownKit).cameras.map(({ id }) => id),
    counts,
  );
  const laps: Shot[][] = [];
  for (const shot of shots) {
    const fits = (lap: readonly Shot[]) =>
      lap[0]!.carrierId === shot.carrierId &&
      lap[0]!.actionStanceId === shot.actionStanceId &&
      (lap[0]!.hour?.at ?? '') === (shot.hour?.at ?? '') &&
      lap.every((other) => other.setUp.spotId !== shot.setUp.spotId) &&
      piecesShort(owned, [...lap, shot]).length === 0;
    const lap = isBeside(outing, shot) ? undefined : laps.find(fits);
    if (lap) lap.push(shot);
    else laps.push([shot]);
  }
  return laps;
}

/** What is filmed apart only because a piece that was counted is short. */
export function whyApart(outing: Outing, shots: readonly Shot[], counts: PieceCounts): readonly string[] {
  const kit = kitWith(outing.ownKit);
  const cameraIds = kit.cameras.map(({ id }) => id);
  const ofCameras = Object.fromEntries(Object.entries(counts).filter(([id]) => cameraIds.includes(id)));
  const together = lapsOf(outing, shots, ofCameras);
  const fewer = lapsOf(outing, shots, counts).length - together.length;
  if (fewer <= 0) return [];
  const most = new Map<string, number>();
  const owned = ownedAsCounted(cameraIds, counts);
  for (const lap of together)
    for (const { pieceId, needed } of piecesShort(owned, lap))
      most.set(pieceId, Math.max(needed, most.get(pieceId) ?? 0));
  const named = allPieces(kit).flatMap(({ id, name }) => {
    const needed = most.get(id);
    return needed === undefined ? [] : [`${needed} of: ${name.toLowerCase()} (${owned(id)} in the box)`];
  });
  return [`${fewer} ${fewer === 1 ? 'lap' : 'laps'} fewer with ${named.join(', ')}.`];
}
