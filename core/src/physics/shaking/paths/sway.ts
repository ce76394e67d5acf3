import { toRad } from '../../../mathematics/units/angle';
import type { Sway } from '../../../words/carrier/machineShake';
import type { RangeEnd } from '../../../words/sourced/ends';

/**
 * What people move by themselves ends here: muscles and nerves follow as a mass on a spring of 2 to 3 Hz does, with strong damping (McRuer and
 * Jex 1967, from memory), and hardly anything is left at tremor's 10 Hz. Estimate 4 to 9 Hz.
 */
const MUSCLE_HZ = 6;

/** Above the first corner as 1/f⁴, above what muscles follow as 1/f⁸. */
const swayShape = (f: number, cornerHz: number): number => 1 / ((1 + (f / cornerHz) ** 4) * (1 + (f / MUSCLE_HZ) ** 4));

/** S(f) = S₀·swayShape(f) with the given rms above 1 Hz, rad²/Hz. */
export function swayWeight(
  { rmsDeg, cornerHz }: Sway,
  pick: RangeEnd,
): (frequencyHz: number, widthHz: number) => number {
  const variance = toRad(pick(rmsDeg)) ** 2;
  const area = swayArea(cornerHz);
  return (f, w) => (variance / area) * swayShape(f, cornerHz) * w;
}

const SWAY_STEPS_HZ = 0.05;
const SWAY_ENDS_HZ = 40;
const swayAreas = new Map<number, number>();

/** The shape's sum over all frequencies from 1 Hz up. */
function swayArea(cornerHz: number): number {
  const known = swayAreas.get(cornerHz);
  if (known !== undefined) return known;
  let area = 0;
  for (let f = 1 + SWAY_STEPS_HZ / 2; f < SWAY_ENDS_HZ; f += SWAY_STEPS_HZ)
    area += swayShape(f, cornerHz) * SWAY_STEPS_HZ;
  swayAreas.set(cornerHz, area);
  return area;
}
