import type { Surface } from '../../../words/carrier/surface';
import type { SurfaceState } from '../../../words/kit/grip';
import type { GripConditions, LetsGo } from './letGo';
import { usual, type RangeEnd } from '../../../words/sourced/ends';
import { estimated } from '../../../words/sourced/estimated';
import type { Sourced } from '../../../words/sourced/source';
import type { SurfaceLoad } from '../loads/loads';
import { FRICTION, pressed } from './pressed';

/** Share of the air that a cup drives out when it is pressed on: clean glass high, dusty or textured low, porous none. Estimates. */
const DRIVEN_OUT: Partial<Readonly<Record<Surface['material'], Sourced>>> = {
  glass: estimated(0.6, 0.45, 0.75),
  'acrylic canopy': estimated(0.5, 0.35, 0.65),
  'painted metal': estimated(0.5, 0.35, 0.65),
  gelcoat: estimated(0.45, 0.3, 0.6),
  plastic: estimated(0.3, 0.15, 0.45),
  shell: estimated(0.25, 0.1, 0.4),
  carbon: estimated(0.4, 0.25, 0.55),
};
const LEFT_BY_STATE: Readonly<Record<SurfaceState, Sourced>> = {
  clean: estimated(1, 1, 1),
  wet: estimated(0.85, 0.6, 1),
  dusty: estimated(0.45, 0.2, 0.7),
  textured: estimated(0.2, 0.05, 0.4),
};
export function vacuumShare({ material }: Surface, state: SurfaceState, pick: RangeEnd = usual): number {
  const drivenOut = DRIVEN_OUT[material];
  return drivenOut ? pick(drivenOut) * pick(LEFT_BY_STATE[state]) : 0;
}

/** What of a vacuum is kept over an hour. Estimate: 1 to 6 % leak away. */
const KEPT_PER_HOUR = estimated(0.97, 0.94, 0.99);
const ZERO_C = 273.15;

/**
 * Pressure that holds a cup on, Pa. The air that stays under it keeps its amount, so that its pressure follows its temperature (ideal gas) and not the air
 * outside: Δp = p − s·p₀·T/T₀, s the share that stays. @param drivenOut 1 − s, 0 to 1
 */
export const cupPressurePa = (
  drivenOut: number,
  { pressurePa, temperatureC, putOn }: Pick<GripConditions, 'pressurePa' | 'temperatureC' | 'putOn'>,
): number =>
  Math.max(
    0,
    pressurePa - (1 - drivenOut) * putOn.pressurePa * ((temperatureC + ZERO_C) / (putOn.temperatureC + ZERO_C)),
  );

/** Where three cups stand round their middle, for one metre from it: one ahead, two behind. */
const THREE = [0, 120, 240].map((deg) => [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)] as const);

/**
 * What the cup that is pulled most has to hold, N. Two in line carry what tips them along the line as a couple, M/s, and each half of what tips them over it by
 * its own rim, 4M/r. Three in a triangle of that side stand s/√3 from their middle: N/3 + (2/3R²)·(M × r), by its direction between M/(√3·R)·½ and 2M/3R.
 * Told no direction, the worst.
 */
export function pulledMostN(
  { pullN, tipNm, tips }: SurfaceLoad,
  cups: number,
  spacingM: number,
  radiusM: number,
): number {
  const each = Math.max(0, pullN) / cups;
  if (cups === 1) return each + (4 * tipNm) / radiusM;
  if (cups === 2) {
    return tips
      ? each + Math.abs(tips.aboutAsideNm) / spacingM + (2 * Math.abs(tips.aboutAheadNm)) / radiusM
      : each + Math.max(tipNm / spacingM, (2 * tipNm) / radiusM);
  }
  const outM = spacingM / Math.sqrt(3);
  const most = tips ? Math.max(...THREE.map(([x, z]) => tips.aboutAsideNm * x - tips.aboutAheadNm * z)) : tipNm;
  return each + (2 * most) / (3 * outM);
}

export const suction: LetsGo<'suction'> = (grip, load, c, pick) => {
  const radiusM = pick(grip.cupRadiusM);
  const vacuum = vacuumShare(c.surface, c.state, pick) * pick(KEPT_PER_HOUR) ** (c.curedH + c.hours);
  const oneN = vacuum > 0 ? cupPressurePa(vacuum, c) * Math.PI * radiusM ** 2 : 0;
  const friction = pick(c.state === 'wet' ? FRICTION.wet : FRICTION.rubber);
  const demand = pulledMostN(load, grip.cups, grip.spacingM, radiusM);
  // A lip leaks as soon as its edge is no longer pressed: for a disc when 4M/r outweighs what is left (the kern of a circle, r/4).
  if (grip.cups === 1) {
    return pressed(load, oneN, radiusM, friction).map((limit) =>
      limit.mode === 'lifts off' ? { ...limit, demand } : limit,
    );
  }
  const left = Math.max(0, grip.cups * oneN - Math.max(0, load.pullN));
  return [
    { mode: 'lets go at one cup', demand, limit: oneN, unit: 'N' },
    { mode: 'slides', demand: load.shearN, limit: friction * left, unit: 'N' },
    { mode: 'twists', demand: load.twistNm, limit: (friction * left * grip.spacingM) / 2, unit: 'N·m' },
  ];
};
