import {
  inverseRotation,
  multiplyRotations,
  panTiltRollFromRotation,
  rotationFromPanTiltRoll,
} from '../../mathematics/geometry/rotation';
import { frameScore } from '../../judging/checks/frame/frameScore';
import { coarseFramed, coarseStance, type Sightlines } from '../../physics/framing/sightlines';
import { nearestNotch } from '../../posing/aiming/notches';
import { stanceChange } from '../../posing/aiming/solveAngles';
import { kitWith } from '../../posing/lookup/kit';
import { turnedAfterwards } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import type { Sketch, Spotted } from './spotted';

/** A picture that shows so much is left where its joint holds it; for less the notch on the other side is tried too. Estimate 0.5 to 0.8. */
const SHOWS_ENOUGH = 0.6;

/** Solved nearer to a notch than this share of a step, that one is meant. Estimate 0.2 to 0.35. */
const BETWEEN = 0.25;

/** The picture of an aimed set-up as its joint really holds it, in the action stance. */
export function sketchOf(spotted: Spotted, sightlines: Sightlines, aimed: SetUp, horizonAt: number | null): Sketch {
  const { carrier, intent, scene } = spotted;
  const free = resolveSetUp(carrier.rig, aimed);
  const sketched = (resolved: ResolvedSetUp): Sketch => {
    const action = coarseStance(sightlines, resolved, scene.ridden[0]!, 'ranked');
    const framed = coarseFramed(sightlines, resolved, [{ ...action, share: 1 }]);
    return { sightlines, resolved, horizonAt, action, score: frameScore(framed, intent) };
  };
  const level = levelled(spotted, free);
  if (level || turnedAfterwards(free)) return sketched(level ?? free);
  const { heldTiltDeg, restDeg } = nearestNotch(free, scene.setUpRig, free.setUp.angles.tiltDeg);
  const nearest = sketched(tiltedTo(free, heldTiltDeg));
  const step = free.head.notchDeg.value;
  if (step === 0 || Math.abs(restDeg) < step * BETWEEN || nearest.score >= SHOWS_ENOUGH) return nearest;
  const beyond = sketched(tiltedTo(free, heldTiltDeg - Math.sign(restDeg) * step));
  return beyond.score > nearest.score ? beyond : nearest;
}

const tiltedTo = (resolved: ResolvedSetUp, tiltDeg: number): ResolvedSetUp => ({
  ...resolved,
  setUp: { ...resolved.setUp, angles: { ...resolved.setUp.angles, tiltDeg } },
});

/** A camera leaning to the side by more than this is turned level, where a joint of the kit can. Degrees; common practice. */
const LEANS_DEG = 3;

/** Rolled so that the picture is level in the action stance, on a ball joint; null where it is level, or nothing can turn it. */
function levelled({ carrier, scene, question }: Spotted, free: ResolvedSetUp): ResolvedSetUp | null {
  const { setUp, camera } = free;
  const action = scene.ridden[0]!.rig;
  const change = stanceChange(scene.setUpRig, action, free);
  const seen = panTiltRollFromRotation(multiplyRotations(change, rotationFromPanTiltRoll(setUp.angles)));
  if (Math.abs(seen.rollDeg) <= LEANS_DEG || camera.gimbal || camera.stitch) return null;
  const ball = kitWith(carrier.rig.ownKit).heads.find((h) => h.turns.roll && question.pieceIds.includes(h.id));
  if (!ball) return null;
  const level = rotationFromPanTiltRoll({ ...seen, rollDeg: 0 });
  const angles = panTiltRollFromRotation(multiplyRotations(inverseRotation(change), level));
  return resolveSetUp(carrier.rig, { ...setUp, headId: ball.id, angles });
}
