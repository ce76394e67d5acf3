import {
  aimedSetUp,
  baseRefusal,
  heightsInBand,
  plainSetUp,
  intentOf,
  newShot,
  poseRig,
  rankSpots,
  kitWith,
  resolveRig,
  standardCamera,
  placedSpots,
  type OutingCarrier,
  type RigSpec,
  type SetUp,
} from '@strut-spot/core';

/** New shots and set-ups, and what fits where. */
export const settingUp = {
  newShot: (id: string, carrier: Pick<OutingCarrier, 'id' | 'ride'>, rig: RigSpec, intentId: string) =>
    newShot(id, carrier, rig, intentOf(intentId)),

  /** Scores of all spots for an intent, best first. */
  rank: (rig: RigSpec, intentId: string, actionStanceId: string) =>
    rankSpots(rig, intentOf(intentId), standardCamera(), actionStanceId).map(({ spotId, score, setUp, horizonAt }) => ({
      spotId,
      score,
      setUp,
      horizonAt,
    })),

  /** The plainest strut at a spot, aimed for the intent, with the camera and mode of another set-up; null when nothing fits. */
  startAt(
    rig: RigSpec,
    intentId: string,
    actionStanceId: string,
    horizonAt: number | null,
    spotId: string,
    like: SetUp,
  ) {
    const intent = intentOf(intentId);
    const plain = plainSetUp(rig, spotId, {
      cameraId: like.cameraId,
      modeId: like.modeId,
      stabiliserId: like.stabiliserId,
    });
    const height = intent.horizonBand ? (horizonAt ?? heightsInBand(intent.horizonBand)[0]!) : null;
    return plain && (aimedSetUp(rig, plain, intent, actionStanceId, height) ?? plain);
  },

  /** Why bases of the kit cannot go on a spot, by base id; null where they can. */
  baseRefusals(rig: RigSpec, spotId: string): Record<string, string | null> {
    const surface = placedSpots(rig).find((p) => p.spot.id === spotId)!.spot.surface;
    return Object.fromEntries(kitWith(rig.ownKit).bases.map((base) => [base.id, baseRefusal(base, surface)]));
  },

  /** Contacts out of reach, by the stances asked for. */
  reachProblems: (rig: RigSpec, stanceIds: readonly string[]) =>
    stanceIds.flatMap((stanceId) => {
      const stance = resolveRig(rig).machine.stances.find((s) => s.id === stanceId)!.name;
      return poseRig(rig, stanceId).problems.map((problem) => ({ stance, ...problem }));
    }),
};
