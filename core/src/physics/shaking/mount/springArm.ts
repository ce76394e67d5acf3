import { normalize, subtract } from '../../../mathematics/geometry/vec3';
import { transformPoint } from '../../../mathematics/geometry/pose';
import { toDeg } from '../../../mathematics/units/angle';
import { chainJoints, type StrutPose } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { RangeEnds } from '../ends/rangeEnds';

/** Steeper than this against level it can't swing up and down, degrees. Estimate 37 to 53. */
export const STEEP_DEG = 45;

/** A spring arm in a strut, as it is loaded and as it lies. */
export interface SpringArm {
  readonly name: string;
  /** Its place among the links. */
  readonly link: number;
  readonly frequencyHz: number;
  readonly dampingRatio: number;
  readonly travelM: number;
  /** How far it lies off level, degrees. */
  readonly steepDeg: number;
  readonly carriedKg: number;
  readonly carries: { readonly low: number; readonly high: number };
  /** Why it does not spring; null where it does. */
  readonly stuck: 'too light' | 'too heavy' | 'too steep' | null;
}

/** The first spring arm in a strut; null where there is none. Its spring is turned until it carries its load level. */
export function springArm(
  resolved: ResolvedSetUp,
  pose: StrutPose,
  { stiffness, damping }: Pick<RangeEnds, 'stiffness' | 'damping'>,
): SpringArm | null {
  const at = resolved.links.findIndex(({ definition }) => definition.spring);
  if (at < 0) return null;
  const { camera, head, links } = resolved;
  const { name, spring } = links[at]!.definition;
  const { frequencyHz, dampingRatio, carriesKg, travelM } = spring!;
  const carriedKg = links
    .slice(at + 1)
    .reduce((sum, { definition }) => sum + definition.massKg.value, camera.massKg.value + head.massKg.value);
  const joints = chainJoints(resolved).map((joint) => transformPoint(pose.worldFromSpot, joint));
  const [, upright] = normalize(subtract(joints[at + 2]!, joints[at + 1]!));
  const steepDeg = toDeg(Math.asin(Math.min(1, Math.abs(upright))));
  return {
    name: name.toLowerCase(),
    link: at,
    frequencyHz: stiffness(frequencyHz),
    dampingRatio: damping(dampingRatio),
    travelM,
    steepDeg,
    carriedKg,
    carries: carriesKg,
    stuck:
      carriedKg < carriesKg.low
        ? 'too light'
        : carriedKg > carriesKg.high
          ? 'too heavy'
          : steepDeg > STEEP_DEG
            ? 'too steep'
            : null,
  };
}

/** As it gives for one newton across: k = m·(2πf)², level all the while. @param stiffer so many times where it meets its stops */
export const springPiece = ({ name, link, frequencyHz, dampingRatio, carriedKg }: SpringArm, stiffer: number) =>
  ({
    name,
    kind: 'spring',
    link,
    awayM: 0,
    mPerN: 1 / (stiffer * carriedKg * (2 * Math.PI * frequencyHz) ** 2),
    radPerN: 0,
    radPerNm: 0,
    loss: 2 * dampingRatio,
  }) as const;
