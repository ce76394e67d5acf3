import { transformPoint, transformDirection } from '../../mathematics/geometry/pose';
import { normalize, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { tiltWords } from '../../mathematics/units/tiltWords';
import { fieldOfViewDeg } from '../../mathematics/lens/lens';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { chainJoints, poseStrut } from '../../posing/strut/kinematics';
import { standingTether, tetherPath } from '../../posing/strut/tethering';
import { standingArms } from '../../posing/strut/furtherArms';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { bodyCorners } from '../../posing/strut/surfaceGap';
import { rotate, rotationAbout } from '../../mathematics/geometry/rotation';

/** A point of the drawing in metres: to the right, and upward. */
export type DrawingPoint = readonly [number, number];

/** The strut drawn square on, in the set-up stance, origin at the spot. What is drawn is what is computed. */
export interface SideElevation {
  readonly view: DrawingView;
  readonly joints: readonly DrawingPoint[];
  /** Arms beside the first: on the surface, on the base, on the camera. */
  readonly furtherArms: readonly (readonly DrawingPoint[])[];
  /** As it hangs; null where none is chosen. */
  readonly tether: readonly DrawingPoint[] | null;
  /** Outline of the camera's body with its foot down to the joint (its box, seen square on). */
  readonly body: readonly DrawingPoint[];
  readonly lens: DrawingPoint;
  /** Unit directions of the lens axis and of the top and bottom (or left and right) edges of the picture. */
  readonly axis: DrawingPoint;
  readonly edges: readonly [DrawingPoint, DrawingPoint];
  /** Along the surface and away from it. */
  readonly surface: DrawingPoint;
  readonly normal: DrawingPoint;
  /** What the level reads of what is drawn: the tilt, or from above the turn from straight ahead. */
  readonly reading: string;
}

/**
 * 'side': from the rider's right, ahead to the right. 'above': plan, ahead to the right, the rider's right downward. 'front': from ahead, the
 * rider's right to the left.
 */
export type DrawingView = 'side' | 'above' | 'front';

/** What each view looks along, and how much more of that it must lose than the side drawing does before it is taken: people know the side. */
const VIEWS: readonly { readonly view: DrawingView; readonly depth: 0 | 1 | 2; readonly unusual: number }[] = [
  { view: 'side', depth: 2, unusual: 0 },
  { view: 'above', depth: 1, unusual: 0.25 },
  { view: 'front', depth: 0, unusual: 0.4 },
];

/** A world direction in the plane of the drawing. */
export function flattened(view: DrawingView, [x, y, z]: Vec3): DrawingPoint {
  if (view === 'above') return [x, -z];
  return view === 'front' ? [-z, y] : [x, y];
}

/** The plane in which the strut really lies: in which surface, arm and lens axis are hidden least behind each other. Unit vectors, world frame. */
function planeOf(normal: Vec3, arm: Vec3, axis: Vec3): DrawingView {
  const lost = (depth: 0 | 1 | 2) => 2 * normal[depth] ** 2 + arm[depth] ** 2 + axis[depth] ** 2;
  return VIEWS.reduce((best, v) => (lost(v.depth) + v.unusual < lost(best.depth) + best.unusual ? v : best)).view;
}

/** @param stanceId in which it is drawn */
export function sideElevation(spec: RigSpec, setUp: SetUp, stanceId: string = SET_UP_STANCE_ID): SideElevation {
  const resolved = resolveSetUp(spec, setUp);
  const posed = poseRig(spec, stanceId);
  const strut = poseStrut(resolved, poseRig(spec, SET_UP_STANCE_ID), posed);
  const tether = standingTether(resolved, strut, posed);
  const normal = transformDirection(strut.worldFromSpot, [0, 1, 0]);
  const origin = strut.worldFromSpot.position;
  const looks = rotate(strut.worldFromCamera.rotation, [1, 0, 0]);
  const view = planeOf(normal, normalize(subtract(strut.worldFromCamera.position, origin)), looks);
  const above = view === 'above';
  const flat = (v: Vec3) => flattened(view, v);
  const place = (p: Vec3): DrawingPoint => flat([p[0] - origin[0], p[1] - origin[1], p[2] - origin[2]]);
  const unit = (d: DrawingPoint): DrawingPoint => {
    const size = Math.hypot(...d) || 1;
    return [d[0] / size, d[1] / size];
  };
  const inCamera = (d: Vec3): DrawingPoint => flat(rotate(strut.worldFromCamera.rotation, d));
  const half = fieldOfViewDeg(resolved.lens, above ? 'horizontal' : 'vertical') / 2;
  const edge = (deg: number): DrawingPoint =>
    unit(inCamera(rotate(rotationAbout(above ? [0, 1, 0] : [0, 0, 1], deg), [1, 0, 0])));
  const corners = bodyCorners(resolved).map((corner) => place(transformPoint(strut.worldFromBody, corner)));
  const axis = flat(looks);
  const along = unit([-flat(normal)[1], flat(normal)[0]]);
  return {
    view,
    joints: chainJoints(resolved).map((joint) => place(transformPoint(strut.worldFromSpot, joint))),
    furtherArms: standingArms(resolved, strut).map(({ worldFromBase, from, to }) =>
      [worldFromBase.position, from, to].map(place),
    ),
    tether: tether && tetherPath(resolved.tether!, tether).map(place),
    body: convexHull([...corners, place(strut.worldFromBody.position)]),
    lens: place(strut.worldFromCamera.position),
    axis: unit(axis),
    edges: [edge(half), edge(-half)],
    surface: along,
    normal: unit(flat(normal)),
    reading: above
      ? tiltWords(setUp.angles.panDeg, 'to the right', 'to the left', 'straight ahead')
      : tiltWords(setUp.angles.tiltDeg, 'up', 'down', 'level'),
  };
}

/** Outline of a set of points, anticlockwise (Andrew's monotone chain, 1979). */
export function convexHull(points: readonly DrawingPoint[]): DrawingPoint[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const turn = (o: DrawingPoint, a: DrawingPoint, b: DrawingPoint) =>
    (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
  const half = (list: readonly DrawingPoint[]) => {
    const out: DrawingPoint[] = [];
    for (const point of list) {
      while (out.length >= 2 && turn(out[out.length - 2]!, out[out.length - 1]!, point) <= 0) out.pop();
      out.push(point);
    }
    return out.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
