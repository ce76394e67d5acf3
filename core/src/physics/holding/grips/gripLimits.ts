import type { Grip } from '../../../words/kit/grip';
import { usual, type RangeEnd } from '../../../words/sourced/ends';
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

/** Every way in which a base can let go under a load, with its figures as they are picked. */
export function gripLimits(
  grip: Grip,
  load: SurfaceLoad,
  conditions: GripConditions,
  pick: RangeEnd = usual,
): HoldLimit[] {
  const letsGo = GRIPS[grip.kind] as LetsGo<Grip['kind']>;
  return letsGo(grip, load, conditions, pick);
}
