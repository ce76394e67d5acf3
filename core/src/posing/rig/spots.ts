import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { bodySegments } from '../body/segments';
import { compose, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotationFromAxes } from '../../mathematics/geometry/rotation';
import { surfacePoint } from '../../mathematics/geometry/surfacePoint';
import { addScaled, AHEAD, cross, perpendicularTo, scale } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { Spot } from '../../words/carrier/spot';
import { poseRig, type PosedRig } from './poseRig';
import { resolveRig } from '../lookup/resolveRig';
import type { OwnSpot, RigSpec } from '../../words/rig/rigSpec';

/** A spot found on its part's mesh. */
export interface PlacedSpot {
  readonly spot: Spot;
  /** Spot frame: origin on the surface, +y the outward normal, +x the reference laid into the surface. */
  readonly partFromSpot: Pose;
}

const latest = keepLatest<readonly PlacedSpot[]>(12);
const spottedKey = keyOf((spec: RigSpec) => ({ ...spec, ownKit: undefined, subject: undefined }));

/** All spots of a rig, what is worn first. The same rig gives the same objects while it is among the last few. @throws RangeError when a spot's ray misses its part (a mistake in the catalogue). */
export const placedSpots = (spec: RigSpec): readonly PlacedSpot[] => latest(spottedKey(spec), () => placeAll(spec));

function placeAll(spec: RigSpec): readonly PlacedSpot[] {
  const { machine, worn } = resolveRig(spec);
  const body = bodySegments(spec.statureM);
  const rig = poseRig(spec, SET_UP_STANCE_ID);
  const spots = [...worn.flatMap((w) => w.spots(body)), ...machine.spots(spec.fit, body)];
  // A spot of the user's on a part that this rig no longer has is left out, not lost: the part may come back.
  const own = (spec.ownSpots ?? []).filter((spot) => rig.byId.has(spot.partId)).map(ownSpot);
  return [...spots, ...own].map((spot) => placeSpot(rig, spot));
}

/** A hand-placed spot as a ray from just outside its point. */
const ownSpot = ({ id, name, partId, point, normal, surface }: OwnSpot): Spot => ({
  id,
  name,
  partId,
  aim: { from: addScaled(point, normal, 0.01), toward: scale(normal, -1) },
  reference: AHEAD,
  look: AHEAD,
  surface,
  cautions: ['Your own spot: look for yourself what it can bear, strike and catch.'],
  note: 'your own spot',
});

function placeSpot(rig: PosedRig, spot: Spot): PlacedSpot {
  const part = rig.byId.get(spot.partId);
  if (!part) throw new RangeError(`placeSpot: spot "${spot.id}" sits on "${spot.partId}", which this rig lacks`);
  const found = surfacePoint(part.mesh, spot.aim.from, spot.aim.toward);
  if (!found) throw new RangeError(`placeSpot: the ray of spot "${spot.id}" misses "${spot.partId}"`);
  const x = perpendicularTo(found.normal, spot.reference);
  return {
    spot,
    partFromSpot: poseAt(found.point, rotationFromAxes(x, found.normal, cross(x, found.normal))),
  };
}

/** Where a spot is in one stance. */
export function worldFromSpot(rig: PosedRig, placed: PlacedSpot): Pose {
  return compose(rig.byId.get(placed.spot.partId)!.worldFromPart, placed.partFromSpot);
}
