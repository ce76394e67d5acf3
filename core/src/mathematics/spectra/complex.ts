/** Just enough complex arithmetic for transfer functions. */
export type Complex = readonly [re: number, im: number];

export const ZERO: Complex = [0, 0];
export const ONE: Complex = [1, 0];
export const real = (re: number): Complex => [re, 0];
export const times = ([a, b]: Complex, [c, d]: Complex): Complex => [a * c - b * d, a * d + b * c];
export const scaled = ([a, b]: Complex, k: number): Complex => [a * k, b * k];
export const plus = ([a, b]: Complex, [c, d]: Complex): Complex => [a + c, b + d];
export const minus = ([a, b]: Complex, [c, d]: Complex): Complex => [a - c, b - d];
export const over = ([a, b]: Complex, [c, d]: Complex): Complex => {
  const size = c * c + d * d;
  return [(a * c + b * d) / size, (b * c - a * d) / size];
};
export const magnitude = ([a, b]: Complex): number => Math.hypot(a, b);
/** e^{jφ} */
export const turned = (phaseRad: number): Complex => [Math.cos(phaseRad), Math.sin(phaseRad)];
