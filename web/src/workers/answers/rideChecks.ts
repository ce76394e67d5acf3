import {
  calibrate,
  dominantLines,
  holdClear,
  knownFrequencies,
  mountCurve,
  schoolsOf,
  shakeIn,
  shakeQuestionOf,
  shakeScene,
  speedSweep,
  steadyReport,
  type ReadLog,
  type WhatIf,
  type ShotQuestion,
} from '@strut-spot/core';

/** How steady, how firm and how clear a set-up is. */
export const rideChecks = {
  steady: (question: ShotQuestion, deep: boolean) => steadyReport(question, { deep, spectra: true }),

  holdClear: (question: ShotQuestion, deep: boolean) =>
    holdClear(question, steadyReport(question, { deep: false }), { deep }),

  steadySchools: (question: ShotQuestion) => schoolsOf(shakeQuestionOf(question)),

  speedSweep: (question: ShotQuestion) => speedSweep(shakeQuestionOf(question)),

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
