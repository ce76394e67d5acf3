import {
  covered,
  foundBy,
  multiplyRotations,
  ownParts,
  poseRig,
  poseStrut,
  renderPicture,
  resized,
  resolveSetUp,
  rotationFromPanTiltRoll,
  SET_UP_STANCE_ID,
  shotReport,
  type Picture,
  type RideConditions,
  type RigSpec,
  type SetUp,
  type ShotQuestion,
} from '@strut-spot/core';

/** How far a real rider's posture and level are off: tilt up to 9°, roll up to 4° (common practice, no source). */
const ERROR_DEG = { tilt: 9, roll: 4 } as const;

/** Repeatable stand-in for chance: the same text and number give the same figure, -1 to 1. */
export function chance(text: string, salt: number): number {
  let h = 2166136261 ^ salt;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  h = Math.imul(h ^ (h >>> 15), 2246822507);
  return (((h ^ (h >>> 13)) >>> 0) / 4294967295) * 2 - 1;
}

interface Filmed {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly actionStanceId: string;
  readonly ride?: RideConditions;
}

/** What the rider of a take is known by: the spot is the same whatever the level read, so a corrected set-up meets the same rider again. */
export const riderOf = ({ rig, setUp }: Filmed): string => JSON.stringify([rig, setUp.spotId]);

/** A picture as the set-up would film it in the action stance, with the posture of the rider of that take, whom the page is not told. */
export function filmed(question: Filmed, take: number, longSidePx: number): Picture {
  const { rig, setUp, actionStanceId, ride } = question;
  const resolved = resolveSetUp(rig, setUp);
  const action = poseRig(rig, actionStanceId);
  const strut = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), action);
  const rider = riderOf(question);
  const error = rotationFromPanTiltRoll({
    panDeg: 0,
    tiltDeg: ERROR_DEG.tilt * chance(rider, take),
    rollDeg: ERROR_DEG.roll * chance(rider, take + 7919),
  });
  const camera = { ...strut.worldFromCamera, rotation: multiplyRotations(error, strut.worldFromCamera.rotation) };
  const { lens: full } = resolved;
  const lens = resized(full, full.widthPx >= full.heightPx ? longSidePx : longSidePx * (9 / 16));
  const parts = [...action.parts, ...ownParts(resolved, strut)];
  const ground = covered(action.ground, rig, ride);
  return renderPicture(parts, camera, lens, ground, Math.round(lens.widthPx), Math.round(lens.heightPx));
}

/** Screens show the power of this of a byte. */
const GAMMA = 2.2;

/**
 * How bright a byte of the drawn picture comes out, by the exposure of the shot: as drawn where the camera gets the light it needs; darker or
 * brighter where its shutter and gain come to an end, or by the stops that are set by hand.
 */
export function exposedBytes(question: ShotQuestion): Uint8Array {
  const { darkStops, brightStops } = foundBy(shotReport(question, { only: ['light'] }), 'light');
  const factor = 2 ** (brightStops - darkStops + (question.setUp.compensation ?? 0));
  return Uint8Array.from({ length: 256 }, (_, byte) =>
    Math.round(255 * Math.min(1, factor * (byte / 255) ** GAMMA) ** (1 / GAMMA)),
  );
}
