import { rotate } from '../../mathematics/geometry/rotation';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { FurtherArm } from '../../words/setUp/setUp';
import { poseRig } from '../rig/poseRig';
import { placedSpot, worldFromSpot, type PlacedSpot } from '../rig/spots';

/** Words for the ways along the world's axes, positive and negative. */
const WAYS = [
  ['ahead', 'behind'],
  ['above', 'below'],
  ['to the right', 'to the left'],
] as const;

/** A way in words, and that against it. */
export type WayWords = readonly [string, string];

function wayOf(direction: Vec3): WayWords {
  const axis = direction.reduce((most, value, i) => (Math.abs(value) > Math.abs(direction[most]!) ? i : most), 0);
  const [to, against] = WAYS[axis as 0 | 1 | 2];
  return direction[axis]! >= 0 ? [to, against] : [against, to];
}

/** What lies along a spot's reference and across it, as whoever stands by the carrier calls it. */
export function armWays(rig: RigSpec, placed: PlacedSpot): { readonly along: WayWords; readonly across: WayWords } {
  const { rotation } = worldFromSpot(poseRig(rig, SET_UP_STANCE_ID), placed);
  return { along: wayOf(rotate(rotation, [1, 0, 0])), across: wayOf(rotate(rotation, [0, 0, 1])) };
}

/** "200 mm behind and 150 mm to the left of the first base", "180 mm above the first base", "at “Roof, middle”" */
export function armPlaceWords(
  rig: RigSpec,
  placed: PlacedSpot,
  { spotId, alongM, acrossM }: Pick<FurtherArm, 'spotId' | 'alongM' | 'acrossM'>,
  length: (m: number) => string,
): string {
  const other = spotId === undefined ? undefined : placedSpot(rig, spotId);
  const what = other ? `“${other.spot.name}”` : 'the first base';
  const ways = armWays(rig, other ?? placed);
  const by = (m: number, [to, against]: WayWords): readonly string[] =>
    Math.abs(m) < 0.0005 ? [] : [`${length(Math.abs(m))} ${m > 0 ? to : against}`];
  const words = [...by(alongM, ways.along), ...by(acrossM, ways.across)];
  const last = words.at(-1);
  if (!last) return other ? `at ${what}` : 'where the first base is';
  return `${words.join(' and ')}${/(ahead|left|right)$/.test(last) ? ' of' : ''} ${what}`;
}
