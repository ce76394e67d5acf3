import { gaussianPosterior, type Posterior } from '../../../mathematics/numbers/gaussianPosterior';
import { SHAKE_BAND_HZ } from '../../../words/ride/shakeBand';
import type { MeasuredBand } from '../../../words/ride/measuredBand';
import type { ShakeLesson } from '../../../words/learning/lesson';
import { isNear, strutKey } from './tiltLearnt';

/** Where and on what a camera shakes. */
export type ShakingPlace = Omit<ShakeLesson, 'ratio' | 'used'>;

/**
 * How much more or less a clip shakes than the model says, standard deviations of the logarithm of the ratio: by how this rider holds a part of the
 * body, by the machine, by the ground as it really is, by the spot, by the strut wherever it is used; and from clip to clip. Estimates: together a factor of two either way, as unsure as
 * the sampled range is (docs/models.md).
 */
const SPREAD = { part: 0.3, machine: 0.4, ground: 0.35, spot: 0.28, strut: 0.21, clip: 0.2 } as const;
const MOST_LESSONS = 120;

function covariance(a: ShakingPlace, b: ShakingPlace): number {
  const { part, machine, ground, spot, strut } = SPREAD;
  let shared = strutKey(a) === strutKey(b) ? strut * strut : 0;
  if (a.partId !== b.partId) return shared;
  shared += part * part;
  if (a.machineId !== b.machineId) return shared;
  shared += machine * machine;
  if (a.groundId === b.groundId) shared += ground * ground;
  if (a.spotId === b.spotId) shared += spot * spot;
  return shared;
}

export interface ShakeLearnt {
  /** Of the logarithm of measured over modelled. */
  readonly log: Posterior;
  /** exp of it: so many times as much as the model says. */
  readonly ratio: number;
  readonly clips: number;
  readonly others: number;
}

/** What one rider's clips teach of how much a place shakes; in closed form. */
export function shakeLearnt(lessons: readonly ShakeLesson[], place: ShakingPlace): ShakeLearnt {
  const near = lessons.filter((lesson) => lesson.used && isNear(lesson, place)).slice(-MOST_LESSONS);
  const log = gaussianPosterior(
    near.map((a) => near.map((b) => covariance(a, b))),
    SPREAD.clip,
    near.map(({ ratio }) => Math.log(ratio)),
    near.map((lesson) => covariance(place, lesson)),
    covariance(place, place),
  );
  const here = near.filter(({ machineId, spotId }) => machineId === place.machineId && spotId === place.spotId);
  return { log, ratio: Math.exp(log.mean), clips: here.length, others: near.length - here.length };
}

/** Less than this is what clips differ by anyway. */
const LEAST_LOG = 0.05;

/** What was learnt of a place as the model takes it in: all frequencies alike, since a clip tells no more; nothing where nothing was learnt. */
export function learntBands(lessons: readonly ShakeLesson[], place: ShakingPlace): readonly MeasuredBand[] {
  const { log, ratio } = shakeLearnt(lessons, place);
  const [lowHz, highHz] = SHAKE_BAND_HZ;
  return Math.abs(log.mean) < LEAST_LOG ? [] : [{ lowHz, highHz: 2 * highHz, ratio: Math.round(ratio * 1000) / 1000 }];
}

/** In one sentence; null where no clip says anything of it. */
export function shakeWords({ ratio, log, clips, others }: ShakeLearnt): string | null {
  if (clips + others === 0) return null;
  const from =
    clips === 0
      ? `${others} ${others === 1 ? 'clip' : 'clips'} of the same part or mount`
      : `${clips} ${clips === 1 ? 'clip' : 'clips'}`;
  const [low, high] = [log.mean - log.sd, log.mean + log.sd].map((end) => Math.exp(end).toFixed(2));
  return Math.abs(log.mean) < LEAST_LOG
    ? `Learnt from ${from}: it shakes as much as the model says (${low} to ${high} times).`
    : `Learnt from ${from}: it shakes ${ratio.toFixed(2)} times as much as the model says (${low} to ${high}). Counted in everywhere.`;
}
