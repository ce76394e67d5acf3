import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { invert, transformPoint } from '../../../mathematics/geometry/pose';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { poseRig } from '../../../posing/rig/poseRig';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { WornDefinition } from '../../../words/carrier/worn';
import type { MachineShake, ShakeStage } from '../../../words/carrier/machineShake';
import { worldFromSpot, type PlacedSpot } from '../../../posing/rig/spots';
import { bodySegments } from '../../../posing/body/segments';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { heightAboveGround } from '../../../posing/rig/groundHit';
import { HELMET_PADS, isSeated, riderStages } from './riderStages';
import { zoneOfBodyPart, type RiderZone } from '../../../posing/rig/riderZone';
import type { MeasuredBand } from '../../../words/ride/measuredBand';

export interface SpotQuestion {
  readonly rig: RigSpec;
  readonly placed: PlacedSpot;
  readonly stanceId: string;
  readonly ride: RideConditions;
  /** What a measured log of this spot found: amplitudes against the model, by band. */
  readonly measured?: readonly MeasuredBand[];
}

/** Where the spot stands on the machine and what lies between. */
export interface Route {
  readonly shake: MachineShake;
  readonly xM: number;
  /** Over the ground or the water that it is set up on, and that it is ridden over. */
  readonly heightM: number;
  readonly aboveM: number;
  /** Speed that the machine's own figures are told for. */
  readonly usualMps: number;
  readonly wheel: 'front' | 'rear' | null;
  readonly stages: readonly ShakeStage[];
  readonly zone: RiderZone | null;
  /** Whether it turns with a front wheel that is steered by hand. */
  readonly steered: boolean;
}

const sittings = keepLatest<ReadonlyMap<string, string>>(24);

/** What of the body each part of something worn sits on. Its meshes are built for that, so it is asked once. */
const sitsOn = (worn: WornDefinition, statureM: number): ReadonlyMap<string, string> =>
  sittings(`${worn.id} ${statureM}`, () => new Map(worn.parts(bodySegments(statureM)).map(({ id, on }) => [id, on])));

export function routeTo({ rig, placed, stanceId }: SpotQuestion): Route {
  const { machine, worn } = resolveRig(rig);
  const { shake } = machine;
  const { partId, swingsWith = partId } = placed.spot;
  const wornOn = worn.map((w) => sitsOn(w, rig.statureM).get(partId)).find((on) => on !== undefined);
  const zone = zoneOfBodyPart(wornOn ?? partId);
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const at = worldFromSpot(setUpRig, placed).position;
  const heightM = at[1];
  const aboveM = heightAboveGround(poseRig(rig, stanceId).ground, at);
  const usualMps = machine.usualSpeedMps;
  if (zone && shake.rider) {
    const { rider } = shake;
    const seated = isSeated(rider, stanceId);
    const stages = [
      ...riderStages(zone, rider, stanceId),
      ...(wornOn !== undefined && /^helmet/.test(partId) ? [HELMET_PADS] : []),
    ];
    const xM = zone !== 'foot' && zone !== 'hand' && seated ? rider.seatXM : rider.feetXM;
    return { shake, xM, heightM, aboveM, usualMps, wheel: null, stages, zone, steered: false };
  }
  const [xM] = transformPoint(invert(setUpRig.worldFromMachine), at);
  return {
    shake,
    xM,
    heightM,
    aboveM,
    usualMps,
    wheel: shake.withWheel?.[partId] ?? null,
    stages: shake.flex[swingsWith] ?? [],
    zone: null,
    steered: shake.steering !== undefined && setUpRig.byId.get(partId)?.on === shake.steering.movementId,
  };
}
