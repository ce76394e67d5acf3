import { besideKg } from './besideDevice';
import type { ResolvedSetUp } from './resolvedSetUp';

/** Mass of everything from the base to the camera, its tether and what else is on the base with it, kilograms: the one figure for it. */
export const strutMassKg = (resolved: ResolvedSetUp): number => {
  const { base, head, camera, links, furtherArms, tether } = resolved;
  return [
    base,
    head,
    camera,
    ...links.map((l) => l.definition),
    ...(tether ? [tether.definition] : []),
    ...furtherArms.flatMap((arm) => [arm.base, arm.link, head]),
  ].reduce((sum, piece) => sum + piece.massKg.value, besideKg(resolved));
};
