import { mixed, object } from 'yup';
import { usualRide } from '../../../posing/lookup/grounds';
import { knownMachines } from '../../../posing/lookup/resolveRig';
import type { OwnKit } from '../../../words/kit/ownKit';
import type { GlobePlace } from '../../../words/shot/moment';
import type { Supplies } from '../../../words/shot/use';
import type { KeptTrack } from '../../../words/ride/keptTrack';
import type { EarlierLesson, EarlierShakeLesson } from '../../../words/learning/lesson';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { carrierSchema, type OutingCarrier } from './carrierRecord';
import { ownKitSchema } from './rigRecord';
import {
  day,
  eachRecord,
  id,
  instant,
  isRecord,
  list,
  oneOf,
  OUTING_LIMITS,
  text,
  timeOfDay,
  validatorOf,
} from './schemaParts';
import { whereSchema } from './momentRecord';
import { earlierLessonsSchema, earlierShakesSchema } from './lessonRecord';
import { shotSchema, type Shot } from './shotRecord';
import { filmSchema, planSchema, trackSchema, type AudienceId } from './planRecord';
import { suppliesSchema } from './useRecord';

export const OUTING_FORMAT = 'strut-spot/outing';
/** Raised whenever the stored shape changes; with a migration below. */
export const OUTING_VERSION = 18;

/** A day or trip. Ids and numbers only; everything else is computed. */
export interface Outing {
  readonly format: typeof OUTING_FORMAT;
  readonly version: typeof OUTING_VERSION;
  readonly id: string;
  readonly name: string;
  readonly place: string;
  /** Where on the globe, where that is known: it says how the sun stands. */
  readonly where?: GlobePlace;
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
  /** What clips of this rider in other outings taught, as far as it was taken over. */
  readonly lessons?: readonly EarlierLesson[];
  readonly shakeLessons?: readonly EarlierShakeLesson[];
  /** Batteries, cards and chargers; none = as usual. */
  readonly supplies?: Supplies;
  /** The film that it is for. */
  readonly film?: { readonly seconds: number; readonly audience?: AudienceId };
  /** Where it goes, recorded on an earlier ride or planned. */
  readonly track?: KeptTrack;
  /** How its days go; none = the best order by the shots' hours, nothing packed yet. */
  readonly plan?: {
    /** Shots in an order of one's own. */
    readonly order?: readonly string[];
    /** The shots' own hours do not bind. */
    readonly freeHours?: boolean;
    /** What of the pack list is in the bag, by id. */
    readonly packed?: readonly string[];
    /** What of the evening before is done, by id. */
    readonly done?: readonly string[];
  };
  readonly createdAt: string;
  readonly changedAt: string;
}

export const outingSchema = validatorOf<Outing>()(
  object({
    format: oneOf([OUTING_FORMAT]),
    version: mixed<typeof OUTING_VERSION>().oneOf([OUTING_VERSION], '${path} is no version that there was').required(),
    id: id(),
    name: text(OUTING_LIMITS.nameLength),
    place: text(OUTING_LIMITS.nameLength),
    where: whereSchema(),
    date: day(),
    startsAt: timeOfDay(),
    riderName: text(OUTING_LIMITS.nameLength),
    note: text(OUTING_LIMITS.noteLength),
    carriers: list(OUTING_LIMITS.carriers).min(1, '${path} is empty').of(carrierSchema),
    ownKit: ownKitSchema,
    shots: list(OUTING_LIMITS.shots).of(shotSchema),
    lessons: earlierLessonsSchema(),
    shakeLessons: earlierShakesSchema(),
    supplies: suppliesSchema(),
    film: filmSchema(),
    track: trackSchema(),
    plan: planSchema(),
    createdAt: instant(),
    changedAt: instant(),
  }).noUnknown('unknown fields: ${unknown}'),
);

type Stored = Record<string, unknown>;

