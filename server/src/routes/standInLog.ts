import { shakeQuestionOf, shakeScene, simulatedLog } from '@strut-spot/core';
import type { Request, Response } from 'express';
import { readSetUp } from '../readSetUp';
import { share } from '../share';

/** Hidden resonances lie between these, hertz; which one follows from rider and spot. */
const HIDDEN_HZ = { low: 17, high: 29 } as const;
const HIDDEN_DAMPING = 0.015;

/**
 * Stand-in logger: a minute of acceleration and rotation rate at the spot of a set-up, as CSV, with a resonance that neither the page
 * nor the model is told. Body: { file: set-up file as text }. Answers CSV, or 400 with the problems.
 */
export function standInLog(request: Request, response: Response): void {
  const read = readSetUp(request, response);
  if (!read) return;
  const { motion } = shakeScene(shakeQuestionOf(read));
  const at = share(JSON.stringify([read.rig.machineId, read.setUp.spotId]));
  const frequencyHz = HIDDEN_HZ.low + at * (HIDDEN_HZ.high - HIDDEN_HZ.low);
  response.type('csv').send(simulatedLog(motion, { frequencyHz, dampingRatio: HIDDEN_DAMPING }));
}
