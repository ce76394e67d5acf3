import {
  carrierScene,
  counterpartShot,
  INTENTS,
  notOnThis,
  aimedSetUp,
  asRidden,
  stanceLeavingFree,
  baseRefusal,
  intentAsked,
  plainSetUp,
  intentOf,
  newShot,
  poseRig,
  bestShownSteps,
  kitWith,
  lostSpots,
  whyUnplaced,
  resolveRig,
  cameraFor,
  wantedHorizon,
  type ShotQuestion,
  placedSpot,
  type OutingCarrier,
  type RigSpec,
  type SetUp,
  type Shot,
  armFeet,
  armWays,
  armsRefusal,
  othersAboard,
  poseStrut,
  resolveSetUp,
  SET_UP_STANCE_ID,
  standingArms,
  steadiestArm,
  tetherAnchors,
} from '@strut-spot/core';
import { inSlices } from './inSlices';

/** A picture of what a kind of shot means waits for those that are looked at already. */
const LOOKED_EVERY_MS = 8;

/** New shots and set-ups, and what fits where. */
export const settingUp = {
  newShot: (id: string, carrier: Pick<OutingCarrier, 'id' | 'ride'>, rig: RigSpec, intentId: string) =>
    newShot(id, carrier, rig, { intent: intentOf(intentId) }),

  /** The same camera once more, filming the other way on the same ride. */
  counterpartShot: (id: string, carrier: Pick<OutingCarrier, 'id' | 'ride'>, rig: RigSpec, shot: Shot) =>
    counterpartShot(id, carrier, rig, shot),

  /** What shows an intent best on a carrier; null where nothing does. */
  async bestShown(rig: RigSpec, intentId: string, actionStanceId: string): Promise<SetUp | null> {
    const intent = intentOf(intentId);
    const steps = bestShownSteps(rig, intent, cameraFor(intent), actionStanceId);
    const best = await inSlices(steps, { everyMs: LOOKED_EVERY_MS, behind: true });
    return best?.setUp ?? null;
  },

  /**
   * The plainest strut at another spot, aimed for what is asked, with the camera and mode of the present one; null when nothing fits. What holds on
   * to something carries no camera: the stance that leaves it free comes along.
   */
  startAt(question: ShotQuestion, spotId: string) {
    const { cameraId, modeId, stabiliserId } = question.setUp;
    const plain = plainSetUp(question.rig, spotId, { cameraId, modeId, stabiliserId });
    if (!plain) return null;
    const onlyIn = stanceLeavingFree(question, placedSpot(question.rig, spotId)!.spot);
    const { rig, actionStanceId } = asRidden(question, onlyIn);
    const height = wantedHorizon(question)?.height ?? null;
    return { setUp: aimedSetUp(rig, plain, intentAsked(question), actionStanceId, height) ?? plain, onlyIn };
  },

  /** Why bases of the kit cannot go on a spot, by base id; null where they can. */
  baseRefusals(rig: RigSpec, spotId: string): Record<string, string | null> {
    const surface = placedSpot(rig, spotId)!.spot.surface;
    return Object.fromEntries(kitWith(rig.ownKit).bases.map((base) => [base.id, baseRefusal(base, surface)]));
  },

  /** How the arms beside the first stand: how long each is, the ways in which their bases are measured, and why they do not go. */
  furtherArms(rig: RigSpec, setUp: SetUp) {
    const resolved = resolveSetUp(rig, setUp);
    const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
    const pose = poseStrut(resolved, setUpRig, setUpRig);
    const standing = standingArms(resolved, pose);
    return {
      lengthsM: resolved.furtherArms.map((arm) => standing.find((s) => s.arm === arm)?.lengthM ?? null),
      ways: resolved.furtherArms.map(({ use }) =>
        armWays(rig, (use.spotId !== undefined && placedSpot(rig, use.spotId)) || resolved.placed),
      ),
      refusal: armsRefusal(rig, resolved),
      /** Why bases cannot go under each, by their ids. */
      baseRefusals: resolved.furtherArms.map(({ stands }) =>
        Object.fromEntries(
          'lost' in stands
            ? []
            : kitWith(rig.ownKit).bases.map((base) => [base.id, baseRefusal(base, stands.surface)] as const),
        ),
      ),
      feet: armFeet(rig, resolved),
    };
  },

  /** How many usually come along. */
  othersAboard: (rig: RigSpec) => othersAboard(rig),

  /** What is near enough to tie the camera to, the nearest first. */
  tetherAnchors: (rig: RigSpec, setUp: SetUp) => tetherAnchors(rig, resolveSetUp(rig, setUp)),

  /** One more arm where it makes the camera give least; null where none goes. */
  steadiestArm: (rig: RigSpec, setUp: SetUp) => steadiestArm(rig, setUp),

  /** Kinds of shots that make no sense on a rig, with the reason, by their ids. */
  notOffered(rig: RigSpec): Readonly<Record<string, string>> {
    const { machine } = resolveRig(rig);
    const scene = carrierScene(rig, machine.actionStanceId);
    return Object.fromEntries(
      INTENTS.flatMap((intent) => {
        const because = notOnThis(intent, machine, scene);
        return because ? [[intent.id, because] as const] : [];
      }),
    );
  },

  whyUnplaced: (rig: RigSpec, spotId: string) => whyUnplaced(rig, spotId),

  /** Spots of the user's own that have no place on the rig as it is. */
  lostSpots: (rig: RigSpec) => lostSpots(rig),

  /** Of some spots those that have a place on a rig and would have none on it after a change. */
  strandedBy: (rig: RigSpec, changed: RigSpec, spotIds: readonly string[]) =>
    spotIds.filter((id) => whyUnplaced(rig, id) === null && whyUnplaced(changed, id) !== null),

  /** Contacts out of reach, by the stances asked for. */
  reachProblems: (rig: RigSpec, stanceIds: readonly string[]) =>
    stanceIds.flatMap((stanceId) => {
      const stance = resolveRig(rig).machine.stances.find((s) => s.id === stanceId)!.name;
      return poseRig(rig, stanceId).problems.map((problem) => ({ stance, ...problem }));
    }),
};
