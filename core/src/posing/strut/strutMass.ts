import type { ResolvedSetUp } from './resolvedSetUp';

/** Mass of everything from the base to the camera, its tether with it, kilograms: the one figure for it. */
export const strutMassKg = ({ base, head, camera, links, furtherArms, tether }: ResolvedSetUp): number =>
  [
    base,
    head,
    camera,
    ...links.map((l) => l.definition),
    ...(tether ? [tether.definition] : []),
    ...furtherArms.flatMap((arm) => [arm.base, arm.link, head]),
  ].reduce((sum, piece) => sum + piece.massKg.value, 0);
