import { castRay } from '../../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../../mathematics/geometry/pose';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { sunDirection, sunInPicture } from '../../../mathematics/sun/sun';
import { poseStrut } from '../../../posing/strut/kinematics';
import type { PosedPart } from '../../../words/carrier/posedPart';
import type { ShotScene } from '../../scene/shotScene';

/** In which stances the sun looks into the lens, and for how much of the ride. */
export interface SunMet {
  readonly share: number;
  readonly stanceNames: readonly string[];
}

/** Where the sun was told to stand: whether it looks in, nothing of rider or machine before it. Null where nobody told. */
export function sunMet({ ask, resolved, carrier }: ShotScene): SunMet | null {
  const { sun } = ask;
  if (!sun) return null;
  const met = carrier.ridden.filter(({ rig, seen }) => {
    const { position, rotation } = poseStrut(resolved, carrier.setUpRig, rig).worldFromCamera;
    const toSun = sunDirection(rig.ground.ahead, sun);
    return sunInPicture(resolved.lens, rotation, toSun) && !seen.some((part) => stands(part, position, toSun));
  });
  const all = carrier.ridden.reduce((sum, { stance }) => sum + stance.share, 0) || 1;
  return {
    share: met.reduce((sum, { stance }) => sum + stance.share, 0) / all,
    stanceNames: met.map(({ stance }) => stance.name.toLowerCase()),
  };
}

/** Whether a part stands before the sun. */
function stands({ mesh, worldFromPart }: PosedPart, lens: Vec3, toSun: Vec3): boolean {
  const partFromWorld = invert(worldFromPart);
  return castRay(mesh, transformPoint(partFromWorld, lens), transformDirection(partFromWorld, toSun)) !== null;
}
