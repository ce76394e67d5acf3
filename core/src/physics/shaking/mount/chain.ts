import { distance, type Vec3 } from '../../../mathematics/geometry/vec3';
import { FOOT_M } from '../../../posing/building/cameraMesh';
import { chainJoints } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { RangeEnds } from '../ends/rangeEnds';
import { BASE_LOSS, HANGING, JOINT_LOSS, LINK_LOSS, surfaceLoss } from './give';
import { baseStiffness } from '../../stiffness/baseStiffness';
import { SURFACE_STIFFNESS } from '../../stiffness/surfaceStiffness';

/** One piece of the strut that gives when the camera is pushed across it. */
export interface Piece {
  readonly name: string;
  readonly kind: 'surface' | 'base' | 'link' | 'joint' | 'head' | 'damper' | 'pad' | 'spring';
  /** Link it belongs to, counted from the base; null for base, head and surface. */
  readonly link: number | null;
  /** How far the camera gives way for one newton across, m/N. */
  readonly mPerN: number;
  /** How far it turns for one newton across, rad/N; and as far the camera gives way for one newton metre. */
  readonly radPerN: number;
  /** How far it turns for one newton metre, rad/Nm. */
  readonly radPerNm: number;
  /** From where it begins to the camera's middle, metres. */
  readonly awayM: number;
  readonly loss: number;
}

/** Sideways a finger joint is so much stiffer than about its pin, where friction alone holds it. Estimate 1.5 to 4. */
const SIDEWAYS_STIFFER = 2.5;

/** Turning spring at a distance d from the camera: gives d²/k_θ, turns d/k_θ for each newton, and 1/k_θ for each newton metre. */
const turning = (distanceM: number, stiffnessNmRad: number) => ({
  mPerN: distanceM ** 2 / stiffnessNmRad,
  radPerN: distanceM / stiffnessNmRad,
  radPerNm: 1 / stiffnessNmRad,
});

/**
 * A beam of length L with the load a distance d beyond its end: gives (L³/3 + L²·d + L·d²)/EI, turns (L²/2 + L·d)/EI and L/EI for a
 * moment, by superposition of the cantilever under end load and end moment (Roark); EI from its tip stiffness at its shortest length. With d = 0
 * the turn is 3/(2L) of the give.
 */
const bending = (lengthM: number, beyondM: number, tipStiffnessNM: number, shortestM: number) => {
  const ei = (tipStiffnessNM * shortestM ** 3) / 3;
  return {
    mPerN: (lengthM ** 3 / 3 + lengthM ** 2 * beyondM + lengthM * beyondM ** 2) / ei,
    radPerN: (lengthM ** 2 / 2 + lengthM * beyondM) / ei,
    radPerNm: lengthM / ei,
  };
};

/**
 * A plate on rubber: shears by 1/k and tips about its middle, k_θ = k·r² with the rubbers at r; the camera stands d away from where they take hold.
 */
const plateOnRubber = (stiffnessNM: number, radiusM: number, distanceM: number) => {
  const tips = turning(distanceM, stiffnessNM * radiusM ** 2);
  return { ...tips, mPerN: 1 / stiffnessNM + tips.mPerN };
};

/**
 * Every piece from the surface to the camera's middle, in order.
 * @param sideways across the joints' pins rather than about them @param hangs the camera pulls at the rubbers of a damper
 */
export function chainPieces(
  resolved: ResolvedSetUp,
  picks: Pick2<RangeEnds, 'stiffness' | 'damping'>,
  { sideways = false, hangs = false } = {},
): readonly Piece[] {
  const { setUp, base, links, head, camera, placed } = resolved;
  const { stiffness, damping } = picks;
  const joints = chainJoints(resolved);
  const end = joints[joints.length - 1]!;
  // The camera's middle stands over the last joint by its foot and half its height.
  const over = Math.max(0, FOOT_M + camera.bodyM[1] / 2);
  const away = (p: Vec3) => distance(p, end) + over;
  const jointStiffness = stiffness(head.stiffnessNmRad) * (sideways ? SIDEWAYS_STIFFER : 1);
  const surface = SURFACE_STIFFNESS[placed.spot.surface.material];
  const pieces: Piece[] = [];
  if (surface) {
    pieces.push({
      name: `the ${placed.spot.surface.material} under it`,
      kind: 'surface',
      link: null,
      awayM: away(joints[0]!),
      ...turning(away(joints[0]!), stiffness(surface)),
      loss: damping(surfaceLoss(placed.spot.surface.material)),
    });
  }
  pieces.push({
    name: base.name.toLowerCase(),
    kind: 'base',
    link: null,
    awayM: away(joints[0]!),
    ...turning(away(joints[0]!), baseStiffness(base, setUp.fastening, stiffness)),
    loss: damping(BASE_LOSS[base.kind]),
  });
  links.forEach(({ use, definition }, i) => {
    const name = definition.name.toLowerCase();
    const beyond = away(joints[i + 2]!);
    const awayM = away(joints[i + 1]!);
    const soft = definition.kind === 'damper' || definition.kind === 'pad';
    const hung = hangs && definition.kind === 'damper';
    const loss = damping(LINK_LOSS[definition.kind]) * (hung ? damping(HANGING.loss) : 1);
    if (soft) {
      const k = stiffness(definition.stiffnessNM) * (hung ? stiffness(HANGING.stiffness) : 1);
      const gives = plateOnRubber(k, definition.radiusM, awayM * (definition.leverShare?.value ?? 1));
      pieces.push({ name, kind: definition.kind === 'damper' ? 'damper' : 'pad', link: i, awayM, ...gives, loss });
      return;
    }
    const gives = bending(use.lengthM, beyond, stiffness(definition.stiffnessNM), definition.lengthM.low);
    pieces.push({ name, kind: 'link', link: i, awayM, ...gives, loss });
    // The link's own joint on whatever carries it.
    pieces.push({
      name: 'joint between the pieces',
      kind: 'joint',
      link: i,
      awayM,
      ...turning(awayM, definition.joint ? stiffness(definition.joint.stiffnessNmRad) : jointStiffness),
      loss: damping(JOINT_LOSS),
    });
  });
  pieces.push({
    name: head.name.toLowerCase(),
    kind: 'head',
    link: null,
    awayM: over,
    ...turning(over, jointStiffness),
    loss: damping(JOINT_LOSS),
  });
  return pieces;
}
type Pick2<T, K extends keyof T> = { readonly [P in K]: T[P] };

/** Sum of what the pieces give, and what follows from it: stiffness across, turn for each metre given, damping ratio. */
export function chainSum(pieces: readonly Piece[]): { mPerN: number; turnPerM: number; dampingRatio: number } {
  const mPerN = pieces.reduce((sum, p) => sum + p.mPerN, 0);
  if (!(mPerN > 0)) return { mPerN: 0, turnPerM: 0, dampingRatio: 0 };
  return {
    mPerN,
    turnPerM: pieces.reduce((sum, p) => sum + p.radPerN, 0) / mPerN,
    // Each piece takes its loss from its share of the energy: ζ = ½·Σ η·c/Σ c (modal strain energy).
    dampingRatio: pieces.reduce((sum, p) => sum + p.loss * p.mPerN, 0) / mPerN / 2,
  };
}
