import { castRay } from '../../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../../mathematics/geometry/pose';
import { length, scale, subtract, type Vec3 } from '../../../mathematics/geometry/vec3';
import { bodyCorners } from '../../../posing/strut/surfaceGap';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

/** In front of what a spot lies on, metres: from there a camera is looked for. */
const BEFORE_M = 0.003;
/** A corner that would touch the pane is pressed against it, metres; one that lies farther beyond it is not there. Estimate 3 to 10 mm. */
const PRESSED_M = 0.008;

/** A pane between a place and the camera on it: nothing reaches through glass. Null where there is none. */
export function throughPane({ carrier, resolved, pose }: ShotScene): Finding | null {
  const panes = (carrier.ridden[0]?.rig.parts ?? []).filter(
    ({ seeThrough, group }) => seeThrough && group === 'machine',
  );
  if (panes.length === 0) return null;
  const from = transformPoint(pose.worldFromSpot, [0, BEFORE_M, 0]);
  const own = resolved.placed.spot.partId;
  const corners = bodyCorners(resolved).map((corner) => transformPoint(pose.worldFromBody, corner));
  for (const { id, name, mesh, worldFromPart } of panes) {
    const partFromWorld = invert(worldFromPart);
    const origin = transformPoint(partFromWorld, from);
    const beyond = (point: Vec3): boolean => {
      const way = subtract(point, from);
      const far = length(way);
      const direction = transformDirection(partFromWorld, scale(way, 1 / Math.max(far, 1e-9)));
      return castRay(mesh, origin, direction, far - PRESSED_M) !== null;
    };
    // A canopy that shuts on a camera is a matter of clearance; the pane that carries it is as fixed as it is.
    if (!beyond(pose.worldFromCamera.position) && !(id === own && corners.some(beyond))) continue;
    return {
      id: 'pane',
      label: 'room before the glass',
      verdict: 'stop',
      value: 1,
      unit: '',
      limit: [null, 0],
      margin: -1,
      because: `the camera would stand through the ${name.toLowerCase()}: there is no room for it like that`,
      mend: { text: 'turn or lean it less, or hold it off on an arm' },
    };
  }
  return null;
}
