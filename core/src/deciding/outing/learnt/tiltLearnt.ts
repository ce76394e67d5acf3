import { gaussianPosterior, type Posterior } from '../../../mathematics/numbers/gaussianPosterior';
import type { Lesson } from '../../../words/learning/lesson';
import type { LearntTurn } from '../../../words/rig/rigSpec';

/** Where something is asked for; without a spot, anywhere on the part. */
export interface LearningPlace {
  readonly machineId: string;
  readonly partId: string;
  readonly spotId?: string;
}

/**
 * How much the way a camera stands differs from the model, standard deviations in degrees: by how this rider holds a part of the body, whatever is
 * ridden; by how that is on this machine; by the spot. What two places share, one learns from the other. Estimates: together about 4.5° of tilt and 2° of
 * roll, what riders' first clips are off by (common practice, no source).
 */
const SPREAD_DEG = {
  pitch: { part: 2, machine: 3, spot: 2.5, clip: 1 },
  roll: { part: 0.8, machine: 1.2, spot: 1.2, clip: 0.7 },
} as const;
type Angle = keyof typeof SPREAD_DEG;

/** Of more clips the last ones count. */
const MOST_LESSONS = 120;

const covariance = (a: LearningPlace, b: LearningPlace, angle: Angle): number => {
  const { part, machine, spot } = SPREAD_DEG[angle];
  if (a.partId !== b.partId) return 0;
  if (a.machineId !== b.machineId) return part * part;
  return part * part + machine * machine + (a.spotId !== undefined && a.spotId === b.spotId ? spot * spot : 0);
};

/** How far a camera stands from where the model has it, and how sure that is. */
export interface TiltLearnt {
  readonly pitchDeg: Posterior;
  readonly rollDeg: Posterior;
  /** Clips of this place, and of others of the same part. */
  readonly clips: number;
  readonly others: number;
}

/** What one rider's clips teach about a place; a normal prior about the model, a normal error of each clip, in closed form. */
export function tiltLearnt(lessons: readonly Lesson[], place: LearningPlace): TiltLearnt {
  const near = lessons.filter((lesson) => lesson.used && lesson.partId === place.partId).slice(-MOST_LESSONS);
  const of = (angle: Angle, measured: (lesson: Lesson) => number): Posterior =>
    gaussianPosterior(
      near.map((a) => near.map((b) => covariance(a, b, angle))),
      SPREAD_DEG[angle].clip,
      near.map(measured),
      near.map((lesson) => covariance(place, lesson, angle)),
      covariance(place, place, angle),
    );
  const here = near.filter(({ machineId, spotId }) => machineId === place.machineId && spotId === place.spotId);
  return {
    pitchDeg: of('pitch', ({ pitchDeg }) => pitchDeg),
    rollDeg: of('roll', ({ rollDeg }) => rollDeg),
    clips: here.length,
    others: near.length - here.length,
  };
}

const hundredths = (deg: number): number => Math.round(deg * 100) / 100;

/** What is learnt of a machine's places, as its rig carries it: of each spot that was filmed from, and of the parts for all other spots. */
export function learntTurns(lessons: readonly Lesson[], machineId: string): readonly LearntTurn[] {
  const used = lessons.filter((lesson) => lesson.used);
  const turn = (place: LearningPlace): LearntTurn => {
    const { pitchDeg, rollDeg } = tiltLearnt(used, place);
    return {
      partId: place.partId,
      ...(place.spotId === undefined ? {} : { spotId: place.spotId }),
      pitchDeg: hundredths(pitchDeg.mean),
      rollDeg: hundredths(rollDeg.mean),
    };
  };
  const partIds = [...new Set(used.map(({ partId }) => partId))];
  const spots = new Map(
    used
      .filter((lesson) => lesson.machineId === machineId)
      .map(({ partId, spotId }) => [`${partId} ${spotId}`, { machineId, partId, spotId }]),
  );
  return [...[...spots.values()].map(turn), ...partIds.map((partId) => turn({ machineId, partId }))];
}
