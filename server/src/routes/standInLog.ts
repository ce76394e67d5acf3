import { parseSetUpFile, shakeQuestionOf, shakeScene, simulatedLog } from '@strut-spot/core';
import type { Request, Response } from 'express';
import { share } from '../share';

/** Hidden resonances lie between these, hertz; which one follows from rider and spot. */
const HIDDEN_HZ = { low: 17, high: 29 } as const;
const HIDDEN_DAMPING = 0.015;

/**
 * Stand-in logger: a minute of acceleration and rotation rate at the spot of a set-up, as CSV, with a resonance that neither the page
 * nor the model is told. Body: { file: set-up file as text }. Answers CSV, or 400 with the problems.
 */
export function standInLog(request: Request, response: Response): void {
  const { file } = (request.body ?? {}) as { file?: unknown };
  if (typeof file !== 'string') {
    response.status(400).json({ problem: 'Send { file: set-up file as text }.' });
    return;
  }
  const parsed = parseSetUpFile(file);
  if (!parsed.ok) {
    response.status(400).json({ problem: parsed.problems.join(' ') });
    return;
  }
  const { measured, ...unmeasured } = shakeQuestionOf(parsed.value);
  void measured;
  const { motion } = shakeScene(unmeasured);
  const at = share(JSON.stringify([parsed.value.rig.machineId, parsed.value.setUp.spotId]));
  const frequencyHz = HIDDEN_HZ.low + at * (HIDDEN_HZ.high - HIDDEN_HZ.low);
  response.type('csv').send(simulatedLog(motion, { frequencyHz, dampingRatio: HIDDEN_DAMPING }));
}