/** Step from version n to n + 1, by n. */
const MIGRATIONS: Readonly<Record<number, (old: Stored) => Stored>> = {
  // 1 → 2: the speed of the ride, the time of starting and a free note came in; shots say where the sky line is wanted.
  1: (old) => ({
    startsAt: '09:00',
    speedMps: 6,
    note: '',
    ...old,
    shots: eachRecord(old.shots, (shot) => ({ horizonAt: null, ...shot })),
    version: 2,
  }),
  // 2 → 3: an outing has several carriers, each shot names its own; kit of the user's own came in.
  2: ({ rig, ...old }) => ({
    ...old,
    carriers: [{ id: 'carrier', rig }],
    ownKit: { cameras: [], links: [], bases: [] },
    shots: eachRecord(old.shots, (shot) => ({ carrierId: 'carrier', ...shot })),
    version: 3,
  }),
  // 3 → 4: each carrier has its own ground, speed, engine and light; the one speed of the outing was the first carrier's.
  3: ({ speedMps, ...old }) => ({
    ...old,
    carriers: eachRecord(old.carriers, (carrier, i) => {
      const ride = usualRideOf(isRecord(carrier.rig) ? carrier.rig.machineId : undefined);
      return {
        ...carrier,
        ride: i === 0 && typeof speedMps === 'number' ? { ...ride, speedMps } : ride,
        spotLogs: [],
      };
    }),
    shots: eachRecord(old.shots, (shot) => ({ acknowledged: [], pullTests: [], ...shot })),
    version: 4,
  }),
  // 4 → 5: what a strut weighs is called mass in an ask, since light is a check.
  4: (old) => ({
    ...old,
    shots: eachRecord(old.shots, (shot) => ({ ...shot, ...massForLight(shot.ask) })),
    version: 5,
  }),
  // 5 → 6: shares of stances by outing and shot, and an ask of what other shots leave in the box; none of them has to be there.
  5: (old) => ({ ...old, version: 6 }),
  // 6 → 7: where on the globe, and the hour and heading of shots; none of them has to be there.
  6: (old) => ({ ...old, version: 7 }),
  // 7 → 8: how a shot's camera is run, what there is for the cameras, the weather of a ride, its track and plan; none of them has to be there.
  7: (old) => ({ ...old, version: 8 }),
  // 8 → 9: what test clips taught, and more of what came of a take; none of it has to be there.
  8: (old) => ({ ...old, version: 9 }),
  // 9 → 10: how far a spot has slid along its stretch; it does not have to be there.
  9: (old) => ({ ...old, version: 10 }),
  // 10 → 11: until when and how much each way a shot is filmed, and more of how it is exposed; none of it has to be there.
  10: (old) => ({ ...old, version: 11 }),
  // 11 → 12: with what strut a clip was filmed that taught something; it does not have to be there.
  11: (old) => ({ ...old, version: 12 }),
  // 12 → 13: arms beside the first; they do not have to be there.
  12: (old) => ({ ...old, version: 13 }),
  // 13 → 14: whether blades are nicked; it does not have to be told.
  13: (old) => ({ ...old, version: 14 }),
  // 14 → 15: what is on a camera besides filters; nothing of it has to be there.
  14: (old) => ({ ...old, version: 15 }),
  // 15 → 16: what a camera is tethered with, and arms from other spots; neither has to be there.
  15: (old) => ({ ...old, version: 16 }),
  // 16 → 17: what another device beside the camera weighs; it does not have to be there.
  16: (old) => ({ ...old, version: 17 }),
  // 17 → 18: how the body of a two-lens camera is tilted under a view that is turned afterwards; it does not have to be told.
  17: (old) => ({ ...old, version: 18 }),
};

/** An ask's weight of lightness by its present name; nothing for what is no ask. */
function massForLight(ask: unknown): Stored {
  if (!isRecord(ask) || !isRecord(ask.weights) || !('light' in ask.weights)) return {};
  const { light, ...rest } = ask.weights;
  return { ask: { ...ask, weights: { ...rest, mass: light } } };
}

/** Of a machine of the catalogue or the user's own; of one that is not known (any more), a quiet road. */
function usualRideOf(machineId: unknown): RideConditions {
  const machine = knownMachines().find((m) => m.id === machineId);
  return usualRide(machine ?? { world: 'road', usualSpeedMps: 6 });
}

/** Brings a stored document of an older version up to date; anything else comes back as it is. */
export function migrateOuting(stored: Stored): Stored {
  let document = stored;
  while (typeof document.version === 'number' && document.version < OUTING_VERSION) {
    const step = MIGRATIONS[document.version];
    if (!step) return document;
    document = step(document);
  }
  return document;
}
