import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { bodySegments } from '../body/segments';
import { compose, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotationFromAxes } from '../../mathematics/geometry/rotation';
import { surfacePoint } from '../../mathematics/geometry/surfacePoint';
import { addScaled, AHEAD, cross, distance, normalize, perpendicularTo, scale } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { isOthers, zoneOfBodyPart } from './riderZone';
import type { Spot } from '../../words/carrier/spot';
import { poseRig, type PosedRig } from './poseRig';
import { resolveRig } from '../lookup/resolveRig';
import { slideWithin } from '../../words/carrier/spotZone';
import type { OwnSpot, RigSpec } from '../../words/rig/rigSpec';
import type { SetUp } from '../../words/setUp/setUp';

/** A spot found on its part's mesh. */
export interface PlacedSpot {
  readonly spot: Spot;
  /** Spot frame: origin on the surface, +y the outward normal, +x the reference laid into the surface. */
  readonly partFromSpot: Pose;
  /** How far it has slid from its usual place along its zone, metres. */
  readonly slideM: number;
}

/** The spots of one rig; each is found on its part when it is first asked for. */
interface Places {
  readonly at: (spotId: string) => PlacedSpot | undefined;
  readonly all: () => readonly PlacedSpot[];
}

const latest = keepLatest<Places>(12);
const spottedKey = keyOf((spec: RigSpec) => ({ ...spec, ownKit: undefined, subject: undefined }));
const placesOf = (spec: RigSpec): Places => latest(spottedKey(spec), () => placing(spec));

/** All spots of a rig, what is worn first. The same rig gives the same objects while it is among the last few. Those of the user's own that find no place are left out. @throws RangeError when a ray of the catalogue's own misses its part. */
export const placedSpots = (spec: RigSpec): readonly PlacedSpot[] => placesOf(spec).all();

/** One spot of a rig where it usually is, the same object as among all; undefined where the rig has no such spot. */
export const placedSpot = (spec: RigSpec, spotId: string): PlacedSpot | undefined => placesOf(spec).at(spotId);

function placing(spec: RigSpec): Places {
  const { machine, worn, fit } = resolveRig(spec);
  const body = bodySegments(spec.statureM);
  const rig = poseRig(spec, SET_UP_STANCE_ID);
  const spots = new Map(
    [
      ...worn.flatMap((w) => w.spots(body)).filter((spot) => !(machine.barefoot && onFoot(spot))),
      ...machine.spots(fit, body).filter(({ partId }) => !isOthers(partId) || rig.byId.has(partId)),
    ].map((spot) => [spot.id, spot]),
  );
  // A spot of the user's that finds no place on this rig is kept: with another measure or another helmet it may come back.
  const own = new Map((spec.ownSpots ?? []).map((spot) => [spot.id, spot]));
  const found = new Map<string, PlacedSpot | undefined>();
  const place = (spotId: string): PlacedSpot | undefined => {
    const spot = spots.get(spotId);
    const hand = own.get(spotId);
    const placed = spot ? placeSpot(rig, spot) : hand ? placeOwn(rig, hand) : undefined;
    if (typeof placed !== 'string') return placed;
    if (spot) throw new RangeError(`placeSpot: spot "${spotId}": ${placed}`);
    return undefined;
  };
  const at = (spotId: string) => {
    if (!found.has(spotId)) found.set(spotId, place(spotId));
    return found.get(spotId);
  };
  let all: readonly PlacedSpot[] | undefined;
  return { at, all: () => (all ??= [...spots.keys(), ...own.keys()].flatMap((id) => at(id) ?? [])) };
}

/** What needs a boot under it. */
const onFoot = ({ partId }: Spot): boolean => zoneOfBodyPart(partId) === 'foot';

const slid = keepLatest<PlacedSpot>(64);

/** Where a surface ends before its stretch does, so much of the way is tried instead. */
const SHORTER = [1, 0.75, 0.5, 0.25] as const;

/**
 * A spot where it has slid to; undefined where the rig has no such spot. Beyond the ends of its stretch it stays at the end, and where the
 * surface ends before (unusual measures), before that.
 */
