import type { MeasuredBand } from '../../words/ride/measuredBand';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { OwnKit } from '../../words/kit/ownKit';
import type { Ask } from '../../words/shot/ask';
import type { SetUp } from '../../words/setUp/setUp';

export const OUTING_FORMAT = 'strut-spot/outing';
/** Raised whenever the stored shape changes; see migrations.ts. */
export const OUTING_VERSION = 5;

/** What a test clip said, kept with the shot. Heights and widths are fractions of the picture. */
export interface ClipRecord {
  readonly id: string;
  /** ISO 8601 date and time. */
  readonly at: string;
  readonly marks: { readonly left: readonly [number, number]; readonly right: readonly [number, number] };
  readonly measuredTiltDeg: number;
  readonly measuredRollDeg: number;
  readonly tiltByDeg: number;
  readonly rollByDeg: number;
  readonly applied: boolean;
}

export type Usable = 'yes' | 'partly' | 'no';
export type Held = 'held' | 'slipped' | 'lost';

export interface LogEntry {
  readonly id: string;
  readonly at: string;
  readonly done: boolean;
  readonly usable: Usable;
  readonly held: Held;
  readonly note: string;
}

/** A pull with a hand scale before the ride. */
interface PullTest {
  readonly at: string;
  readonly newton: number;
  readonly held: boolean;
}

export interface Shot {
  readonly id: string;
  readonly name: string;
  /** Which of the outing's carriers it is filmed from. */
  readonly carrierId: string;
  readonly intentId: string;
  readonly note: string;
  readonly seconds: number;
  /** The stance that the angle is solved for. */
  readonly actionStanceId: string;
  /** Where the sky line is wanted, fraction of the picture from the top; null = the middle of the intent's band. */
  readonly horizonAt: number | null;
  readonly setUp: SetUp;
  readonly clips: readonly ClipRecord[];
  readonly log: readonly LogEntry[];
  /** Cautions that were gone through, by id: never asked for twice. */
  readonly acknowledged: readonly string[];
  readonly pullTests: readonly PullTest[];
  /** What was asked when spots were searched for it; none = its intent as it is. */
  readonly ask?: Ask;
}

/** What a measured log said of one spot, against the model as it stood then. */
export interface SpotLog {
  readonly id: string;
  readonly spotId: string;
  readonly fileName: string;
  /** ISO 8601 date and time of reading it. */
  readonly at: string;
  readonly seconds: number;
  readonly sampleHz: number;
  readonly bands: readonly MeasuredBand[];
  /** Whether the model follows it. */
  readonly used: boolean;
}

/** A machine with its rider as fitted for this outing, and what it is ridden on. */
export interface OutingCarrier {
  readonly id: string;
  readonly rig: Omit<RigSpec, 'ownKit'>;
  readonly ride: RideConditions;
  readonly spotLogs: readonly SpotLog[];
}

/** A day or trip. Ids and numbers only; everything else is computed. */
export interface Outing {
  readonly format: typeof OUTING_FORMAT;
  readonly version: typeof OUTING_VERSION;
  readonly id: string;
  readonly name: string;
  readonly place: string;
  /** yyyy-mm-dd */
  readonly date: string;
  /** hh:mm, 24 hours */
  readonly startsAt: string;
  readonly riderName: string;
  readonly note: string;
  readonly carriers: readonly OutingCarrier[];
  /** Cameras, links and bases of the user's own that this outing uses. */
  readonly ownKit: OwnKit;
  readonly shots: readonly Shot[];
  readonly createdAt: string;
  readonly changedAt: string;
}

/** What a shot is filmed from, with the user's own kit. @throws RangeError when the shot names a carrier that the outing lacks */
export const rigOfShot = (outing: Outing, shot: Pick<Shot, 'carrierId'>): RigSpec =>
  rigOfCarrier(outing, carrierOfShot(outing, shot));

/** The carrier that a shot is filmed from. @throws RangeError when the shot names a carrier that the outing lacks */
export function carrierOfShot(outing: Outing, shot: Pick<Shot, 'carrierId'>): OutingCarrier {
  const carrier = outing.carriers.find((c) => c.id === shot.carrierId);
  if (!carrier) throw new RangeError(`carrierOfShot: no carrier "${shot.carrierId}" in this outing`);
  return carrier;
}

/** Bands of the newest log in use for a spot; none = the model alone. */
export const measuredBands = ({ spotLogs }: OutingCarrier, spotId: string): readonly MeasuredBand[] =>
  spotLogs.filter((log) => log.used && log.spotId === spotId).at(-1)?.bands ?? [];

const rigs = new WeakMap<OutingCarrier, { ownKit: OwnKit; rig: RigSpec }>();

/** The same carrier and kit give the same object. */
export function rigOfCarrier({ ownKit }: Pick<Outing, 'ownKit'>, carrier: OutingCarrier): RigSpec {
  const known = rigs.get(carrier);
  if (known?.ownKit === ownKit) return known.rig;
  const rig: RigSpec = { ...carrier.rig, ownKit };
  rigs.set(carrier, { ownKit, rig });
  return rig;
}
