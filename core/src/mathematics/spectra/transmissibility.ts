import { ONE, over, type Complex } from './complex';

/**
 * How much of the base's movement a mass on a spring with its own damper makes:
 * |T| = √[(1 + (2ζr)²) / ((1 − r²)² + (2ζr)²)], r = f/f_n. Any vibration textbook, e.g. Den Hartog, Mechanical Vibrations.
 * Limits: 1 at r → 0, 1 at r = √2 for every ζ, √(1+4ζ²)/(2ζ) at r = 1. An infinitely stiff mount (f_n = ∞) passes all: 1.
 */
export function transmissibility(frequencyHz: number, naturalHz: number, dampingRatio: number): number {
  if (naturalHz === Infinity) return 1;
  const r = frequencyHz / naturalHz;
  const damped = (2 * dampingRatio * r) ** 2;
  return Math.sqrt((1 + damped) / ((1 - r * r) ** 2 + damped));
}

/** How far a mass sinks into its spring, metres. */
export const staticSagM = (massKg: number, stiffnessNM: number): number => (massKg * 9.80665) / stiffnessNM;

/** The same as a complex gain; the mass against its base is this less one. */
export function transmission(frequencyHz: number, naturalHz: number, dampingRatio: number): Complex {
  if (naturalHz === Infinity) return ONE;
  const r = frequencyHz / naturalHz;
  const damped = 2 * dampingRatio * r;
  return over([1, damped], [1 - r * r, damped]);
}
