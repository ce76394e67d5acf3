import type { Grip } from '../../../words/kit/grip';
import { atHigh, atLow, usual } from '../../../words/sourced/ends';
import type { SurfaceLoad } from '../loads/loads';
import { adhesive } from './adhesive';
import { bolt, hand, jaw, magnet, stand, strap, tape } from './heldOn';
import type { GripConditions, HoldLimit, LetsGo } from './letGo';
import { clamp, rails } from './screwed';
import { suction } from './suction';

const GRIPS: { readonly [Kind in Grip['kind']]: LetsGo<Kind> } = {
  suction,
  adhesive,
  clamp,
  rails,
  jaw,
  strap,
  bolt,
  magnet,
  tape,
  stand,
  hand,
};

/** Every way in which a base can let go under a load, at the weak ends of its figures, at the strong ones, or as usual. */
export function gripLimits(
  grip: Grip,
  load: SurfaceLoad,
  conditions: GripConditions,
  end: 'usual' | 'weak' | 'strong' = 'usual',
): HoldLimit[] {
  const letsGo = GRIPS[grip.kind] as LetsGo<Grip['kind']>;
  return letsGo(grip, load, conditions, { usual, weak: atLow, strong: atHigh }[end]);
}
