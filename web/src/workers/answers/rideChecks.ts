import {
  advisedReport,
  calibrate,
  dominantLines,
  engineSweep,
  forceElevation,
  foundBy,
  knownFrequencies,
  mountCurve,
  schoolsOf,
  shakeIn,
  shakeQuestionOf,
  shakeDraws,
  shakeScene,
  shotReport,
  speedSweep,
  steadierIn100,
  type ReadLog,
  type ShakeQuestion,
  type WhatIf,
  type ShotQuestion,
} from '@strut-spot/core';

/** Cases that two candidates are compared in. */
const COMPARED = 50;

/** Whether it stays on and in whose way it is, with what acts on it drawn. */
export type HoldSheet = ReturnType<typeof rideChecks.holdClear>;

/** How steady, how firm and how clear a set-up is. */
export const rideChecks = {
  /** Whether it stays on and in whose way it is, with what acts on it drawn. @param deep with distances, and mends that were tried */
  holdClear(question: ShotQuestion, deep: boolean) {
    const report = deep
      ? advisedReport(question, { only: ['hold', 'clear'] })
      : shotReport(question, { only: ['hold'] });
    const hold = foundBy(report, 'hold');
    return {
      checks: report.checks,
      hold,
      clear: deep ? foundBy(report, 'clear') : null,
      drawn: forceElevation(question.rig, question.setUp, question.actionStanceId, hold),
    };
  },

  steadySchools: (question: ShotQuestion) => schoolsOf(shakeQuestionOf(question)),

  /** Of 100 cases those in which the second is steadier. */
  steadierIn100: (first: ShakeQuestion, second: ShakeQuestion) =>
    steadierIn100(shakeDraws(first, COMPARED), shakeDraws(second, COMPARED)),

  speedSweep: (question: ShotQuestion) => speedSweep(shakeQuestionOf(question)),

  engineSweep: (question: ShotQuestion) => engineSweep(shakeQuestionOf(question)),

  mountCurve: (question: ShotQuestion, whatIf: WhatIf) => mountCurve(shakeQuestionOf(question), whatIf),

  /** What stands out in a log, and how the spot differs from the model. */
  compareLog(question: ShotQuestion, log: ReadLog) {
    const { measured, ...asked } = shakeQuestionOf(question);
    void measured;
    const scene = shakeScene(asked);
    const known = knownFrequencies(asked.rig, asked.ride, scene, shakeIn(scene));
    return {
      lines: dominantLines(log.frequencyHz, log.up, known),
      bands: calibrate(log, scene.motion),
    };
  },
};
