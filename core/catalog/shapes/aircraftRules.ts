import type { Surface } from '../../src/words/carrier/surface';

const BECAUSE = 'outside an aircraft only what is fastened physically, made to fit and approved under the local rules';

/** What must not go on the outside of an aircraft, whatever its margin: common practice; ask whoever is licensed for it. */
export const OUTSIDE_AIRCRAFT: NonNullable<Surface['mustNot']> = [
  { kind: 'suction', because: 'outside an aircraft suction fails as the pressure changes' },
  ...(['adhesive', 'tape', 'magnet', 'strap', 'jaw', 'stand'] as const).map((kind) => ({ kind, because: BECAUSE })),
];
