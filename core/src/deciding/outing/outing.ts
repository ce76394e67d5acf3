import type { MeasuredBand } from '../../words/ride/measuredBand';
import type { RigSpec, StanceShares } from '../../words/rig/rigSpec';
import { intentOf } from '../../posing/lookup/intentOf';
import { placedSpot } from '../../posing/rig/spots';
import type { RideConditions } from '../../words/ride/rideConditions';
import { litFor } from '../../words/shot/ownLight';
import { learntOn, shakeLessonsOf } from './learnt/lessons';
import { learntBands } from './learnt/shakeLearnt';
import type { OutingCarrier } from './records/carrierRecord';
import type { Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';

type RiddenShot = Pick<Shot, 'carrierId' | 'stanceShares'>;

/** What a shot is filmed from, ridden as in that shot, with the user's own kit. @throws RangeError when the shot names a carrier that the outing lacks */
export const rigOfShot = (outing: Outing, shot: RiddenShot): RigSpec =>
  riddenIn(shot, rigOfCarrier(outing, carrierOfShot(outing, shot)));

const ridden = new WeakMap<StanceShares, RigSpec>();

/** A carrier as it is ridden in a shot. The same rig and shares give the same object. */
function riddenIn({ stanceShares }: RiddenShot, rig: RigSpec): RigSpec {
  if (!stanceShares) return rig;
  const known = ridden.get(stanceShares);
  if (known && sameBut(known, rig)) return known;
  const spent = { ...rig, stanceShares };
  ridden.set(stanceShares, spent);
  return spent;
}

const sameBut = (known: RigSpec, rig: RigSpec): boolean =>
  (Object.keys({ ...known, ...rig }) as (keyof RigSpec)[]).every(
    (key) => key === 'stanceShares' || known[key] === rig[key],
  );

/** The carrier that a shot is filmed from. @throws RangeError when the shot names a carrier that the outing lacks */
export function carrierOfShot(outing: Outing, shot: Pick<Shot, 'carrierId'>): OutingCarrier {
  const carrier = outing.carriers.find((c) => c.id === shot.carrierId);
  if (!carrier) throw new RangeError(`carrierOfShot: no carrier "${shot.carrierId}" in this outing`);
  return carrier;
}

/** What a shot's carrier is ridden in when it is filmed: as on the carrier's sheet, by night where lights are drawn out, or in a light of its own. */
export const rideOfShot = (outing: Outing, shot: Pick<Shot, 'carrierId' | 'intentId' | 'lightId'>): RideConditions =>
  litFor(carrierOfShot(outing, shot).ride, intentOf(shot.intentId), shot.lightId);

/** Bands of the newest log in use for a spot; none = the model alone. */
export const measuredBands = ({ spotLogs }: OutingCarrier, spotId: string): readonly MeasuredBand[] =>
  spotLogs.filter((log) => log.used && log.spotId === spotId).at(-1)?.bands ?? [];

/** The same with what clips taught, where no log speaks for the spot. @param at without a strut, whatever is mounted there */
export function bandsAt(
  outing: Pick<Outing, 'ownKit' | 'shots' | 'lessons' | 'shakeLessons'>,
  carrier: OutingCarrier,
  { spotId, strut }: { readonly spotId: string; readonly strut?: string },
): readonly MeasuredBand[] {
  const log = measuredBands(carrier, spotId);
  const lessons = log.length > 0 ? [] : shakeLessonsOf(outing);
  if (lessons.length === 0) return log;
  const partId = placedSpot(rigOfCarrier(outing, carrier), spotId)?.spot.partId;
  if (partId === undefined) return log;
  const { machineId } = carrier.rig;
  const { groundId } = carrier.ride;
  return learntBands(lessons, { machineId, partId, spotId, groundId, ...(strut === undefined ? {} : { strut }) });
}

const rigs = new WeakMap<OutingCarrier, RigSpec>();

/** The same carrier, kit and lessons give the same object. */
export function rigOfCarrier(outing: Pick<Outing, 'ownKit' | 'shots' | 'lessons'>, carrier: OutingCarrier): RigSpec {
  const { ownKit } = outing;
  const { learnt } = learntOn(outing, carrier.rig.machineId);
  const known = rigs.get(carrier);
  if (known && known.ownKit === ownKit && known.learnt === learnt) return known;
  const rig: RigSpec = { ...carrier.rig, ownKit, ...(learnt ? { learnt } : {}) };
  rigs.set(carrier, rig);
  return rig;
}
