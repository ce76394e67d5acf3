import { INTENTS } from '../../../../catalog/index.generated';
import { isMissingShape, resolveRig } from '../../../posing/lookup/resolveRig';
import { poseRig } from '../../../posing/rig/poseRig';
import { placedSpots } from '../../../posing/rig/spots';
import { resolvePieces } from '../../../posing/strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { SetUp } from '../../../words/setUp/setUp';
import { plainMessage } from './readDocument';

const saying = (where: string, look: () => unknown): string[] => {
  try {
    look();
    return [];
  } catch (error) {
    return [`${where}: ${plainMessage(error)}.`];
  }
};

/** What a rig names that this catalogue lacks. */
export function rigProblems(rig: RigSpec, where: string): string[] {
  const missing = [rig.machineId, rig.subject?.machineId].find((id) => id !== undefined && isMissingShape(id));
  if (missing !== undefined) {
    return [
      `${where}: it is of somebody's own shape, which is not here (${missing}): bring its model in under Carriers first.`,
    ];
  }
  return saying(where, () => {
    resolveRig(rig);
    if (rig.subject) resolveRig({ ...rig, machineId: rig.subject.machineId, wornIds: [] });
    poseRig(rig, SET_UP_STANCE_ID);
    placedSpots(rig);
  });
}

/** What a set-up names that its rig or the kit lack. A spot of the user's own that has lost its place is no reason to refuse it. */
export const setUpProblems = (rig: RigSpec, setUp: SetUp, where: string): string[] => {
  const own = (rig.ownSpots ?? []).some((spot) => spot.id === setUp.spotId);
  const spots = placedSpots(rig).map((p) => p.spot.id);
  const lacks =
    own || spots.includes(setUp.spotId)
      ? []
      : [`${where}: no spot "${setUp.spotId}" on this carrier (there are ${spots.join(', ')}).`];
  return [...lacks, ...saying(where, () => resolvePieces(rig, setUp))];
};

export const intentProblems = (intentId: string, where: string): string[] =>
  INTENTS.some((intent) => intent.id === intentId) ? [] : [`${where}: no intent "${intentId}".`];

export const stanceProblems = (rig: RigSpec, stanceId: string, where: string): string[] =>
  resolveRig(rig).machine.stances.some((s) => s.id === stanceId) ? [] : [`${where}: no stance "${stanceId}".`];
