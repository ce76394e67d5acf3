import type { ResolvedSetUp } from './resolveSetUp';

/** Mass of everything from the base to the camera, kilograms: the one figure for it. */
export const strutMassKg = ({ base, head, camera, links }: ResolvedSetUp): number =>
  [base, head, camera, ...links.map((l) => l.definition)].reduce((sum, piece) => sum + piece.massKg.value, 0);
