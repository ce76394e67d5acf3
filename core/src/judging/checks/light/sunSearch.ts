import { castRay } from '../../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../../mathematics/geometry/pose';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { sunDirection, sunInPicture } from '../../../mathematics/sun/sun';
import type { PosedPart } from '../../../words/carrier/posedPart';
import { poseStrut } from '../../../posing/strut/kinematics';
import type { SearchCheck } from '../searchCheck';

/** Where it was told how the sun stands: the share of the ride in which it looks into the lens, nothing of rider or machine before it. */
export const sunSearch: SearchCheck = {
  check: 'light',
  cost: 'cheap',
  judge({ ask, resolved, sightlines: { scene } }) {
    const { sun } = ask;
    if (!sun) return { stop: null, terms: [] };
    const met = scene.ridden.filter(({ rig, seen }) => {
      const { position, rotation } = poseStrut(resolved, scene.setUpRig, rig).worldFromCamera;
      const toSun = sunDirection(rig.ground.ahead, sun);
      return sunInPicture(resolved.lens, rotation, toSun) && !seen.some((part) => stands(part, position, toSun));
    });
    const all = scene.ridden.reduce((sum, { stance }) => sum + stance.share, 0) || 1;
    const share = met.reduce((sum, { stance }) => sum + stance.share, 0) / all;
    const names = met.map(({ stance }) => stance.name.toLowerCase()).join(', ');
    return {
      stop: null,
      terms: [
        {
          id: 'sun',
          value: 1 - share,
          text: met.length > 0 ? `the sun looks in: ${names}` : 'the sun stays out of the picture',
        },
      ],
    };
  },
};

/** Whether a part stands before the sun. */
function stands({ mesh, worldFromPart }: PosedPart, lens: Vec3, toSun: Vec3): boolean {
  const partFromWorld = invert(worldFromPart);
  return castRay(mesh, transformPoint(partFromWorld, lens), transformDirection(partFromWorld, toSun)) !== null;
}
