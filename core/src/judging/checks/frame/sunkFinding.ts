import { sunkInto } from '../../../posing/scene/sunkInto';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

/** Bodies and cloth give so much under a camera, metres. Estimate 5 to 20 mm. */
const GIVES_M = 0.01;

/** A lens that leans into what carries it sees nothing but its inside; null where it stands clear. */
export function sunkFinding({ carrier, pose }: ShotScene): Finding | null {
  const solid = (carrier.ridden[0]?.rig.parts ?? []).filter((part) => part.group !== 'subject' && !part.seeThrough);
  const sunk = sunkInto(solid, pose.worldFromCamera.position);
  if (!sunk || sunk.depthM <= GIVES_M) return null;
  const { part, depthM } = sunk;
  return {
    id: 'sunk',
    label: 'room for the camera',
    verdict: 'stop',
    value: depthM,
    unit: 'm',
    limit: [null, GIVES_M],
    margin: GIVES_M - depthM,
    because: `the lens would lie ${Math.round(depthM * 1000)} mm inside the ${part.name.toLowerCase()}: there is no room for the camera like that`,
    mend: { text: 'lean it less, or hold it off on an arm' },
  };
}