export function placedAt(
  spec: RigSpec,
  { spotId, slideM = 0 }: Pick<SetUp, 'spotId' | 'slideM'>,
): PlacedSpot | undefined {
  const usual = placedSpot(spec, spotId);
  const zone = usual?.spot.zone;
  const by = zone ? slideWithin(zone, slideM) : 0;
  if (!usual || by === 0) return usual;
  return slid(`${spottedKey(spec)}/${spotId}/${by}`, () => {
    const rig = poseRig(spec, SET_UP_STANCE_ID);
    for (const share of SHORTER) {
      const placed = placeSpot(rig, usual.spot, by * share);
      if (typeof placed !== 'string') return placed;
    }
    return usual;
  });
}

/** A spot of the user's own that finds no place on the rig as it is now. */
interface LostSpot {
  readonly id: string;
  readonly name: string;
  readonly because: string;
}

export function lostSpots(spec: RigSpec): readonly LostSpot[] {
  const rig = poseRig(spec, SET_UP_STANCE_ID);
  return (spec.ownSpots ?? []).flatMap((spot): LostSpot[] => {
    const placed = placeOwn(rig, spot);
    return typeof placed === 'string' ? [{ id: spot.id, name: spot.name, because: placed }] : [];
  });
}

/** Why nothing can be set on a spot of a rig; null where something can. */
export function whyUnplaced(spec: RigSpec, spotId: string): string | null {
  if (placedSpot(spec, spotId)) return null;
  const lost = lostSpots(spec).find((spot) => spot.id === spotId);
  return lost
    ? `your spot "${lost.name}" is lost: ${lost.because}`
    : `no spot "${spotId}" on this carrier (there are ${placedSpots(spec)
        .map((p) => p.spot.id)
        .join(', ')})`;
}

/** Hand-placed spots are looked for from so far outside their points, nearest first: the part may have grown since. Metres. */
const LOOKED_FOR_FROM_M = [0.01, 0.05];
/** Further from where it was put than this it is another place. */
const SAME_PLACE_M = 0.06;

/** A spot of the user's own on the rig as it is, or why it has no place there. */
function placeOwn(rig: PosedRig, own: OwnSpot): PlacedSpot | string {
  const part = rig.byId.get(own.partId);
  if (!part) return `what it sat on ("${own.partId}") is not on this carrier now`;
  for (const fromM of LOOKED_FOR_FROM_M) {
    const placed = placeSpot(rig, ownSpot(own, fromM));
    if (typeof placed === 'string') continue;
    if (distance(placed.partFromSpot.position, own.point) <= SAME_PLACE_M) return placed;
  }
  return `${part.name} is no longer where it was put`;
}

/** A hand-placed spot as a ray from outside its point. */
const ownSpot = ({ id, name, partId, point, normal, surface }: OwnSpot, fromM: number): Spot => ({
  id,
  name,
  partId,
  aim: { from: addScaled(point, normalize(normal), fromM), toward: scale(normal, -1) },
  reference: AHEAD,
  look: AHEAD,
  surface,
  cautions: ['Your own spot: look for yourself what it can bear, strike and catch.'],
  note: 'your own spot',
});

/** @returns the spot on its part, or why it has no place there */
function placeSpot(rig: PosedRig, spot: Spot, slideM = 0): PlacedSpot | string {
  const part = rig.byId.get(spot.partId);
  if (!part) return `it sits on "${spot.partId}", which this rig lacks`;
  const from = spot.zone ? addScaled(spot.aim.from, normalize(spot.zone.along), slideM) : spot.aim.from;
  const found = surfacePoint(part.mesh, from, spot.aim.toward);
  if (!found) return `its ray misses "${spot.partId}"`;
  const x = perpendicularTo(found.normal, spot.reference);
  return {
    spot,
    slideM,
    partFromSpot: poseAt(found.point, rotationFromAxes(x, found.normal, cross(x, found.normal))),
  };
}

/** Where a spot is in one stance. */
export function worldFromSpot(rig: PosedRig, placed: PlacedSpot): Pose {
  return compose(rig.byId.get(placed.spot.partId)!.worldFromPart, placed.partFromSpot);
}
