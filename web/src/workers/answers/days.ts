import {
  dayPlans,
  drawFromLog,
  eveningBefore,
  packList,
  powerOfDay,
  rigOfShot,
  stanceForSlope,
  storyOf,
  stretchReport,
  trackLengthM,
  trackProfile,
  type KeptTrack,
  type Outing,
  type PieceCounts,
  type Shot,
  type StretchReport,
} from '@strut-spot/core';

/** A shot's stretch of the track, and the stance that its slope asks for; null = the one that the shot has. */
export interface ShotStretch extends StretchReport {
  readonly stanceId: string | null;
}

function stretchOfShot(
  outing: Outing,
  track: KeptTrack,
  shot: Shot,
  lengthM: number,
): readonly [string, ShotStretch][] {
  if (!shot.stretch || shot.stretch.fromM >= lengthM || shot.stretch.toM <= shot.stretch.fromM) return [];
  const report = stretchReport(track, shot.stretch);
  const stanceId =
    report.slope === null ? null : stanceForSlope(rigOfShot(outing, shot), shot.actionStanceId, report.slope);
  return [[shot.id, { ...report, stanceId }]];
}

/** What concerns all shots of an outing together. */
export const days = {
  /** Batteries and cards of all cameras over the outing. */
  powerOfDay: (outing: Outing) => powerOfDay(outing),

  /** What a camera draws by the log. */
  drawFromLog: (outing: Outing, cameraId: string) => drawFromLog(outing, cameraId),

  /** The outing's track and the stretches of it that shots have; null without one. */
  track(outing: Outing) {
    const { track, shots } = outing;
    if (!track) return null;
    const lengthM = trackLengthM(track);
    return {
      lengthM,
      profile: trackProfile(track),
      stretches: Object.fromEntries(shots.flatMap((shot) => stretchOfShot(outing, track, shot, lengthM))),
    };
  },

  story: (outing: Outing) => storyOf(outing),

  /** Order, timetable, pack list and the evening before. */
  day(outing: Outing, counts: PieceCounts) {
    const { order, freeHours = false } = outing.plan ?? {};
    const options = { freeHours, counts };
    return {
      plans: dayPlans(outing, order ? { ...options, order } : options),
      // To be held against an order of one's own.
      best: order ? dayPlans(outing, options) : null,
      pack: packList(outing, counts),
      evening: eveningBefore(outing),
    };
  },
};

export type TrackOfDay = NonNullable<ReturnType<typeof days.track>>;
