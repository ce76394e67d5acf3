import { CAMERAS } from '../../catalog/index.generated';
import type { Aim, IntentDefinition } from '../checks/intent';
import { SET_UP_STANCE_ID, type BaseKind, type Surface } from '../rig/definitions';
import { meshBounds } from '../geometry/mesh';
import { transformPoint } from '../geometry/pose';
import { mix, type Vec3 } from '../geometry/vec3';
import { poseRig, type PosedRig } from '../rig/poseRig';
import type { PosedPart } from '../rig/types';
import { resolveRig, type RigSpec } from '../rig/resolveRig';
import { placedSpots } from '../rig/spots';
import type { BaseDefinition, CameraMounting } from '../strut/definitions';
import { baseRefusal } from '../strut/baseRefusal';
import { kitWith } from '../strut/kit';
import { resolveSetUp } from '../strut/resolveSetUp';
import type { SetUp } from '../strut/setUp';
import { clearOfSurface } from '../strut/surfaceGap';
import { centredTiltDeg } from '../strut/gimbal';
import { solveAim, solveTiltForHorizon, stanceChange } from '../strut/solveAngles';

export interface CameraChoice {
  readonly cameraId: string;
  readonly modeId: string;
  readonly stabiliserId: string;
  readonly mounting?: CameraMounting;
}

export const standardCamera = (): CameraChoice => {
  const camera = CAMERAS.find((c) => c.id === 'cube-camera')!;
  return { cameraId: camera.id, modeId: camera.modes[0]!.id, stabiliserId: camera.stabilisers[1]!.id };
};

/** Which way of holding is tried first where no base is made for the surface: common practice, no source. */
const BY_HABIT: readonly BaseKind[] = [
  'clamp',
  'harness',
  'strap',
  'adhesive',
  'suction',
  'jaw',
  'bolt',
  'magnet',
  'stand',
  'hand',
  'bite',
  'tape',
];

/** Bases that go on a surface: those made for it first, then as people try them. */
export function basesByHabit(bases: readonly BaseDefinition[], surface: Surface): readonly BaseDefinition[] {
  const rank = (base: BaseDefinition) =>
    (base.madeFor.includes(surface.shape) ? 0 : BY_HABIT.length) +
    (base.madeFor.includes(surface.shape) ? 0 : BY_HABIT.indexOf(base.kind));
  return bases.filter((base) => baseRefusal(base, surface) === null).sort((a, b) => rank(a) - rank(b));
}

/** The strut's simplest form at a spot, nothing aimed yet; null when no base of the kit goes there. */
export function plainSetUp(spec: RigSpec, spotId: string, camera: CameraChoice): SetUp | null {
  const placed = placedSpots(spec).find((p) => p.spot.id === spotId);
  if (!placed) throw new RangeError(`plainSetUp: no spot "${spotId}" on this rig`);
  const { surface } = placed.spot;
  const [base] = basesByHabit(kitWith(spec.ownKit).bases, surface);
  if (!base) return null;
  const hangs = placed.partFromSpot.rotation[4] < -0.4;
  return {
    spotId,
    baseId: base.id,
    links: [],
    headId: 'finger-joint',
    cameraId: camera.cameraId,
    modeId: camera.modeId,
    stabiliserId: camera.stabiliserId,
    mounting: camera.mounting ?? (hangs ? 'inverted' : 'upright'),
    angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 },
  };
}

/**
 * The same set-up with pan and tilt solved for what the intent asks in the action stance. The tilt is exact; what a joint that
 * holds in steps makes of it is said by nearestNotch. A camera that must be turned sideways gets a ball joint.
 * Where the body would cut into the surface a riser comes under it.
 * @param horizonAt wanted height of the sky line, fraction from the top; null for intents that aim at a part
 */
export function aimedSetUp(
  spec: RigSpec,
  setUp: SetUp,
  intent: IntentDefinition,
  actionStanceId: string,
  horizonAt: number | null,
): SetUp | null {
  const setUpRig = poseRig(spec, SET_UP_STANCE_ID);
  const actionRig = poseRig(spec, actionStanceId);
  if (intent.aim.kind === 'horizon') {
    const turned = { ...setUp, angles: { panDeg: intent.aim.panDeg, tiltDeg: 0, rollDeg: 0 } };
    const tiltDeg = solveTiltForHorizon(resolveSetUp(spec, turned), setUpRig, actionRig, horizonAt ?? 0.5);
    if (tiltDeg === null) return null;
    return centred(spec, { ...turned, angles: { ...turned.angles, tiltDeg } }, setUpRig, actionRig);
  }
  const target = aimPoint(spec, actionRig, intent.aim.at);
  if (!target) return null;
  const angles = solveAim(resolveSetUp(spec, setUp), setUpRig, actionRig, target, intent.aim.heightFraction);
  const headId = Math.abs(angles.panDeg) > 1 ? 'ball-joint' : setUp.headId;
  return centred(spec, { ...setUp, headId, angles }, setUpRig, actionRig);
}

/** Clear of the surface, and a powered gimbal centred in the action stance. */
function centred(spec: RigSpec, setUp: SetUp, setUpRig: PosedRig, actionRig: PosedRig): SetUp {
  const clear = clearOfSurface(spec, setUp);
  const { camera, placed } = resolveSetUp(spec, clear);
  if (!camera.gimbal) return clear;
  const tilt = centredTiltDeg(stanceChange(setUpRig, actionRig, placed.spot.partId), clear.angles);
  return { ...clear, gimbalTiltDeg: Math.round(tilt * 10) / 10 };
}

type PartAim = Extract<Aim, { kind: 'part' }>;

/** Middle of what is aimed at, world frame; null where this rig has no such thing. */
export function aimPoint(spec: RigSpec, rig: PosedRig, at: PartAim['at']): Vec3 | null {
  if (at === 'face') return rig.byId.get('head')?.worldFromPart.position ?? null;
  if (at === 'working') {
    const part = resolveRig(spec)
      .machine.working.map((id) => rig.byId.get(id))
      .find((p) => p !== undefined);
    return part ? middleOf([part]) : null;
  }
  const parts = rig.parts.filter((part) =>
    at === 'hands'
      ? part.id.startsWith('hand')
      : at === 'craft'
        ? part.group === 'machine' || part.group === 'rider' || part.group === 'face'
        : part.group === 'subject',
  );
  return parts.length > 0 ? middleOf(parts) : null;
}

/** Middle of the box round some parts, world frame. */
function middleOf(parts: readonly PosedPart[]): Vec3 {
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const { mesh, worldFromPart } of parts) {
    const { min, max } = meshBounds(mesh);
    for (const corner of [0, 1, 2, 3, 4, 5, 6, 7]) {
      const pick = (k: 0 | 1 | 2): number => ((corner >> k) & 1 ? max[k] : min[k]);
      const p = transformPoint(worldFromPart, [pick(0), pick(1), pick(2)]);
      for (const k of [0, 1, 2] as const) {
        low[k] = Math.min(low[k], p[k]);
        high[k] = Math.max(high[k], p[k]);
      }
    }
  }
  return mix(low, high, 0.5);
}
