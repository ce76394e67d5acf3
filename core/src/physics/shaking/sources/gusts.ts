/**
 * Upward gusts as an aircraft meets them, (m/s)²/Hz, one-sided: Φ(f) = 2σ²T·(1 + 3(ωT)²)/(1 + (ωT)²)², T = L/v
 * (Dryden form, MIL-F-8785C). Its area is σ².
 */
export const gustDensity = (rmsMps: number, lengthM: number, speedMps: number, frequencyHz: number): number => {
  const t = lengthM / Math.max(speedMps, 1);
  const x2 = (2 * Math.PI * frequencyHz * t) ** 2;
  return (2 * rmsMps ** 2 * t * (1 + 3 * x2)) / (1 + x2) ** 2;
};
