import type { SurfaceMaterial } from '../../words/carrier/surface';
import { estimated } from '../../words/sourced/estimated';
import type { Sourced } from '../../words/sourced/source';

/** Stiffness against tipping of what a base stands on, N·m/rad, where that gives at all. Estimates. */
export const SURFACE_STIFFNESS: Partial<Readonly<Record<SurfaceMaterial, Sourced>>> = {
  fabric: estimated(35, 15, 80),
  // A padded strap on a chest, as a beam on flesh (some 3 to 4 MN/m³) with its own pull.
  webbing: estimated(13, 6, 32),
  skin: estimated(15, 6, 40),
  // Roots give little; the jaw that presses from below gives more.
  teeth: estimated(100, 40, 250),
  // A tall stiff boot: shell and rubber over foam.
  rubber: estimated(60, 25, 140),
  plastic: estimated(250, 80, 700),
  'painted metal': estimated(350, 120, 1000),
  glass: estimated(900, 400, 2000),
  'acrylic canopy': estimated(250, 100, 600),
  gelcoat: estimated(700, 250, 2000),
  'foam core': estimated(300, 120, 800),
  shell: estimated(300, 120, 800),
  rope: estimated(3, 1, 8),
};
