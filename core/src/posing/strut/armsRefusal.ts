import { castRay } from '../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import { addScaled, normalize, subtract } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { poseRig, type PosedRig } from '../rig/poseRig';
import { baseRefusal } from './baseRefusal';
import { armName, standingArms, type StandingArm } from './furtherArms';
import { poseStrut } from './kinematics';
import type { ResolvedSetUp } from './resolvedSetUp';

const millimetres = (m: number): string => `${Math.round(m * 1000)} mm`;

/** Less than this short or over, an arm still goes: its joints turn a little. Metres. */
const GIVES_M = 0.003;
/** Over the base's own joint and before the cage nothing is looked for: there it is meant to touch. Metres. */
const ENDS_M = 0.015;

/** Why a further arm does not go as it is set, in words that stand by themselves; null where all do. */
export function armsRefusal(rig: RigSpec, resolved: ResolvedSetUp): string | null {
  const { furtherArms, camera, links } = resolved;
  if (furtherArms.length === 0) return null;
  const points = camera.screwPoints ?? 1;
  if (furtherArms.length >= points)
    return points === 1
      ? `the ${camera.name.toLowerCase()} has one screw point: a further arm needs a camera in a cage`
      : `the ${camera.name.toLowerCase()} has ${points} screw points, too few for so many arms`;
  const damper = links.find(({ definition: { kind } }) => kind === 'damper' || kind === 'spring arm');
  if (damper)
    return `a further arm goes past the ${damper.definition.name.toLowerCase()} and takes its effect away: one or the other`;
  for (const [index, { stands }] of furtherArms.entries())
    if ('lost' in stands) return `${armName(index)}: ${stands.lost}`;
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  for (const standing of standingArms(resolved, poseStrut(resolved, posed, posed))) {
    const { arm, surface, lengthM } = standing;
    const name = armName(furtherArms.indexOf(arm));
    const refused = baseRefusal(arm.base, surface);
    if (refused) return `${name}: ${refused}`;
    const { low, high } = arm.link.lengthM;
    const long = `the ${name} has to be ${millimetres(lengthM)} long, the ${arm.link.name.toLowerCase()} is ${millimetres(low)} to ${millimetres(high)}`;
    if (lengthM > high + GIVES_M) return `${long}: put its base nearer`;
    if (lengthM < low - GIVES_M) return `${long}: put its base farther away`;
    const through = inTheWay(posed, standing);
    if (through) return `the ${name} would go through the ${through}: put its base where the way to the camera is free`;
  }
  return null;
}

/** The part of the machine that lies between a base and the camera; null where none does. */
function inTheWay(posed: PosedRig, { from, to, lengthM }: StandingArm): string | null {
  const direction = normalize(subtract(to, from));
  const start = addScaled(from, direction, ENDS_M);
  for (const { group, name, mesh, worldFromPart } of posed.parts) {
    if (group !== 'machine') continue;
    const partFromWorld = invert(worldFromPart);
    const origin = transformPoint(partFromWorld, start);
    if (castRay(mesh, origin, transformDirection(partFromWorld, direction), lengthM - 2 * ENDS_M)) return name;
  }
  return null;
}
