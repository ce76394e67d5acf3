import { boolean, object } from 'yup';
import type { Lesson, ShakeLesson } from '../../../words/learning/lesson';
import type { StanceShares } from '../../../words/rig/rigSpec';
import { LIGHT_IDS, type LightId } from '../../../words/ride/lights';
import type { Stretch } from '../../../words/ride/keptTrack';
import type { Ask } from '../../../words/shot/ask';
import type { ShotHour } from '../../../words/shot/moment';
import type { ShotUse } from '../../../words/shot/use';
import type { SetUp } from '../../../words/setUp/setUp';
import { askSchema } from './askRecord';
import {
  id,
  instant,
  list,
  maybeOneOf,
  maybeWithin,
  oneOf,
  OUTING_LIMITS,
  maybePair,
  pair,
  text,
  truth,
  UNKNOWN_FIELDS,
  validatorOf,
  within,
} from './schemaParts';
import { lessonSchema, shakeClipSchema } from './lessonRecord';
import { hourSchema } from './momentRecord';
import { onlySchema, stretchSchema } from './planRecord';
import { stanceSharesSchema } from './rigRecord';
import { setUpSchema } from './setUpRecord';
import { useSchema } from './useRecord';

/** What a test clip said, kept with the shot. Heights and widths are fractions of the picture. */
export interface ClipRecord {
  readonly id: string;
  /** ISO 8601 date and time. */
  readonly at: string;
  readonly marks: {
    readonly left: readonly [number, number];
    readonly right: readonly [number, number];
    /** Where the way ahead vanishes, where it was marked. */
    readonly way?: readonly [number, number];
  };
  readonly measuredTiltDeg: number;
  readonly measuredRollDeg: number;
  readonly tiltByDeg: number;
  readonly rollByDeg: number;
  /** Where the way was marked. */
  readonly panByDeg?: number;
  readonly applied: boolean;
  /** What it teaches; none = nothing (filmed before anything was learnt, or with a gimbal). */
  readonly lesson?: Lesson;
}

/** What a moving test clip was measured as; pixels rms of a 1080-line picture. */
export interface ShakeClip {
  readonly id: string;
  readonly at: string;
  readonly seconds: number;
  readonly jumpPx: number;
  readonly jellyPx: number;
  readonly rollDeg: number;
  /** What the model said before anything was learnt. */
  readonly modelJumpPx: number;
  readonly modelJellyPx: number;
  /** Where its edges told. */
  readonly blurPx?: number;
  readonly modelBlurPx?: number;
  /** What it teaches; none = a measured log speaks for this spot already. */
  readonly lesson?: ShakeLesson;
}

const USABLE = ['yes', 'partly', 'no'] as const;
export type Usable = (typeof USABLE)[number];
const HELD = ['held', 'slipped', 'lost'] as const;
export type Held = (typeof HELD)[number];

/** Why a take is not usable, or not all of it. */
export const WHY_NOT = [
  'angle',
  'subject',
  'hidden',
  'shaky',
  'light',
  'lens',
  'sound',
  'moved',
  'not recording',
] as const;
export type WhyNot = (typeof WHY_NOT)[number];
export const LENS_AFTER = ['clean', 'drops', 'dirt', 'mist'] as const;
type LensAfter = (typeof LENS_AFTER)[number];

/** What came of a take. */
export interface LogEntry {
  readonly id: string;
  readonly at: string;
  readonly done: boolean;
  readonly usable: Usable;
  readonly held: Held;
  readonly note: string;
  /** Which lap or take of the day it was, from 1. */
  readonly lap?: number;
  /** Seconds of it that can be used. */
  readonly usableS?: number;
  readonly whyNot?: readonly WhyNot[];
  /** How the lens looked afterwards. */
  readonly lens?: LensAfter;
  /** What the camera showed of its battery afterwards, %. */
  readonly batteryPct?: number;
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
  /** How the time of this shot is spent, where not as on its carrier. */
  readonly stanceShares?: StanceShares;
  readonly setUp: SetUp;
  readonly clips: readonly ClipRecord[];
  /** Moving clips that were measured. */
  readonly shakeClips?: readonly ShakeClip[];
  readonly log: readonly LogEntry[];
  /** Cautions that were gone through, by id: never asked for twice. */
  readonly acknowledged: readonly string[];
  readonly pullTests: readonly PullTest[];
  /** When it is taken and which way it goes; none = when the outing starts, every way. */
  readonly hour?: ShotHour;
  /** The light that it is filmed in, where not as the ride's or as its kind asks for. */
  readonly lightId?: LightId;
  /** Where on the outing's track it is filmed. */
  readonly stretch?: Stretch;
  /** Hours within which it is possible at all (tide, lift, a closed road), hh:mm, and why; none = all day. */
  readonly only?: { readonly from: string; readonly to: string; readonly why: string };
  /** Shot that must be filmed before it. */
  readonly after?: string;
  /** How its camera is run; none = as usual. */
  readonly use?: ShotUse;
  /** What was asked when spots were searched for it; none = its intent as it is. */
  readonly ask?: Ask;
}

const clip = object({
  id: id(),
  at: instant(),
  marks: object({ left: pair(), right: pair(), way: maybePair() })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
  measuredTiltDeg: within(-180, 180),
  measuredRollDeg: within(-180, 180),
  tiltByDeg: within(-360, 360),
  rollByDeg: within(-360, 360),
  panByDeg: maybeWithin(-360, 360),
  applied: boolean().strict().required().typeError(truth),
  lesson: lessonSchema(),
}).noUnknown(UNKNOWN_FIELDS);

const logEntry = object({
  id: id(),
  at: instant(),
  done: boolean().strict().required().typeError(truth),
  usable: oneOf(USABLE),
  held: oneOf(HELD),
  note: text(OUTING_LIMITS.noteLength),
  lap: maybeWithin(1, 999).integer('${path} is no whole number'),
  usableS: maybeWithin(0, 36000),
  whyNot: list(WHY_NOT.length).of(oneOf(WHY_NOT)).default(undefined).optional(),
  lens: maybeOneOf(LENS_AFTER),
  batteryPct: maybeWithin(0, 100),
}).noUnknown(UNKNOWN_FIELDS);

const pullTest = object({
  at: instant(),
  newton: within(0, 5000),
  held: boolean().strict().required().typeError(truth),
}).noUnknown(UNKNOWN_FIELDS);

export const horizonSchema = within(0, 1).nullable().defined('${path} is missing');

export const shotSchema = validatorOf<Shot>()(
  object({
    id: id(),
    name: text(OUTING_LIMITS.nameLength),
    carrierId: id(),
    intentId: id(),
    note: text(OUTING_LIMITS.noteLength),
    seconds: within(0, 36000),
    actionStanceId: id(),
    horizonAt: horizonSchema,
    stanceShares: stanceSharesSchema(),
    setUp: setUpSchema,
    clips: list(OUTING_LIMITS.clips).of(clip),
    shakeClips: list(OUTING_LIMITS.clips).of(shakeClipSchema).default(undefined).optional(),
    log: list(OUTING_LIMITS.logEntries).of(logEntry),
    acknowledged: list(OUTING_LIMITS.acknowledged).of(id()),
    pullTests: list(OUTING_LIMITS.pullTests).of(pullTest),
    hour: hourSchema(),
    lightId: maybeOneOf(LIGHT_IDS),
    stretch: stretchSchema(),
    only: onlySchema(),
    after: id().optional(),
    use: useSchema(),
    ask: askSchema.default(undefined).optional(),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
);
