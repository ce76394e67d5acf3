import {
  advisedReport,
  cardContent,
  type ClipMarks,
  correctFromClip,
  densityInThirds,
  nearFocus,
  type SwingBand,
  findHorizon,
  lightOfDay,
  panTiltRollFromRotation,
  placedSpot,
  parseOuting,
  poseRig,
  poseStrut,
  resolveSetUp,
  ridesAlong,
  SET_UP_STANCE_ID,
  shakeIn,
  shakeQuestionOf,
  shakeScene,
  shotReport,
  sideElevation,
  trainerRounds,
  type Outing,
  type PixelPicture,
  type ReportOptions,
  type RigSpec,
  type SetUp,
  type Shot,
  type ShotQuestion,
  type UnitSystem,
} from '@strut-spot/core';

/** What the model says of how a picture shakes: rms pixels of 1080 lines. */
export interface ShakeModel {
  readonly jump: number;
  readonly jelly: number;
  readonly blur: number;
  readonly swings: readonly SwingBand[];
}

/** What is said of a shot, drawn of it and put onto its card. */
export const shots = {
  report: (question: ShotQuestion, options: ReportOptions = {}) => shotReport(question, options),

  /** With ranges, and mends that were tried. */
  advise: (question: ShotQuestion, options: ReportOptions = {}) => advisedReport(question, options),

  /** What the light does to it, half hour by half hour. */
  lightOfDay: (question: ShotQuestion) => lightOfDay(question),

  card: (outing: Outing, shot: Shot, units: UnitSystem) => cardContent(outing, shot, units),

  parseOuting: (text: string) => parseOuting(text),

  sideElevation: (rig: RigSpec, setUp: SetUp) => sideElevation(rig, setUp),

  /** The horizon in a still or frame of a test clip, looked for around where the set-up should point. */
  findHorizon({ rig, setUp, actionStanceId }: ShotQuestion, picture: PixelPicture) {
    const resolved = resolveSetUp(rig, setUp);
    const { rotation } = poseStrut(
      resolved,
      poseRig(rig, SET_UP_STANCE_ID),
      poseRig(rig, actionStanceId),
    ).worldFromCamera;
    return findHorizon(picture, resolved.lens, panTiltRollFromRotation(rotation));
  },

  /** Guesses to be made on somebody's carriers. */
  trainerRounds,

  /** Where in the picture rider and machine are. */
  ridesAlong,

  /** What the model says of shaking before clips taught anything; a measured log counts where there is one. */
  shakeModel(question: ShotQuestion, hasLog: boolean): ShakeModel {
    const { measured, ...asked } = shakeQuestionOf(question);
    const scene = shakeScene(hasLog && measured ? { ...asked, measured } : asked);
    const { jump, jelly, blur, spectra } = shakeIn(scene);
    const { framesPerSecond } = scene.resolved.mode;
    return { jump, jelly, blur, swings: densityInThirds(spectra.frequencyHz, spectra.figures.jump, framesPerSecond) };
  },

  /** A spot with the part that it is on; undefined where it is lost. */
  spotPlace: (rig: RigSpec, spotId: string) => {
    const found = placedSpot(rig, spotId);
    return found && { id: found.spot.id, partId: found.spot.partId };
  },

  /** Pixels of the picture that a shot gives. */
  pictureSize({ rig, setUp }: ShotQuestion) {
    const { widthPx, heightPx } = resolveSetUp(rig, setUp).lens;
    return { widthPx, heightPx };
  },

  /** How sharp a still is near and far. */
  nearFocus: (question: ShotQuestion, picture: Parameters<typeof nearFocus>[0]) =>
    nearFocus(picture, ridesAlong(question.rig, question.setUp, question.actionStanceId)),

  correct(question: ShotQuestion, marks: ClipMarks) {
    const { rig, setUp, actionStanceId, horizonAt } = question;
    return correctFromClip(
      resolveSetUp(rig, setUp),
      { setUpRig: poseRig(rig, SET_UP_STANCE_ID), actionRig: poseRig(rig, actionStanceId) },
      marks,
      horizonAt,
    );
  },
};
