import type { ShakeStage } from '../../../words/carrier/machineShake';
import { minus, ONE, plus, scaled, times, type Complex } from '../../../mathematics/spectra/complex';
import type { RangeEnd } from '../../../words/sourced/ends';
import { transmission } from '../../../mathematics/spectra/transmissibility';

/** A movement along one axis and a turn about another, complex, for one unit of whatever drives them. */
export interface Movement {
  readonly z: Complex;
  readonly turn: Complex;
}

/**
 * One mass on a spring in the path. What comes from below is passed on by the stage's own gain; what its spring gives turns what it
 * carries. Limits: passes all movement unchanged when infinitely stiff (and all turning, where it is no hinge); nothing at very high frequencies.
 */
export function throughStage({ z, turn }: Movement, stage: ShakeStage, frequencyHz: number, pick: RangeEnd): Movement {
  const gain = transmission(frequencyHz, pick(stage.frequencyHz), pick(stage.dampingRatio));
  const given = times(minus(gain, ONE), z);
  const handedOn = scaled(times(gain, turn), stage.turnShare ? pick(stage.turnShare) : 1);
  return { z: times(gain, z), turn: plus(handedOn, scaled(given, pick(stage.turnPerM))) };
}
