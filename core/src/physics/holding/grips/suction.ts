import type { Surface } from '../../../words/carrier/surface';
import type { SurfaceState } from '../../../words/kit/grip';
import type { GripConditions, LetsGo } from './letGo';
import { FRICTION, pressed } from './pressed';

/** Share of the air that a cup drives out when it is pressed on: clean glass high, dusty or textured low, porous none. Estimates. */
export function vacuumShare({ material }: Surface, state: SurfaceState): number {
  const bySurface: Partial<Record<Surface['material'], number>> = {
    glass: 0.6,
    'acrylic canopy': 0.5,
    'painted metal': 0.5,
    gelcoat: 0.45,
    plastic: 0.3,
    shell: 0.25,
    carbon: 0.4,
  };
  const byState: Record<SurfaceState, number> = { clean: 1, wet: 0.85, dusty: 0.45, textured: 0.2 };
  return (bySurface[material] ?? 0) * byState[state];
}

/** What leaks away of a vacuum in an hour. Estimate 1 to 6 %. */
const LEAK_PER_HOUR = 0.03;
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

/** Two or three cups carry a moment as a couple: the far one is pulled by N/n + M/s. */
export const suction: LetsGo<'suction'> = (grip, load, c, pick) => {
  const radiusM = pick(grip.cupRadiusM);
  const vacuum = vacuumShare(c.surface, c.state) * Math.exp(-LEAK_PER_HOUR * (c.curedH + c.hours));
  const oneN = vacuum > 0 ? cupPressurePa(vacuum, c) * Math.PI * radiusM ** 2 : 0;
  const friction = c.state === 'wet' ? FRICTION.wet : FRICTION.rubber;
  // A lip leaks as soon as its edge is no longer pressed: for a disc when 4M/r outweighs what is left (the kern of a circle, r/4).
  if (grip.cups === 1) {
    return pressed(load, oneN, radiusM, friction).map((limit) =>
      limit.mode === 'lifts off' ? { ...limit, demand: Math.max(0, load.pullN) + (4 * load.tipNm) / radiusM } : limit,
    );
  }
  const { pullN, shearN, tipNm, twistNm } = load;
  const pull = Math.max(0, pullN);
  const left = Math.max(0, grip.cups * oneN - pull);
  return [
    { mode: 'lets go at one cup', demand: pull / grip.cups + tipNm / grip.spacingM, limit: oneN, unit: 'N' },
    { mode: 'slides', demand: shearN, limit: friction * left, unit: 'N' },
    { mode: 'twists', demand: twistNm, limit: (friction * left * grip.spacingM) / 2, unit: 'N·m' },
  ];
};
