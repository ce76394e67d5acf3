import type { RigSpec } from '../rig/resolveRig';
import type { Ask } from '../search/ask';
import type { SetUp } from '../strut/setUp';
import type { MeasuredBand } from '../vibration/paths/spotMotion';
import type { RideConditions } from '../vibration/ride';

/** Everything that one shot's evaluation hangs on. */
export interface ShotQuestion {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly intentId: string;
  readonly actionStanceId: string;
  /** Where the sky line is wanted, fraction from the top; null = the middle of the intent's band. */
  readonly horizonAt: number | null;
  /** What it is ridden on and how; none = as the machine usually is. */
  readonly ride?: RideConditions;
  /** What was asked of this shot beside its intent; none = the intent as it is. */
  readonly ask?: Ask;
  /** What a measured log of this spot found. */
  readonly measured?: readonly MeasuredBand[];
}
