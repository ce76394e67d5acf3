import {
  multiplyRotations,
  ownParts,
  parseSetUpFile,
  poseRig,
  poseStrut,
  renderPicture,
  resized,
  resolveSetUp,
  rotationFromPanTiltRoll,
  SET_UP_STANCE_ID,
} from '@strut-spot/core';
import type { Request, Response } from 'express';
import { PNG } from 'pngjs';

export const STILL_WIDTH_PX = 800;
/** How far a real rider's posture and level are off: tilt up to 9°, roll up to 4° (common practice, no source). */
const ERROR_DEG = { tilt: 9, roll: 4 } as const;

/** Repeatable stand-in for chance: the same set-up and number of the take give the same error, -1 to 1. */
function chance(text: string, salt: number): number {
  let h = 2166136261 ^ salt;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  h = Math.imul(h ^ (h >>> 15), 2246822507);
  return (((h ^ (h >>> 13)) >>> 0) / 4294967295) * 2 - 1;
}

/**
 * Stand-in camera: a still as the set-up would film it in the action stance, with a posture error that the page is not told.
 * Body: { file: set-up file as text, take: number }. Answers a PNG, or 400 with the problems.
 */
export function standInStill(request: Request, response: Response): void {
  const { file, take } = (request.body ?? {}) as { file?: unknown; take?: unknown };
  if (typeof file !== 'string' || typeof take !== 'number' || !Number.isInteger(take)) {
    response.status(400).json({ problem: 'Send { file: set-up file as text, take: whole number }.' });
    return;
  }
  const parsed = parseSetUpFile(file);
  if (!parsed.ok) {
    response.status(400).json({ problem: parsed.problems.join(' ') });
    return;
  }
  const { rig, setUp, actionStanceId } = parsed.value;
  const resolved = resolveSetUp(rig, setUp);
  const action = poseRig(rig, actionStanceId);
  const strut = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), action);
  // The spot is the same whatever the level read, so a corrected set-up meets the same rider again.
  const rider = JSON.stringify([rig, setUp.spotId]);
  const error = rotationFromPanTiltRoll({
    panDeg: 0,
    tiltDeg: ERROR_DEG.tilt * chance(rider, take),
    rollDeg: ERROR_DEG.roll * chance(rider, take + 7919),
  });
  const camera = { ...strut.worldFromCamera, rotation: multiplyRotations(error, strut.worldFromCamera.rotation) };
  const lens = resized(
    resolved.lens,
    resolved.lens.widthPx >= resolved.lens.heightPx ? STILL_WIDTH_PX : STILL_WIDTH_PX * (9 / 16),
  );
  const picture = renderPicture(
    [...action.parts, ...ownParts(resolved, strut)],
    camera,
    lens,
    action.ground,
    Math.round(lens.widthPx),
    Math.round(lens.heightPx),
  );
  const png = new PNG({ width: picture.widthPx, height: picture.heightPx });
  png.data = Buffer.from(picture.rgba.buffer);
  response.type('png').send(PNG.sync.write(png));
}
