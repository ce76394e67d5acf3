import { castRay } from '../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import { addScaled, dot, subtract, UP } from '../../mathematics/geometry/vec3';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { RigSpec } from '../../words/rig/rigSpec';
import { ownPoints } from './ownPoints';

/** How much may stand at a place once what is opened on the ground is shut over it. */
export interface RoomUnder {
  /** What shuts over it. */
  readonly partName: string;
  /** From the surface to it, where it comes nearest to camera and strut; metres. */
  readonly roomM: number;
  /** What stands there reaches so high. */
  readonly standsM: number;
}

/** Farther off than this nobody asks whether a canopy shuts, metres. */
const ASKED_WITHIN_M = 0.4;

/** A surface that faces up so far stands something under a canopy; a wall does not: cosine. */
const FACES_UP = 0.5;

/**
 * Room between a spot and a canopy over it, shut as it is under way, along the spot's normal from under each corner of camera and strut; null where nothing
 * that is opened on the ground lies over it. @param rig a stance that is ridden @param pose the strut in it
 */
export function roomUnder(spec: RigSpec, resolved: ResolvedSetUp, pose: StrutPose, rig: PosedRig): RoomUnder | null {
  const { machine, fit } = resolveRig(spec);
  const opened = machine.moving(fit).flatMap(({ id, onlyAtRest }) => (onlyAtRest ? [id] : []));
  const covers = rig.parts.filter(({ on, id }) => on && opened.includes(on) && id !== resolved.placed.spot.partId);
  if (covers.length === 0) return null;
  const { position } = pose.worldFromSpot;
  const normal = transformDirection(pose.worldFromSpot, UP);
  if (normal[1] < FACES_UP) return null;
  let [least, found]: [number, RoomUnder | null] = [Infinity, null];
  for (const point of ownPoints(resolved, pose)) {
    const standsM = dot(subtract(point, position), normal);
    const foot = addScaled(point, normal, -standsM);
    for (const { name, mesh, worldFromPart } of covers) {
      const partFromWorld = invert(worldFromPart);
      const hit = castRay(
        mesh,
        transformPoint(partFromWorld, foot),
        transformDirection(partFromWorld, normal),
        ASKED_WITHIN_M,
      );
      if (!hit || hit.distanceM - standsM >= least) continue;
      least = hit.distanceM - standsM;
      found = { partName: name, roomM: hit.distanceM, standsM };
    }
  }
  return found;
}
