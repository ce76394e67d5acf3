import type { BaseKind } from '../../words/carrier/surface';
import { estimated } from '../../words/sourced/estimated';
import type { Grip } from '../../words/kit/grip';

/** How a base of the user's own is taken to hold, by its kind: wide estimates. */
export const USUAL_GRIP: Readonly<Record<BaseKind, Grip>> = {
  suction: { kind: 'suction', cups: 1, cupRadiusM: estimated(0.035, 0.02, 0.05), spacingM: 0 },
  adhesive: { kind: 'adhesive', lengthM: 0.045, widthM: 0.035, foamM: 0.0011, curved: false },
  clamp: { kind: 'clamp', screwNm: estimated(0.8, 0.3, 2), screwM: 0.005, widthM: 0.016 },
  jaw: { kind: 'jaw', forceN: estimated(120, 50, 300), widthM: 0.03 },
  strap: { kind: 'strap', tensionN: estimated(50, 20, 120), widthM: 0.04 },
  harness: { kind: 'strap', tensionN: estimated(45, 20, 100), widthM: 0.08 },
  bolt: { kind: 'bolt', screws: 2, screwM: 0.004, spacingM: 0.03 },
  magnet: { kind: 'magnet', forceN: estimated(50, 20, 120), widthM: 0.03 },
  tape: { kind: 'tape', areaM2: 0.0009, widthM: 0.025 },
  bite: { kind: 'hand', forceN: estimated(60, 30, 120), widthM: 0.04 },
  stand: { kind: 'stand', halfWidthM: 0.08 },
  hand: { kind: 'hand', forceN: estimated(80, 40, 150), widthM: 0.08 },
};
