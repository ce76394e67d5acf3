import type { HeldBefore } from '../learning/heldBefore';
import type { RigSpec } from '../rig/rigSpec';
import type { Ask } from './ask';
import type { Moment } from './moment';
import type { ShotUse, Supplies } from './use';
import type { SetUp } from '../setUp/setUp';
import type { MeasuredBand } from '../ride/measuredBand';
import type { RideConditions } from '../ride/rideConditions';

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
  /** Where and when, where that is known: how the sun stands. */
  readonly moment?: Moment;
  /** How it is run and what there is for its camera, where that was told. */
  readonly use?: ShotUse;
  readonly supplies?: Supplies;
  /** Of film that it is to give; none = as such shots usually do. */
  readonly seconds?: number;
  /** How bases held at the places of this machine, by the log. */
  readonly heldBefore?: readonly HeldBefore[];
  /** What a measured log of this spot found. */
  readonly measured?: readonly MeasuredBand[];
}
