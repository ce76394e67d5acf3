import { transformPoint } from '../../../mathematics/geometry/pose';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { bodyCorners } from '../../../posing/strut/surfaceGap';
import { sunkInto } from '../../../posing/scene/sunkInto';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

/** Bodies and cloth give so much under a lens, and under the corners of a camera, which are round; metres. Estimates 5 to 20 mm and 10 to 30 mm. */
const GIVES_M = { lens: 0.01, camera: 0.02 } as const;

/** A camera that leans into what carries it, or into a limb, is not there, and its lens sees nothing but an inside; null where it stands clear. */
export function sunkFinding({ carrier, resolved, pose }: ShotScene): Finding | null {
  const solid = (carrier.ridden[0]?.rig.parts ?? []).filter((part) => part.group !== 'subject' && !part.seeThrough);
  const depth = (what: keyof typeof GIVES_M, point: Vec3) => {
    const sunk = sunkInto(solid, point);
    return sunk && sunk.depthM > GIVES_M[what] ? { ...sunk, what } : null;
  };
  const corners = () =>
    bodyCorners(resolved)
      .flatMap((corner) => depth('camera', transformPoint(pose.worldFromBody, corner)) ?? [])
      .sort((a, b) => b.depthM - a.depthM)[0];
  const sunk = depth('lens', pose.worldFromCamera.position) ?? corners();
  if (!sunk) return null;
  const { part, depthM, what } = sunk;
  return {
    id: 'sunk',
    label: 'room for the camera',
    verdict: 'stop',
    value: depthM,
    unit: 'm',
    limit: [null, GIVES_M[what]],
    margin: GIVES_M[what] - depthM,
    because: `${what === 'lens' ? 'the lens' : 'a corner of the camera'} would lie ${Math.round(depthM * 1000)} mm inside the ${part.name.toLowerCase()}: there is no room for the camera like that`,
    mend: { text: 'lean it less, or hold it off on an arm' },
  };
}
