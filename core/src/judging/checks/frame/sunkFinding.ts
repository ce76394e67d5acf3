import { depthInside } from '../../../mathematics/geometry/depthInside';
import { meshBounds } from '../../../mathematics/geometry/mesh';
import { invert, transformPoint } from '../../../mathematics/geometry/pose';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

/** Bodies and cloth give so much under a camera, metres. Estimate 5 to 20 mm. */
const GIVES_M = 0.01;

/** A lens that leans into what carries it sees nothing but its inside; null where it stands clear. */
export function sunkFinding({ carrier, pose }: ShotScene): Finding | null {
  const lens = pose.worldFromCamera.position;
  let [deepest, into] = [0, ''];
  for (const { group, seeThrough, mesh, worldFromPart, name } of carrier.ridden[0]?.rig.parts ?? []) {
    if (group === 'subject' || seeThrough) continue;
    const at = transformPoint(invert(worldFromPart), lens);
    const { min, max } = meshBounds(mesh);
    if ([0, 1, 2].some((k) => at[k as 0] < min[k as 0] || at[k as 0] > max[k as 0])) continue;
    const depthM = depthInside(mesh, at);
    if (depthM > deepest) [deepest, into] = [depthM, name];
  }
  if (deepest <= GIVES_M) return null;
  return {
    id: 'sunk',
    label: 'room for the camera',
    verdict: 'stop',
    value: deepest,
    unit: 'm',
    limit: [null, GIVES_M],
    margin: GIVES_M - deepest,
    because: `the lens would lie ${Math.round(deepest * 1000)} mm inside the ${into.toLowerCase()}: there is no room for the camera like that`,
    mend: { text: 'lean it less, or hold it off on an arm' },
  };
}
