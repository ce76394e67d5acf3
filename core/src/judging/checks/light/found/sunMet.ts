import { sunBeyondEdgeDeg, sunDirection, sunInPicture, type SunPlace } from '../../../../mathematics/sun/sun';
import type { Pose } from '../../../../mathematics/geometry/pose';
import { scale } from '../../../../mathematics/geometry/vec3';
import { toRad } from '../../../../mathematics/units/angle';
import { heightAboveGround } from '../../../../posing/rig/groundHit';
import { shading } from '../../../../physics/light/partRays';
import { poseStrut } from '../../../../posing/strut/kinematics';
import type { ShotScene } from '../../../scene/shotScene';

/** In which stances the sun looks into the lens, and for how much of the ride. */
export interface SunMet {
  readonly share: number;
  readonly stanceNames: readonly string[];
  /** Of the ride, with the sun outside of the picture but upon the glass, and near enough to veil it. */
  readonly veiledShare: number;
  /** The nearest that it then comes to the picture's edge, degrees. */
  readonly veiledFromDeg: number;
  /** The nearest that the camera's own shadow comes to the picture from outside, degrees: 0 = in it, SHADOW_FAR_DEG = farther or none. */
  readonly shadowBeyondDeg: number;
}

/** Beyond that nobody asks how far a shadow lies outside of the picture, degrees. */
const SHADOW_FAR_DEG = 60;
/** Thrown from farther off a shadow is a dot without edges. Metres: the sun's half degree blurs a body of 0.5 m whole at 55 m. */
const SHADOW_LOST_M = 55;

/** So near the picture's edge light on the glass still veils it, degrees. Common practice, no source. */
const VEILS_DEG = 30;

/** The camera in each stance that is ridden. */
export type Cameras = readonly {
  readonly ridden: ShotScene['carrier']['ridden'][number];
  readonly worldFromCamera: Pose;
}[];

export const camerasOf = ({ resolved, carrier }: ShotScene): Cameras =>
  carrier.ridden.map((ridden) => ({
    ridden,
    worldFromCamera: poseStrut(resolved, carrier.setUpRig, ridden.rig).worldFromCamera,
  }));

/** Whether the sun looks in, nothing of rider or machine before it. A hood keeps it off the glass where it stands far enough outside of the picture. */
export function sunMet(
  cameras: Cameras,
  { lens, camera }: Pick<ShotScene['resolved'], 'lens' | 'camera'>,
  sun: SunPlace,
): SunMet {
  const veilsDeg = Math.min(VEILS_DEG, camera.shadesFromDeg ?? VEILS_DEG);
  const seen = cameras.map(({ ridden: { rig, stance, seen: parts }, worldFromCamera: { position, rotation } }) => {
    const toSun = sunDirection(rig.ground.ahead, sun);
    const inside = sunInPicture(lens, rotation, toSun);
    const beyondDeg = inside ? 0 : sunBeyondEdgeDeg(lens, rotation, toSun);
    const open = beyondDeg < veilsDeg && shading(parts)(position, toSun) === null;
    const thrownM = heightAboveGround(rig.ground, position) / Math.max(1e-3, Math.sin(toRad(sun.heightDeg)));
    const away = scale(toSun, -1);
    const shadowDeg =
      thrownM > SHADOW_LOST_M
        ? SHADOW_FAR_DEG
        : sunInPicture(lens, rotation, away)
          ? 0
          : sunBeyondEdgeDeg(lens, rotation, away);
    return { stance, inside: inside && open, veiled: !inside && open, beyondDeg, shadowDeg };
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
    shadowBeyondDeg: Math.min(SHADOW_FAR_DEG, ...seen.map(({ shadowDeg }) => Math.max(0, shadowDeg))),
  };
}
