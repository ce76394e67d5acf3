import { castRay } from '../../../mathematics/geometry/bvh';
import { inverseOf, transformDirection, transformPoint } from '../../../mathematics/geometry/pose';
import { length, scale, subtract, type Vec3 } from '../../../mathematics/geometry/vec3';
import { bodyCorners } from '../../../posing/strut/surfaceGap';
import type { PosedRig } from '../../../posing/rig/poseRig';
import { shelterAt, shelterIn } from '../../../posing/scene/shelter';
import { sunkInto } from '../../../posing/scene/sunkInto';
import type { PosedPart } from '../../../words/carrier/posedPart';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

/** In front of what a spot lies on, metres: from there a camera is looked for. */
const BEFORE_M = 0.003;
/** A corner that would touch the pane is pressed against it, metres; one that lies farther beyond it is not there. Estimate 3 to 10 mm. */
const PRESSED_M = 0.008;

const NO_ROOM = {
  label: 'room for the camera',
  verdict: 'stop',
  value: 1,
  unit: '',
  limit: [null, 0],
  margin: -1,
} as const;

/** A pane or wall between a place and the camera on it: nothing reaches through. Null where there is none. */
export function throughPane(scene: ShotScene): Finding | null {
  const panes = (scene.carrier.ridden[0]?.rig.parts ?? []).filter(
    ({ seeThrough, group }) => seeThrough && group === 'machine',
  );
  if (panes.length === 0) return null;
  const pane = panes.find((part) => standsThrough(part, scene));
  if (pane)
    return {
      ...NO_ROOM,
      id: 'pane',
      because: `the camera would stand through the ${pane.name.toLowerCase()}: there is no room for it like that`,
      mend: { text: 'turn or lean it less, or hold it off on an arm' },
    };
  return reachesOut(scene)
    ? {
        ...NO_ROOM,
        id: 'wall',
        because: 'it would reach out through roof or walls of the closed cabin',
        mend: { text: 'a shorter arm, or a place outside' },
      }
    : null;
}

/** Whether lens or, on the pane that carries it, any corner of a camera would lie on the other side of a pane. */
function standsThrough({ id, mesh, worldFromPart }: PosedPart, { resolved, pose }: ShotScene): boolean {
  const from = transformPoint(pose.worldFromSpot, [0, BEFORE_M, 0]);
  const partFromWorld = inverseOf(worldFromPart);
  const origin = transformPoint(partFromWorld, from);
  const beyond = (point: Vec3): boolean => {
    const way = subtract(point, from);
    const far = length(way);
    const direction = transformDirection(partFromWorld, scale(way, 1 / Math.max(far, 1e-9)));
    return castRay(mesh, origin, direction, far - PRESSED_M) !== null;
  };
  if (beyond(pose.worldFromCamera.position)) return true;
  // A canopy that shuts on a camera is a matter of clearance; the pane that carries it is as fixed as it is.
  if (id !== resolved.placed.spot.partId) return false;
  return bodyCorners(resolved).some((corner) => beyond(transformPoint(pose.worldFromBody, corner)));
}

/** A hand's breadth before what a spot lies on, metres: a place on a wall is in or out of it there. */
const HAND_M = 0.08;
const shutIn = new WeakMap<PosedRig, Map<string, boolean>>();

/** Whether a place in a closed cabin has its camera outside of it. */
function reachesOut({ question, carrier, resolved, pose }: ShotScene): boolean {
  const { rig } = carrier.ridden[0]!;
  if (shelterIn(question.rig, resolved, rig, pose.worldFromCamera.position) !== 'open') return false;
  const known = shutIn.get(rig) ?? new Map<string, boolean>();
  shutIn.set(rig, known);
  const key = `${resolved.placed.spot.id} ${resolved.setUp.slideM ?? 0}`;
  let shut = known.get(key);
  if (shut === undefined) {
    const before = transformPoint(pose.worldFromSpot, [0, HAND_M, 0]);
    // Inside a seat or a cowl all ways end at once too.
    const solid = rig.parts.filter(({ group, seeThrough }) => group === 'machine' && !seeThrough);
    known.set(key, (shut = !sunkInto(solid, before) && shelterAt(rig, before) === 'closed'));
  }
  return shut;
}
