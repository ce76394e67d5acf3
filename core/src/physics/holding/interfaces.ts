import { DIRECTIONS } from '../../mathematics/geometry/evenDirections';
import { dot, length, normalize, ORIGIN, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { inverseRotation, rotate } from '../../mathematics/geometry/rotation';
import { chainJoints } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { RangeEnd } from '../../words/sourced/ends';
import { gripLimits } from './grips/gripLimits';
import type { GripConditions, HoldLimit } from './grips/letGo';
import { loadsAt, type CarriedCamera, type HeldArm } from './loads/armLoads';
import { standardAir } from './loads/atmosphere';
import { FLOWS, onSurface, type Interface, type Load, type LoadEnvelope, type SurfaceLoad } from './loads/loads';

/** A day's riding. */
const HOURS_ON = 3;
/** What a pad has had before, unless told otherwise. */
const OVERNIGHT_H = 24;
const G = 9.80665;

/** Each interface of each arm with the moments to be tried there and what may let go. */
export function* interfacesTried(
  resolved: ResolvedSetUp,
  { arms, carried }: { readonly arms: readonly HeldArm[]; readonly carried: CarriedCamera | null },
  envelope: LoadEnvelope,
  ride: RideConditions,
) {
  for (const arm of arms) {
    const ofFirst = arm === arms[0];
    const conditions = conditionsOf(resolved, envelope, ride, { arm, carried, ofFirst });
    for (const face of arm.interfaces) {
      const loads = loadsAt(face, arm, carried, envelope);
      yield {
        face,
        arm,
        ofFirst,
        loads,
        worthTrying: () => worthTrying(face, arm, loads, resolved.camera.cradleN !== undefined),
        limits: (load: Load, parts: SurfaceLoad, pick: RangeEnd) =>
          limitsOf({ face, arm, load, parts, conditions }, resolved, pick),
      };
    }
  }
}

/** What an arm's base bears with the carrier standing still. */
export function restingOn(arm: HeldArm, carried: CarriedCamera | null, envelope: LoadEnvelope): SurfaceLoad {
  const still = { ...envelope, airMps: 0, waterMps: 0, accelerationMS2: 0 };
  return onSurface(loadsAt(arm.interfaces[0]!, arm, carried, still)(ORIGIN, ORIGIN), arm.normal);
}

/** How a base was put on and how long it bears. */
function conditionsOf(
  resolved: ResolvedSetUp,
  envelope: LoadEnvelope,
  ride: RideConditions,
  {
    arm,
    carried,
    ofFirst,
  }: { readonly arm: HeldArm; readonly carried: CarriedCamera | null; readonly ofFirst: boolean },
): GripConditions {
  const { surfaceState, putOn, curedH } = resolved.setUp;
  const axis = ofFirst ? tubeAxis(resolved) : undefined;
  const resting = restingOn(arm, carried, envelope);
  const weightN = [...arm.pieces, ...(carried?.pieces ?? [])].reduce((sum, p) => sum + p.massKg * G, 0);
  return {
    surface: arm.surface,
    state: surfaceState ?? 'clean',
    pressurePa: envelope.pressurePa,
    temperatureC: ride.temperatureC,
    putOn: {
      pressurePa: putOn?.altitudeM === undefined ? envelope.pressurePa : standardAir(putOn.altitudeM).pressurePa,
      temperatureC: putOn?.temperatureC ?? ride.temperatureC,
    },
    curedH: curedH ?? (arm.base.kind === 'adhesive' ? OVERNIGHT_H : 0),
    alongTube: ofFirst ? alongTube(resolved) : 0,
    ...(axis ? { tubeAxis: axis } : {}),
    hours: HOURS_ON,
    weightN,
    leverM: resting.tipNm / weightN,
  };
}

/** How far the first link lies along the stretch of a straight tube, 0 to 1. */
function alongTube(resolved: ResolvedSetUp): number {
  const { spot, partFromSpot } = resolved.placed;
  if (spot.surface.straightM === undefined || !spot.zone || resolved.links.length === 0) return 0;
  const [, from, to] = chainJoints(resolved);
  const along = rotate(partFromSpot.rotation, normalize(subtract(to!, from!)));
  return Math.abs(dot(along, normalize(spot.zone.along)));
}

/** Which way the tube under a base lies, seen from the spot; none where nobody told. */
function tubeAxis({ placed: { spot, partFromSpot } }: ResolvedSetUp): GripConditions['tubeAxis'] {
  if (!spot.zone || (spot.surface.shape !== 'tube' && spot.surface.shape !== 'bar')) return undefined;
  const [ahead, , aside] = rotate(inverseRotation(partFromSpot.rotation), normalize(spot.zone.along));
  const flat = Math.hypot(ahead, aside);
  return flat > 0.5 ? { ahead: ahead / flat, aside: aside / flat } : undefined;
}

/** One moment: which way it is thrown, and where the flow comes from. */
export interface LoadCase {
  readonly direction: Vec3;
  readonly flow: Vec3;
}

export const LOAD_CASES: readonly LoadCase[] = DIRECTIONS.flatMap((direction) =>
  FLOWS.map((flow) => ({ direction, flow })),
);

/** Moments that may be the worst at an interface: a joint that only its moment turns has one, where that is greatest. */
function worthTrying(
  face: Interface,
  arm: HeldArm,
  loads: (direction: Vec3, flow: Vec3) => Load,
  cradled: boolean,
): readonly LoadCase[] {
  if (face.id === 'head' && cradled) return LOAD_CASES;
  if (face.id === 'surface') return LOAD_CASES;
  if (face.link !== null && (arm.links[face.link]!.lock || arm.links[face.link]!.catchN)) return LOAD_CASES;
  let [worst, most] = [LOAD_CASES[0]!, -1];
  for (const loadCase of LOAD_CASES) {
    const { moment } = loads(loadCase.direction, loadCase.flow);
    const square = dot(moment, moment);
    if (square > most) [worst, most] = [loadCase, square];
  }
  return [worst];
}

export const marginOf = ({ demand, limit }: HoldLimit): number =>
  demand <= 1e-9 ? 999 : Math.min(999, limit / demand);

/** One interface in one moment. */
interface Met {
  readonly face: Interface;
  readonly arm: HeldArm;
  readonly load: Load;
  readonly parts: SurfaceLoad;
  readonly conditions: GripConditions;
}

/** Every way in which it may let go there. */
function limitsOf(
  { face, arm, load, parts, conditions }: Met,
  { head, camera }: ResolvedSetUp,
  pick: RangeEnd,
): HoldLimit[] {
  if (face.id === 'surface') return gripLimits(arm.base.grip, parts, conditions, pick);
  const moment = length(load.moment);
  const slips: HoldLimit[] = [];
  if (face.id !== 'lock') {
    const mode = face.id === 'head' ? 'slips' : 'droops';
    const own = face.id === 'joint' && face.link !== null ? arm.links[face.link]!.joint : undefined;
    slips.push({ mode, demand: moment, limit: pick(own?.slipNm ?? head.slipNm), unit: 'N·m' });
  }
  if (face.id === 'head' && camera.cradleN)
    slips.push({
      mode: 'lets the phone jump out of its jaws',
      demand: length(load.force),
      limit: pick(camera.cradleN),
      unit: 'N',
    });
  const droop = face.link === null ? undefined : arm.links[face.link]!.droopNm;
  if (droop) slips.push({ mode: 'bends', demand: moment, limit: pick(droop), unit: 'N·m' });
  const held = face.link === null ? undefined : arm.links[face.link]!.catchN;
  if (held) slips.push({ mode: 'lets its catch open', demand: length(load.force), limit: pick(held), unit: 'N' });
  const lock = face.link === null ? undefined : arm.links[face.link]!.lock;
  if (lock && face.along) {
    const turns = Math.abs(dot(load.moment, face.along));
    slips.push(
      { mode: 'turns in its lock', demand: turns, limit: pick(lock.turnsNm), unit: 'N·m' },
      {
        mode: 'slides in its lock',
        demand: Math.abs(dot(load.force, face.along)),
        limit: pick(lock.slidesN),
        unit: 'N',
      },
    );
  }
  return slips;
}
