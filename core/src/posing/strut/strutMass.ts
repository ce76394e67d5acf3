import type { ResolvedSetUp } from './resolveSetUp';

/** Mass of everything from the base to the camera, kilograms: the one figure for it. */
export const strutMassKg = ({ base, head, camera, links, furtherArms }: ResolvedSetUp): number =>
  [
    base,
    head,
    camera,
    ...links.map((l) => l.definition),
    ...furtherArms.flatMap((arm) => [arm.base, arm.link, head]),
  ].reduce((sum, piece) => sum + piece.massKg.value, 0);
