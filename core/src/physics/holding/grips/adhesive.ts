import { hypotenuse } from '../../../mathematics/numbers/hypotenuse';
import type { SurfaceState } from '../../../words/kit/grip';
import { estimated } from '../../../words/sourced/estimated';
import type { Sourced } from '../../../words/sourced/source';
import type { SurfaceLoad } from '../loads/loads';
import type { LetsGo } from './letGo';

/**
 * Stress at which foam tape lets go: within a moment and for good. Makers' rules of thumb for its design, 85 and 1.7 kPa, have a factor of two and
 * more in them against ultimate strengths of 600 to 1000 kPa pulled evenly, and a pad that tips is torn from its edge; from memory.
 */
const FOAM_TAPE_PA = { moment: estimated(170e3, 85e3, 340e3), lasting: estimated(3.5e3, 1.7e3, 7e3) } as const;

/** Share of a flat pad that touches a curve of radius R: the foam fills its own half thickness, width √(4·t·R) of the whole. */
export const contactShare = (widthM: number, foamM: number, radiusM: number): number =>
  Math.min(1, Math.sqrt(4 * foamM * radiusM) / widthM);

/** σ = N/A + M/W with W = b·l²/6 the weaker way, τ = V/A (any text on eccentric loads, e.g. Shigley). */
export function padStressPa(load: SurfaceLoad, lengthM: number, widthM: number): { normal: number; shear: number } {
  const area = lengthM * widthM;
  const modulus = (Math.max(lengthM, widthM) * Math.min(lengthM, widthM) ** 2) / 6;
  return {
    normal: Math.max(0, load.pullN / area + load.tipNm / modulus),
    shear: hypotenuse(load.shearN / area, load.twistNm / (modulus * 2)),
  };
}

/**
 * Force along a millimetre of its edge at which foam tape is peeled, at once: makers' peel tests at a right angle give 2 to 4 N/mm, from memory; of that a half,
 * since a hard plate begins to peel at a corner. Estimate.
 */
const PEEL_N_MM = estimated(1.5, 0.75, 3);

/** What is left of its hold on a surface as it is. Estimates. */
const LEFT_BY_STATE: Readonly<Record<SurfaceState, Sourced>> = {
  clean: estimated(1, 1, 1),
  wet: estimated(0.3, 0.1, 0.5),
  dusty: estimated(0.3, 0.1, 0.5),
  textured: estimated(0.5, 0.25, 0.75),
};

/** Line load on the edge that lifts, N/mm: a moment is a couple between two edges a length apart, a pull is borne by both. */
export const peelNPerMm = ({ pullN, tipNm }: SurfaceLoad, lengthM: number, widthM: number): number => {
  const [apart, edge] = [Math.min(lengthM, widthM), Math.max(lengthM, widthM)];
  return Math.max(0, tipNm / apart + pullN / 2) / edge / 1000;
};

/** What foam tape bears at a temperature, as a share of its best: a smooth fall to cold glass and to warm softness. Estimate; makers' sheets give such curves, from memory. */
export function adhesiveAt(temperatureC: number): number {
  const cold = 1 / (1 + Math.exp(-(temperatureC - 4) / 5));
  const hot = 1 / (1 + Math.exp((temperatureC - 55) / 6));
  return 0.25 + 0.75 * cold * hot;
}

/** A pad has half of its hold after 20 minutes and nine tenths after a day at 21 °C, as makers of foam tapes tell, from memory: 1 − exp(−(t/τ)^β). */
const WETTING = { atC: 21, tauH: 1.23, beta: 0.28, doublesC: 10 } as const;

/**
 * Share of its hold that a pad has got from wetting the surface: slower by half for every 10° colder that it was stuck on (estimate 7 to 15°), and cold
 * foam never flows into the last of it. @param stuckC temperature when it was pressed on
 */
export function wetted(stuckC: number, hours: number): number {
  const { atC, tauH, beta, doublesC } = WETTING;
  const reaches = 0.3 + 0.7 / (1 + Math.exp(-(stuckC - 6) / 5));
  return reaches * (1 - Math.exp(-((hours / (tauH * 2 ** ((atC - stuckC) / doublesC))) ** beta)));
}

export const adhesive: LetsGo<'adhesive'> = (grip, load, c, pick) => {
  const radiusM = c.surface.curvatureRadiusM;
  const share = radiusM === undefined || grip.curved ? 1 : contactShare(grip.widthM, grip.foamM, radiusM);
  const warm = adhesiveAt(c.temperatureC);
  const clean = pick(LEFT_BY_STATE[c.state]);
  const bears = wetted(c.putOn.temperatureC, c.curedH) * warm * clean;
  const width = grip.widthM * share;
  const now = padStressPa(load, grip.lengthM, width);
  const modulus = (grip.lengthM * width ** 2) / 6;
  const lasting = (c.weightN * c.leverM) / modulus;
  return [
    { mode: 'is torn off', demand: now.normal / 1e3, limit: (pick(FOAM_TAPE_PA.moment) * bears) / 1e3, unit: 'kPa' },
    {
      mode: 'peels off from its edge',
      demand: peelNPerMm(load, grip.lengthM, width),
      limit: pick(PEEL_N_MM) * bears,
      unit: 'N/mm',
    },
    { mode: 'shears off', demand: now.shear / 1e3, limit: (pick(FOAM_TAPE_PA.moment) * bears) / 1e3, unit: 'kPa' },
    {
      mode: 'creeps off',
      demand: (lasting + c.weightN / (grip.lengthM * width)) / 1e3 / 4,
      limit: (pick(FOAM_TAPE_PA.lasting) * bears) / 1e3,
      unit: 'kPa',
    },
  ];
};
