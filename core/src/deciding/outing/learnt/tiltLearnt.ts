import { gaussianPosterior, type Posterior } from '../../../mathematics/numbers/gaussianPosterior';
import type { Lesson } from '../../../words/learning/lesson';
import type { LearntTurn } from '../../../words/rig/rigSpec';

/** Where something is asked for; without a spot, anywhere on the part, without a part, anywhere; without a strut, whatever it is mounted with. */
export interface LearningPlace {
  readonly machineId: string;
  readonly partId?: string;
  readonly spotId?: string;
  readonly strut?: string;
}

/**
 * How much the way a camera stands differs from the model, standard deviations in degrees: by how this rider holds a part of the body, whatever is
 * ridden; by how that is on this machine; by the spot; by the strut, wherever it is used. What two places share, one learns from the other. Estimates: together about 4.5° of tilt and 2° of
 * roll, what riders' first clips are off by (common practice, no source).
 */
const SPREAD_DEG = {
  pitch: { part: 2, machine: 3, spot: 2, strut: 1.5, clip: 1 },
  roll: { part: 0.8, machine: 1.2, spot: 1, strut: 0.7, clip: 0.7 },
} as const;
type Angle = keyof typeof SPREAD_DEG;

/** Of more clips the last ones count. */
const MOST_LESSONS = 120;

const covariance = (a: LearningPlace, b: LearningPlace, angle: Angle): number => {
  const { part, machine, spot, strut } = SPREAD_DEG[angle];
  let shared = strutKey(a) === strutKey(b) ? strut * strut : 0;
  if (a.partId === undefined || a.partId !== b.partId) return shared;
  shared += part * part;
  if (a.machineId !== b.machineId) return shared;
  return shared + machine * machine + (a.spotId !== undefined && a.spotId === b.spotId ? spot * spot : 0);
};

/** What stands for a strut: clips that did not keep theirs are taken to have had the same at each spot, another one than any that was kept. */
export const strutKey = ({ strut, machineId, partId, spotId }: LearningPlace): string =>
  strut ?? `? ${machineId} ${partId} ${spotId}`;

/** Whether a clip says anything of a place: it is of the same part, or of the same strut. */
export const isNear = (lesson: LearningPlace, { partId, strut }: LearningPlace): boolean =>
  (partId !== undefined && lesson.partId === partId) || (strut !== undefined && lesson.strut === strut);

/** How far a camera stands from where the model has it, and how sure that is. */
export interface TiltLearnt {
  readonly pitchDeg: Posterior;
  readonly rollDeg: Posterior;
  /** Clips of this place, and of others of the same part or strut. */
  readonly clips: number;
  readonly others: number;
}

/** What one rider's clips teach about a place; a normal prior about the model, a normal error of each clip, in closed form. */
export function tiltLearnt(lessons: readonly Lesson[], place: LearningPlace): TiltLearnt {
  const near = lessons.filter((lesson) => lesson.used && isNear(lesson, place)).slice(-MOST_LESSONS);
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

/** What is learnt of a machine's places, as its rig carries it: of each spot that was filmed from, of the parts for all other spots, and of struts on all of them. */
export function learntTurns(lessons: readonly Lesson[], machineId: string): readonly LearntTurn[] {
  const used = lessons.filter((lesson) => lesson.used);
  const turn = (place: LearningPlace): LearntTurn => {
    const { pitchDeg, rollDeg } = tiltLearnt(used, place);
    return {
      ...(place.partId === undefined ? {} : { partId: place.partId }),
      ...(place.spotId === undefined ? {} : { spotId: place.spotId }),
      ...(place.strut === undefined ? {} : { strut: place.strut }),
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
  const places: readonly LearningPlace[] = [...spots.values(), ...partIds.map((partId) => ({ machineId, partId }))];
  const struts = [...new Set(used.flatMap(({ strut }) => strut ?? []))];
  return [
    ...places.flatMap((place) => [...struts.map((strut) => ({ ...place, strut })), place]),
    ...struts.map((strut) => ({ machineId, strut })),
  ].map(turn);
}
