import { overLand } from '../../../physics/clearance/clearReport';
import { heightAboveGround } from '../../../posing/rig/groundHit';
import type { RiderZone } from '../../../posing/rig/riderZone';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import type { LastFound } from './lastFound';

/** What of a rider meets branches, gates and the ground first. Common practice, no source. */
const MEETS_FIRST: readonly RiderZone[] = ['head', 'hips', 'foot'];
/** Stones and mud fly up to about here, metres over the ground. Estimate 0.4 to 0.9. */
const STONES_M = 0.6;

/** A camera made for the hand, where what is made for the outside is knocked about: the same that does not bear more than splashes has no shell either. */
export function knockFinding(
  { shelter }: Pick<LastFound, 'shelter'>,
  { resolved, zone, machine, carrier, pose }: ShotScene,
): Finding | null {
  const { camera } = resolved;
  const made = camera.housing !== undefined || !['none', 'splashes'].includes(camera.lasting.water);
  if (made || shelter !== 'open' || machine.passing !== undefined) return null;
  const low =
    zone === null &&
    overLand(machine) &&
    heightAboveGround(carrier.ridden[0]!.rig.ground, pose.worldFromBody.position) < STONES_M;
  const first = zone !== null && MEETS_FIRST.includes(zone);
  if (!low && !first) return null;
  return {
    id: 'knocks',
    label: 'knocks that it is not made for',
    verdict: 'watch',
    value: 1,
    unit: '',
    limit: [null, 0],
    margin: -1,
    because: `${low ? 'stones and mud fly up there' : `on ${zone === 'head' ? 'the head' : zone === 'hips' ? 'the hip' : 'a boot'} it meets branches and the ground first`}; a ${camera.name.toLowerCase()} is made for the hand`,
    mend: { text: 'a camera with a shell for the outside, or a place that meets less' },
  };
}
