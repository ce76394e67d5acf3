import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { UP, AHEAD, dot, subtract } from '../../mathematics/geometry/vec3';
import { rotate } from '../../mathematics/geometry/rotation';
import { intentOf } from '../../posing/lookup/intentOf';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { spotZone } from '../../posing/rig/spotZone';
import { poseStrut } from '../../posing/strut/kinematics';
import { missingPiece, resolveSetUp } from '../../posing/strut/resolveSetUp';
import { whyUnplaced } from '../../posing/rig/spots';
import type { IntentDefinition } from '../../words/shot/intent';
import { rigOfShot } from '../outing/outing';
import { USABLE_SHARE } from '../outing/logbook';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import { AUDIENCES } from './stories';

export type Role = IntentDefinition['role'];
export const ROLES: readonly Role[] = ['opener', 'ride', 'reverse', 'detail', 'pass-by', 'face'];

/** Low by the ground, about the rider's eyes, or above; and which way it looks. */
export type HeightBand = 'low' | 'middle' | 'high';
export type Looking = 'ahead' | 'side' | 'back';
export type ShotSize = 'close' | 'full' | 'wide';

const sizeOf = ({ aim }: IntentDefinition): ShotSize => {
  if (aim.kind === 'horizon') return 'wide';
  return aim.at === 'subject' || aim.at === 'craft' ? 'full' : 'close';
};
const showsHands = ({ aim, wants }: IntentDefinition): boolean =>
  (aim.kind === 'part' && aim.at === 'hands') ||
  wants.some(({ of, share }) => share[0] > 0 && of.groups?.includes('hands'));

/** What a shot brings to the story. */
export interface ShotInStory {
  readonly shotId: string;
  readonly role: Role;
  readonly seconds: number;
  readonly height: HeightBand;
  readonly looking: Looking;
  readonly from: 'rider' | 'machine' | 'beside';
  /** How near what it is about: something of the machine or of a person, the whole of them, or the way and the land. */
  readonly size: ShotSize;
  /** Name of the carrier. */
  readonly carrier: string;
  /** Whether hands are to be seen in it. */
  readonly hands: boolean;
}

export interface StoryReport {
  readonly shots: readonly ShotInStory[];
  /** Seconds of film that the shots give, and that are wanted. */
  readonly seconds: number;
  readonly wantedS: number;
  /** Pictures that a film of that length is cut from, by how long each stands for who sees it. */
  readonly cuts: number;
  /** To be filmed for that, by how much of it is usually usable. */
  readonly filmedS: number;
  readonly usableShare: number;
  /** Whether that share is from the log. */
  readonly fromLog: boolean;
  readonly missing: readonly Gap[];
}

/** Something that the story lacks, and a kind of shot that would fill it. */
export interface Gap {
  readonly words: string;
  readonly intentId: string;
}

/** Low is under the knee, high over the head of a rider. */
const LOW_M = 0.7;
const HIGH_M = 1.9;
/** Of what is filmed about this is usable before a log says better: three hours ridden, three minutes of film, of takes a third. Common practice, no source. */
const USABLE = 0.35;
/** So many entries of a log say more than habit does; and nobody's film is worse than that. */
const LOGGED = 3;
const LEAST_USABLE = 0.05;
export const USUAL_FILM_S = 180;

function viewOf(outing: Outing, shot: Shot): ShotInStory | null {
  const rig = rigOfShot(outing, shot);
  if (missingPiece(rig, shot.setUp) !== null || whyUnplaced(rig, shot.setUp.spotId) !== null) return null;
  const resolved = resolveSetUp(rig, shot.setUp);
  const posed = poseRig(rig, shot.actionStanceId);
  const { worldFromCamera } = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), posed);
  const heightM = dot(subtract(worldFromCamera.position, posed.ground.point), UP);
  const look = rotate(worldFromCamera.rotation, AHEAD);
  const along = dot(look, posed.ground.ahead);
  const { machine } = resolveRig(rig);
  const passing = machine.passing !== undefined;
  const intent = intentOf(shot.intentId);
  return {
    shotId: shot.id,
    role: intent.role,
    size: sizeOf(intent),
    hands: showsHands(intent),
    carrier: machine.name,
    seconds: shot.seconds,
    height: heightM < LOW_M ? 'low' : heightM > HIGH_M ? 'high' : 'middle',
    looking: passing || Math.abs(along) <= 0.5 ? 'side' : along > 0 ? 'ahead' : 'back',
    from: passing ? 'beside' : spotZone(rig, resolved.placed.spot) ? 'rider' : 'machine',
  };
}

const ROLE_GAPS: Readonly<Partial<Record<Role, Gap>>> = {
  opener: { words: 'no opener: the whole craft in its landscape', intentId: 'whole-craft' },
  reverse: { words: 'nothing looks back', intentId: 'who-follows' },
  detail: { words: 'no detail: a wheel, a fork, hands at work', intentId: 'machine-at-work' },
  'pass-by': { words: 'no pass-by from beside the course', intentId: 'pass-by' },
  face: { words: 'no face: a film without one stays impersonal', intentId: 'look-back-at-the-face' },
};

/** Coverage of the story: what is there, what is missing, and seconds to film. */
export function storyOf(outing: Outing): StoryReport {
  const shots = outing.shots.flatMap((shot) => viewOf(outing, shot) ?? []);
  const log = outing.shots.flatMap((shot) => shot.log.filter((entry) => entry.done));
  const fromLog = log.length >= LOGGED;
  const usableShare = fromLog
    ? Math.max(LEAST_USABLE, log.reduce((sum, { usable }) => sum + USABLE_SHARE[usable], 0) / log.length)
    : USABLE;
  const seconds = shots.reduce((sum, shot) => sum + shot.seconds, 0);
  const wantedS = outing.film?.seconds ?? USUAL_FILM_S;
  const { cutS } = AUDIENCES.find(({ id }) => id === (outing.film?.audience ?? 'friends'))!;
  const has = (holds: (shot: ShotInStory) => boolean) => shots.some(holds);
  const missing: Gap[] = ROLES.flatMap((role) => {
    const gap = ROLE_GAPS[role];
    return gap && !has((shot) => shot.role === role) ? [gap] : [];
  });
  if (shots.length > 0) {
    if (!has((shot) => shot.height === 'low'))
      missing.push({ words: 'nothing low: the ground does not stream by', intentId: 'low-and-fast' });
    if (!has((shot) => shot.size === 'close') && !missing.some(({ intentId }) => intentId === 'machine-at-work'))
      missing.push({
        words: 'nothing close: hands or a part of the machine fill no picture',
        intentId: 'hands-at-work',
      });
    if (!has((shot) => shot.role === 'ride'))
      missing.push({ words: 'nothing of the ride itself', intentId: 'hands-and-trail' });
  }
  if (seconds < wantedS * 0.8 && shots.length > 0)
    missing.push({ words: `${Math.round(wantedS - seconds)} s of film are missing`, intentId: 'clear-ahead' });
  const cuts = Math.round(wantedS / cutS);
  return { shots, seconds, wantedS, cuts, filmedS: seconds / usableShare, usableShare, fromLog, missing };
}
