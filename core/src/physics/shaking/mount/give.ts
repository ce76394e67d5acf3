import type { BaseKind, SurfaceMaterial } from '../../../words/carrier/surface';
import type { Sourced } from '../../../words/sourced/source';
import type { LinkDefinition } from '../../../words/kit/link';
import { estimated } from '../../../words/sourced/estimated';

/** Loss factors: share of the energy of a swing that a piece takes out, over 2π. Estimates; elastomers and joints by handbook order of size. */
export const BASE_LOSS: Readonly<Record<BaseKind, Sourced>> = {
  suction: estimated(0.2, 0.1, 0.35),
  adhesive: estimated(0.2, 0.1, 0.35),
  clamp: estimated(0.14, 0.07, 0.25),
  jaw: estimated(0.14, 0.07, 0.25),
  strap: estimated(0.25, 0.12, 0.45),
  harness: estimated(0.35, 0.2, 0.6),
  bolt: estimated(0.03, 0.015, 0.06),
  magnet: estimated(0.08, 0.04, 0.15),
  tape: estimated(0.3, 0.15, 0.5),
  bite: estimated(0.4, 0.2, 0.7),
  stand: estimated(0.06, 0.03, 0.12),
  hand: estimated(0.5, 0.3, 0.8),
};
export const LINK_LOSS: Readonly<Record<LinkDefinition['kind'], Sourced>> = {
  riser: estimated(0.08, 0.04, 0.15),
  arm: estimated(0.08, 0.04, 0.15),
  hook: estimated(0.1, 0.05, 0.2),
  'goose neck': estimated(0.15, 0.07, 0.3),
  pole: estimated(0.05, 0.025, 0.1),
  'spring arm': estimated(0.1, 0.05, 0.2),
  release: estimated(0.1, 0.05, 0.2),
  slide: estimated(0.1, 0.05, 0.2),
  damper: estimated(0.25, 0.12, 0.5),
  pad: estimated(0.35, 0.2, 0.6),
};
export const JOINT_LOSS = estimated(0.14, 0.07, 0.25);
/** Flesh, foam and cloth take out much more than sheet and shell: soft tissue that wobbles dies down within a swing or two (gait studies, from memory). Estimate. */
const FLESH_LOSS = estimated(0.5, 0.3, 0.8);
const SHELL_LOSS = estimated(0.2, 0.1, 0.4);
const ON_FLESH: readonly SurfaceMaterial[] = ['fabric', 'webbing', 'skin', 'rubber'];
/** Of what the base stands on. */
export const surfaceLoss = (material: SurfaceMaterial): Sourced =>
  ON_FLESH.includes(material) ? FLESH_LOSS : SHELL_LOSS;

/**
 * Rubber that a camera hangs from is pulled: softer and less damped than when it is pressed. Common practice; factors are estimates.
 */
export const HANGING = { stiffness: estimated(0.5, 0.35, 0.75), loss: estimated(0.5, 0.3, 0.8) } as const;
/** Free play of a joint, degrees from stop to stop. Estimates. */
export const PLAY_DEG = {
  joint: estimated(0.02, 0.005, 0.06),
  /** Between the thread of a camera and the fingers of a joint. */
  adapter: estimated(0.06, 0.02, 0.15),
  hook: estimated(0.12, 0.04, 0.3),
  pole: estimated(0.1, 0.03, 0.3),
  magnet: estimated(0.03, 0.01, 0.1),
  /** In the slide of a quick release. */
  release: estimated(0.06, 0.02, 0.2),
} as const;
