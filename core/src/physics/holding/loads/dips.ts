import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { transformPoint, invert } from '../../../mathematics/geometry/pose';
import { dot, subtract } from '../../../mathematics/geometry/vec3';
import { minus, turned, type Complex } from '../../../mathematics/spectra/complex';
import { spotZone } from '../../../posing/rig/spotZone';
import { poseRig } from '../../../posing/rig/poseRig';
import { groundById } from '../../../posing/lookup/grounds';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { MachineDefinition } from '../../../words/carrier/machine';
import type { Ride } from '../../../words/carrier/machineShake';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import type { RideConditions } from '../../../words/ride/rideConditions';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { usual } from '../../../words/sourced/ends';
import type { Sourced } from '../../../words/sourced/source';
import { floatGains } from '../../shaking/paths/rideGains';
import { waveElevationM2Hz, waveNumber } from '../../shaking/sources/waves';

const G = 9.80665;

interface Waves {
  readonly heightM: Sourced;
  readonly periodS: Sourced;
}

/** How water meets what is mounted on a craft. */
export interface Water {
  /** Between the camera's body and the crests, where it comes nearest to them; below 0 it dips. Metres. */
  readonly clearM: number;
  readonly nearestIn: string;
  /** Water past it where it is loaded most, m/s, and the share of the camera that is wet then; 0 where it stays dry. */
  readonly waterMps: number;
  readonly wetShare: number;
  /** It goes under as a whole: the board is pushed through breaking waves, and is thrown about by them. */
  readonly goesUnder: boolean;
}

/** Breaking waves are as high as 0.78 of the water's depth (McCowan 1894, from memory), and run at √(g·depth) there. */
const BREAKS_AT = 0.78;

/** Boards are pushed through breaking waves, and fall with their riders. Common practice, no source. */
export const goesUnder = ({ world, family }: Pick<MachineDefinition, 'world' | 'family'>): boolean =>
  world === 'water' && family === 'board';

/** Frequencies of the waves that count, as multiples of that of their peak: what is left out is less than 0.2 % of their energy. */
const FROM_PEAK = [0.4, 6] as const;
const STEPS = 48;

/**
 * Height of the crests against a hull that goes along with them, where it is met: two standard deviations of e^(jkx) − (z + x·θ), with the
 * heave z and the pitch θ of the hull per metre of wave. Metres. Limits: a hull much shorter than the waves rides on them, 0; one much longer
 * lies still, half the significant height. @param xM ahead of the hull's middle
 */
export function crestAgainstHullM(
  ride: Extract<Ride, { kind: 'float' }>,
  { heightM, periodS }: Waves,
  speedMps: number,
  xM: number,
): number {
  const gains = floatGains(ride, speedMps, usual);
  const [from, to] = FROM_PEAK.map((multiple) => multiple / periodS.value) as [number, number];
  const ratio = (to / from) ** (1 / STEPS);
  let variance = 0;
  for (let i = 0; i < STEPS; i++) {
    const low = from * ratio ** i;
    const f = low * Math.sqrt(ratio);
    const k = waveNumber(f);
    const metHz = f + (k * speedMps) / (2 * Math.PI);
    const water: Complex = turned(k * xM);
    const [re, im] = minus(water, gains(metHz, xM).up);
    variance += waveElevationM2Hz(heightM.value, periodS.value, f) * (re * re + im * im) * low * (ratio - 1);
  }
  return 2 * Math.sqrt(variance);
}

/** Null where there is no water about. */
export function waterOn(rig: RigSpec, resolved: ResolvedSetUp, ride: RideConditions): Water | null {
  const { machine } = resolveRig(rig);
  if (machine.world !== 'water') return null;
  const { surface } = groundById(ride.groundId);
  const waves = surface.kind === 'waves' ? surface : null;
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const halfM = resolved.camera.bodyM[1] / 2;
  const orbitalMps = waves ? (Math.PI * waves.heightM.value) / waves.periodS.value : 0;
  // A hand that water pulls at gives way: what it holds hangs on its loop until both come up.
  const under = goesUnder(machine) && spotZone(rig, resolved.placed.spot) !== 'hand';
  const met = machine.stances
    .filter(({ share }) => share > 0)
    .map((stance) => {
      const posed = poseRig(rig, stance.id);
      const { position } = poseStrut(resolved, setUpRig, posed).worldFromCamera;
      const speedMps = ride.speedMps * (stance.speedShare ?? 1);
      const [xM] = transformPoint(invert(posed.worldFromMachine), position);
      const crestM = waves ? crestOver(machine, waves, speedMps, xM) : 0;
      const clearM = dot(subtract(position, posed.ground.point), posed.ground.normal) - halfM - crestM;
      const wetShare = Math.min(1, Math.max(0, -clearM / (2 * halfM)));
      return { name: stance.name, clearM, speedMps, wetShare, waterMps: wetShare > 0 ? speedMps + orbitalMps : 0 };
    });
  const nearest = met.reduce((a, b) => (b.clearM < a.clearM ? b : a));
  const slowest = Math.min(...met.map(({ speedMps }) => speedMps));
  const breakingMps = waves ? Math.sqrt((G * waves.heightM.value) / BREAKS_AT) : 0;
  const { waterMps, wetShare } = [...met, ...(under ? [{ waterMps: slowest + breakingMps, wetShare: 1 }] : [])].reduce(
    (a, b) => (b.waterMps ** 2 * b.wetShare > a.waterMps ** 2 * a.wetShare ? b : a),
  );
  return { clearM: nearest.clearM, nearestIn: nearest.name, waterMps, wetShare, goesUnder: under };
}

/** Crests are worked out this far apart along a hull, and taken as straight between, metres. */
const ALONG_M = 0.05;

const crests = keepLatest<number>(2000);

/** The same for thousands of cameras: kept for places along the hull. */
function crestOver(machine: MachineDefinition, waves: Waves, speedMps: number, xM: number): number {
  const { ride } = machine.shake;
  if (ride.kind !== 'float') return waves.heightM.value / 2;
  const at = (step: number) =>
    crests([machine.id, waves.heightM.value, waves.periodS.value, speedMps, step].join(' '), () =>
      crestAgainstHullM(ride, waves, speedMps, step * ALONG_M),
    );
  const steps = xM / ALONG_M;
  const low = Math.floor(steps);
  return at(low) + (steps - low) * (at(low + 1) - at(low));
}
