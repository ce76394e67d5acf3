import type { Candidate } from '../../judging/check/candidate';
import type { HeldBefore } from '../../words/learning/heldBefore';
import type { RigSpec } from '../../words/rig/rigSpec';
import { placedSpot, placedSpots } from '../../posing/rig/spots';
import { asRidden, stanceLeavingFree } from './handFree';
import type { MeasuredBand } from '../../words/ride/measuredBand';
import { strutOf } from '../../words/setUp/strutOf';
import type { SetUp } from '../../words/setUp/setUp';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { Ask } from '../../words/shot/ask';
import type { Moment } from '../../words/shot/moment';
import type { ShotUse, Supplies } from '../../words/shot/use';

/** A carrier of the outing as it is searched. */
export interface SearchedCarrier {
  readonly carrierId: string;
  readonly rig: RigSpec;
  readonly actionStanceId: string;
  readonly ride: RideConditions;
  /** Where and when the shot is taken, where that is known. */
  readonly moment?: Moment;
  readonly use?: ShotUse;
  readonly supplies?: Supplies;
  readonly seconds?: number;
  readonly heldBefore?: readonly HeldBefore[];
  /** What measured logs and clips found: by spot, and by measuredKey where clips tell of a strut. */
  readonly measured: Readonly<Record<string, readonly MeasuredBand[]>>;
}

/** What is mounted on a spot, as a key of what was measured. */
export const measuredKey = (spotId: string, strut: string): string => `${spotId}: ${strut}`;

/** What was measured of a strut on its spot, or of the spot whatever is mounted there; empty where nothing was. */
export const measuredFor = (
  measured: SearchedCarrier['measured'],
  setUp: Pick<SetUp, 'spotId' | 'baseId' | 'links'>,
): readonly MeasuredBand[] => measured[measuredKey(setUp.spotId, strutOf(setUp))] ?? measured[setUp.spotId] ?? [];

/** Everything that a search answers; the same question gives the same answer. */
export interface SearchQuestion {
  readonly ask: Ask;
  readonly carriers: readonly SearchedCarrier[];
  /** Pieces that may be used, by id: what is in the box, or everything. */
  readonly pieceIds: readonly string[];
}

/** One spot of one carrier: what a worker takes at a time. */
export interface SearchJob {
  readonly carrierId: string;
  readonly spotId: string;
}

/** All spots that are looked at, carrier by carrier. */
export const searchJobs = ({ carriers }: SearchQuestion): readonly SearchJob[] =>
  carriers.flatMap(({ carrierId, rig }) => placedSpots(rig).map(({ spot }) => ({ carrierId, spotId: spot.id })));

/** The carrier of a spot, ridden as it must be with a camera there. @throws RangeError for a carrier or spot that the question lacks */
export function searchedCarrier(
  { carriers }: SearchQuestion,
  { carrierId, spotId }: SearchJob,
): SearchedCarrier & Pick<Candidate, 'onlyIn'> {
  const found = carriers.find((c) => c.carrierId === carrierId);
  if (!found) throw new RangeError(`searchedCarrier: no carrier "${carrierId}" in the question`);
  const placed = placedSpot(found.rig, spotId);
  if (!placed) throw new RangeError(`searchedCarrier: no spot "${spotId}" on carrier "${carrierId}"`);
  const onlyIn = stanceLeavingFree(found, placed.spot);
  return { ...asRidden(found, onlyIn), onlyIn };
}
