import { filtersOf, kitWith } from '../../posing/lookup/kit';
import type { SetUp } from '../../words/setUp/setUp';
import type { Shot } from './records/shotRecord';

/** How many of a piece there are, by its id; Infinity = as many as it takes. */
export type Owned = (pieceId: string) => number;

/** Pieces that were counted in the box: how many there are, by id. */
export type PieceCounts = Readonly<Record<string, number>>;

/** What there is of each piece: of other pieces than cameras people have as many as it takes, unless they were counted. */
export const ownedAsCounted = (cameraIds: readonly string[], counts: PieceCounts): Owned => {
  const cameras = new Set(cameraIds);
  return (id) => counts[id] ?? (cameras.has(id) ? 1 : Infinity);
};

/** Every piece of a strut, as often as it is in it. */
const piecesOf = (setUp: SetUp): readonly string[] => [
  setUp.cameraId,
  setUp.baseId,
  setUp.headId,
  ...setUp.links.map((link) => link.linkId),
  ...(setUp.furtherArms ?? []).flatMap((arm) => [arm.baseId, arm.linkId, setUp.headId]),
  ...filtersOf(kitWith(), setUp).map(({ id }) => id),
  ...(setUp.addOnIds ?? []),
  ...(setUp.tether ? [setUp.tether.tetherId] : []),
];

/** How many of each piece all these shots take, rigged at the same time. */
export function piecesTaken(shots: readonly Pick<Shot, 'setUp'>[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const id of shots.flatMap((shot) => piecesOf(shot.setUp))) counts.set(id, (counts.get(id) ?? 0) + 1);
  return counts;
}

/** Of these pieces those that are left once the shots have theirs. */
export function piecesLeft(
  pieceIds: readonly string[],
  owned: Owned,
  shots: readonly Pick<Shot, 'setUp'>[],
): readonly string[] {
  const used = piecesTaken(shots);
  return pieceIds.filter((id) => owned(id) > (used.get(id) ?? 0));
}

/** What the shots lack when all of them are rigged at the same time. */
export const piecesShort = (
  owned: Owned,
  shots: readonly Pick<Shot, 'setUp'>[],
): readonly { readonly pieceId: string; readonly needed: number; readonly owned: number }[] =>
  [...piecesTaken(shots)]
    .map(([pieceId, needed]) => ({ pieceId, needed, owned: owned(pieceId) }))
    .filter((piece) => piece.needed > piece.owned);
