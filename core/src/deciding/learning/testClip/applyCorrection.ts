import { placedSpot } from '../../../posing/rig/spots';
import { strutOf } from '../../../words/setUp/strutOf';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { ClipRecord, Shot } from '../../outing/records/shotRecord';
import type { ClipResult } from './correction';

type Correction = Extract<ClipResult, { readonly kind: 'correction' }>;

const tenth = (deg: number): number => Math.round(deg * 10) / 10;

/** A shot as a test clip corrects it, the clip and what it teaches kept with it. @param clip its id, its instant and where its horizon was, fractions of the picture */
export function applyCorrection(
  shot: Shot,
  rig: RigSpec,
  correction: Correction,
  clip: Pick<ClipRecord, 'id' | 'at' | 'marks'>,
): Shot {
  const { measured, tiltByDeg, rollByDeg, panByDeg, lesson, newAngles, gimbalTiltDeg } = correction;
  const spot = placedSpot(rig, shot.setUp.spotId)?.spot;
  const record: ClipRecord = {
    ...clip,
    measuredTiltDeg: measured.tiltDeg,
    measuredRollDeg: measured.rollDeg,
    tiltByDeg,
    rollByDeg,
    ...(panByDeg === null ? {} : { panByDeg }),
    applied: true,
    ...(lesson && spot
      ? {
          lesson: {
            machineId: rig.machineId,
            partId: spot.partId,
            spotId: spot.id,
            strut: strutOf(shot.setUp),
            pitchDeg: tenth(lesson.pitchDeg),
            rollDeg: tenth(lesson.rollDeg),
            used: true,
          },
        }
      : {}),
  };
  return {
    ...shot,
    clips: [...shot.clips, record],
    setUp: {
      ...shot.setUp,
      ...(gimbalTiltDeg === undefined ? {} : { gimbalTiltDeg: tenth(gimbalTiltDeg) }),
      angles: {
        panDeg: tenth(newAngles.panDeg),
        tiltDeg: tenth(newAngles.tiltDeg),
        rollDeg: tenth(newAngles.rollDeg),
      },
    },
  };
}
