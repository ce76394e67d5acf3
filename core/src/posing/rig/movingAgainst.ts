import { compose, invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { PosedRig } from './poseRig';

const PROBES: readonly Vec3[] = [
  [0, 0, 0],
  [0.3, 0, 0],
  [0, 0.3, 0],
  [0, 0, 0.3],
];
/** Two parts that keep their places against each other within this move as one. */
const SAME_M = 0.004;

const relative = (from: PosedPart, to: PosedPart): Pose => compose(invert(from.worldFromPart), to.worldFromPart);

const known = new WeakMap<PosedRig, Map<string, ReadonlySet<string>>>();

/**
 * Ids of the parts that move against one part from the set-up stance to any other; the subject and the part itself left out, and for what is worn
 * the neck, which bends between head and trunk and reaches nothing that they do not. Kept with the set-up rig.
 */
export function movingAgainst(setUpRig: PosedRig, others: readonly PosedRig[], partId: string): ReadonlySet<string> {
  const ofRig = known.get(setUpRig) ?? new Map<string, ReadonlySet<string>>();
  known.set(setUpRig, ofRig);
  const key = [partId, ...others.map((rig) => rig.stanceId)].join(' ');
  const kept = ofRig.get(key) ?? findMoving(setUpRig, others, partId);
  ofRig.set(key, kept);
  return kept;
}

function findMoving(setUpRig: PosedRig, others: readonly PosedRig[], partId: string): ReadonlySet<string> {
  const carrier = setUpRig.byId.get(partId)!;
  const moves = (part: PosedPart): boolean =>
    others.some(({ byId }) => {
      const [a, b] = [byId.get(part.id), byId.get(partId)];
      if (!a || !b) return false;
      const [was, is] = [relative(carrier, part), relative(b, a)];
      return PROBES.some((p) => distance(transformPoint(was, p), transformPoint(is, p)) > SAME_M);
    });
  const counts = ({ id, group }: PosedPart): boolean =>
    id !== partId && group !== 'subject' && (id !== 'neck' || carrier.group === 'machine');
  return new Set(setUpRig.parts.filter((p) => counts(p) && moves(p)).map((p) => p.id));
}
