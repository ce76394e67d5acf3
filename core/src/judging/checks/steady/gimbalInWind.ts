import { MPS_PER_KMH } from '../../../mathematics/units/length';
import { shelteredIn } from '../../../posing/scene/shelter';
import type { Finding, Verdict } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

/** Pushed by air this many times as fast as its motors hold, the lens is turned away altogether. Estimate 1.3 to 2. */
const GIVES_WAY = 1.5;

/** A powered gimbal in the air of the ride. */
export interface GimbalInWind {
  readonly airMps: number;
  readonly holdsMps: number;
}

/** Null without a gimbal, and where it is out of the wind. */
export function gimbalInWind({ question: { rig }, resolved, carrier, pose, ride }: ShotScene): GimbalInWind | null {
  const { gimbal } = resolved.camera;
  if (!gimbal) return null;
  const action = carrier.ridden[0]!.rig;
  if (shelteredIn(rig, resolved, action, pose.worldFromCamera.position)) return null;
  return { airMps: ride.speedMps + ride.windMps, holdsMps: gimbal.airMps.value };
}

/** What the motors still hold of the push, 1 = all: it grows with the square of the speed. */
export const heldShare = ({ airMps, holdsMps }: GimbalInWind): number => Math.min(1, (holdsMps / airMps) ** 2);

export function windVerdict({ airMps, holdsMps }: GimbalInWind): Verdict {
  if (airMps <= holdsMps) return 'good';
  return airMps <= holdsMps * GIVES_WAY ? 'watch' : 'stop';
}

export function windFinding(wind: GimbalInWind): Finding {
  const verdict = windVerdict(wind);
  const [air, holds] = [wind.airMps, wind.holdsMps].map((mps) => mps / MPS_PER_KMH) as [number, number];
  const words = (kmh: number) => `${Math.round(kmh)} km/h`;
  return {
    id: 'gimbal-wind',
    label: 'gimbal in the wind',
    verdict,
    value: air,
    unit: 'km/h',
    limit: [null, holds],
    margin: holds - air,
    because:
      verdict === 'good'
        ? `its motors hold the lens in ${words(air)} of wind; up to about ${words(holds)} (estimate)`
        : `${words(air)} of wind push the lens round: its motors hold up to about ${words(holds)} (estimate)`,
    mend: verdict === 'good' ? null : { text: 'a camera without a gimbal, or a place out of the wind' },
  };
}
