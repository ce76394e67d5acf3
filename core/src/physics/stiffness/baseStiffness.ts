import type { BaseKind } from '../../words/carrier/surface';
import type { BaseDefinition } from '../../words/kit/base';
import type { Grip } from '../../words/kit/grip';
import type { Fastening } from '../../words/setUp/fastening';
import type { RangeEnd } from '../../words/sourced/ends';

/** Loose: so much of the lower end is left. Estimate 0.3 to 0.8. */
const LOOSE_SHARE = 0.5;
/** Kinds of base that can be drawn tight. */
export const DRAWN_TIGHT: readonly BaseKind[] = ['strap', 'harness', 'clamp', 'jaw'];

/** Stiffness of a base against tipping as it is fastened, N·m/rad. */
export function baseStiffness(base: BaseDefinition, fastened: Fastening | undefined, pick: RangeEnd): number {
  const { source } = base.stiffnessNmRad;
  const fastening = DRAWN_TIGHT.includes(base.kind) ? (fastened ?? 'usual') : 'usual';
  if (fastening === 'usual' || source.kind !== 'estimate') return pick(base.stiffnessNmRad);
  return fastening === 'tight' ? source.high : source.low * LOOSE_SHARE;
}

/** Half of what a base stands on, metres: by its grip, 15 mm where that says nothing. */
export function footRadiusM(grip: Grip): number {
  switch (grip.kind) {
    case 'suction':
      return grip.cupRadiusM.value + grip.spacingM / 2;
    case 'adhesive':
      return Math.min(grip.lengthM, grip.widthM) / 2;
    case 'stand':
      return grip.halfWidthM;
    case 'bolt':
      return grip.spacingM / 2 + grip.screwM;
    case 'rails':
      return grip.gaugeM / 2;
    default:
      return 'widthM' in grip ? grip.widthM / 2 : 0.015;
  }
}
