import type { BaseKind } from '../../words/carrier/surface';
import type { ResolvedSetUp } from './resolvedSetUp';

/** Minutes from the box to a set angle, by base; each link and each turning joint adds to it. Common practice, no source. */
const MINUTES: Readonly<Record<BaseKind, number>> = {
  suction: 4,
  adhesive: 6,
  clamp: 3,
  jaw: 2,
  strap: 3,
  harness: 3,
  bolt: 8,
  magnet: 1,
  tape: 2,
  bite: 1,
  stand: 2,
  hand: 1,
};
const LINK_MINUTES = 1.5;
const BALL_MINUTES = 1;
const TETHER_MINUTES = 1;
/** A strap turns with whoever wears it: looked at until it points ahead, and once more. */
const WEBBING_MINUTES = 1.5;

/** From the box to a set angle, minutes. */
export const minutesToFit = ({ base, links, furtherArms, head, placed, tether }: ResolvedSetUp): number =>
  MINUTES[base.kind] +
  links.length * LINK_MINUTES +
  furtherArms.reduce((sum, arm) => sum + MINUTES[arm.base.kind] + LINK_MINUTES, 0) +
  (tether ? TETHER_MINUTES : 0) +
  (head.turns.pan ? BALL_MINUTES : 0) +
  (placed.spot.surface.material === 'webbing' ? WEBBING_MINUTES : 0);
