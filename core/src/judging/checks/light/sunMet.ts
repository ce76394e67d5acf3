import { sunBeyondEdgeDeg, sunDirection, sunInPicture, type SunPlace } from '../../../mathematics/sun/sun';
import { shading } from '../../../physics/light/ownShadow';
import { poseStrut } from '../../../posing/strut/kinematics';
import type { ShotScene } from '../../scene/shotScene';

/** In which stances the sun looks into the lens, and for how much of the ride. */
export interface SunMet {
  readonly share: number;
  readonly stanceNames: readonly string[];
  /** Of the ride, with the sun outside of the picture but upon the glass, and near enough to veil it. */
  readonly veiledShare: number;
  /** The nearest that it then comes to the picture's edge, degrees. */
  readonly veiledFromDeg: number;
}

/** So near the picture's edge light on the glass still veils it, degrees. Common practice, no source. */
const VEILS_DEG = 30;

/** Whether the sun looks in, nothing of rider or machine before it. Null where nobody knows how it stands. */
export function sunMet({ resolved, carrier }: ShotScene, sun: SunPlace | null): SunMet | null {
  if (!sun) return null;
  const seen = carrier.ridden.map(({ rig, stance, seen: parts }) => {
    const { position, rotation } = poseStrut(resolved, carrier.setUpRig, rig).worldFromCamera;
    const toSun = sunDirection(rig.ground.ahead, sun);
    const inside = sunInPicture(resolved.lens, rotation, toSun);
    const beyondDeg = inside ? 0 : sunBeyondEdgeDeg(resolved.lens, rotation, toSun);
    const open = beyondDeg < VEILS_DEG && shading(parts)(position, toSun) === null;
    return { stance, inside: inside && open, veiled: !inside && open, beyondDeg };
  });
  const all = seen.reduce((sum, { stance }) => sum + stance.share, 0) || 1;
  const shareOf = (which: typeof seen) => which.reduce((sum, { stance }) => sum + stance.share, 0) / all;
  const met = seen.filter(({ inside }) => inside);
  const veiled = seen.filter((one) => one.veiled);
  return {
    share: shareOf(met),
    stanceNames: met.map(({ stance }) => stance.name.toLowerCase()),
    veiledShare: shareOf(veiled),
    veiledFromDeg: Math.min(VEILS_DEG, ...veiled.map(({ beyondDeg }) => Math.max(0, beyondDeg))),
  };
}
