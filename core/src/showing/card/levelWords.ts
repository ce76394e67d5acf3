import type { PanTiltRoll } from '../../mathematics/geometry/rotation';
import { tiltWords } from '../../mathematics/units/tiltWords';
import type { LevelToSet } from '../../posing/aiming/levelToSet';

/** What the level must read, in words. */
export interface LevelWords {
  /** What stands over it. */
  readonly caption: string;
  /** As the level reads it, degrees. */
  readonly reads: PanTiltRoll;
  readonly tilt: string;
  /** Sideways and pan, or what is turned afterwards. */
  readonly beside: string;
  /** What is done about it at the trailhead. */
  readonly step: string;
}

/** How the level is read where a carrier has no words of its own for it. */
export const UPRIGHT = 'standing upright, machine level';

const lookWords = ({ tiltDeg, panDeg }: PanTiltRoll): string =>
  `${tiltWords(tiltDeg, 'up', 'down', 'level')}, ${tiltWords(panDeg, 'to the right', 'to the left', 'straight ahead')}`;

/** @param posture in which it is read, in the carrier's own words */
export function levelWords({ reads, onPole, viewAfterwards }: LevelToSet, posture = UPRIGHT): LevelWords {
  const caption = `Level reads, ${posture}`;
  const tilt = tiltWords(reads.tiltDeg, 'up', 'down', 'level');
  const roll = tiltWords(reads.rollDeg, 'right side low', 'left side low', 'level');
  if (!viewAfterwards) {
    const pan = tiltWords(reads.panDeg, 'to the right', 'to the left', 'straight ahead');
    return {
      caption,
      reads,
      tilt,
      beside: `sideways ${roll}, pan ${pan}`,
      step: `Lay the level on the camera: tilt ${tilt}, sideways ${roll}.`,
    };
  }
  const view = `The view is turned afterwards: ${lookWords(viewAfterwards)}.`;
  return onPole
    ? {
        caption: 'The camera stands',
        reads,
        tilt: 'straight on its pole',
        beside: view,
        step: 'Screw the camera straight on its pole, so that the pole lies in the seam between the lenses; one lens towards what is filmed.',
      }
    : {
        caption,
        reads,
        tilt,
        beside: view,
        step: `Lay the level on the camera’s body: tilt ${tilt}, sideways ${roll}. ${view}`,
      };
}
