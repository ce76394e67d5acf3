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

/** What a pack carries so far over the eyes stands over the head, metres: helmets end there. Estimate 0.15 to 0.22. */
const OVER_HEAD_M = 0.2;

/** From so fast on flies, stones and the spray of others hit what is outside of a windscreen, m/s. Estimate 12 to 22. */
const FLIES_MPS = 16;

type Knocks = { readonly by: string; readonly verdict: 'watch' | 'stop' } | null;

/** What knocks against a camera out in the open. */
function knocksAt({ zone, machine, carrier, pose, ride, resolved }: ShotScene): Knocks {
  const { ground, eyes, parts } = carrier.ridden[0]!.rig;
  const at = pose.worldFromBody.position;
  const onLand = overLand(machine);
  if (zone === null) {
    if (!onLand) return null;
    if (heightAboveGround(ground, at) < STONES_M) return { by: 'stones and mud fly up there', verdict: 'watch' };
    // What has screw points all round is built to be rigged outside.
    const rigged = (resolved.camera.screwPoints ?? 1) > 1;
    const screened = parts.some(({ seeThrough, group }) => seeThrough && group === 'machine');
    if (screened && !rigged && ride.speedMps > FLIES_MPS)
      return { by: 'flies, stones and the spray of others hit it outside of the glass', verdict: 'watch' };
    return null;
  }
  if (MEETS_FIRST.includes(zone)) {
    const where = zone === 'head' ? 'the head' : zone === 'hips' ? 'the hip' : 'a boot';
    // A fall on land ends on the helmet.
    const verdict = zone === 'head' && onLand ? 'stop' : 'watch';
    return { by: `on ${where} it meets branches and the ground first`, verdict };
  }
  const overHead = onLand && eyes !== null && zone !== 'hand' && at[1] - eyes.position[1] > OVER_HEAD_M;
  return overHead ? { by: 'over the head it meets every branch', verdict: 'stop' } : null;
}

/** A camera made for the hand, where what is made for the outside is knocked about: the same that does not bear more than splashes has no shell either. */
export function knockFinding({ shelter }: Pick<LastFound, 'shelter'>, scene: ShotScene): Finding | null {
  const { camera } = scene.resolved;
  const made = camera.housing !== undefined || !['none', 'splashes'].includes(camera.lasting.water);
  if (made || shelter !== 'open' || scene.machine.passing !== undefined) return null;
  const knocks = knocksAt(scene);
  if (!knocks) return null;
  return {
    id: 'knocks',
    label: 'knocks that it is not made for',
    verdict: knocks.verdict,
    value: 1,
    unit: '',
    limit: [null, 0],
    margin: -1,
    because: `${knocks.by}; a ${camera.name.toLowerCase()} is made for the hand`,
    mend: { text: 'a camera with a shell for the outside, or a place that meets less' },
  };
}
