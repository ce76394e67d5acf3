import type { Surface } from '@strut-spot/core';

const mm = (m: number) => `${Math.round(m * 1000)} mm`;

/** A surface in a few words: "alloy tube, 32 mm" · "gelcoat, curved, radius 350 mm, 80 cm²". */
export function surfaceWords({ material, shape, tubeDiameterM, curvatureRadiusM, flatAreaM2, wallM }: Surface): string {
  const words = [material === shape || material.includes(shape) ? material : `${material}, ${shape}`];
  if (tubeDiameterM !== undefined) words.push(`${mm(tubeDiameterM)} thick`);
  if (curvatureRadiusM !== undefined) words.push(`radius about ${mm(curvatureRadiusM)}`);
  if (flatAreaM2 !== undefined) words.push(`${Math.round(flatAreaM2 * 1e4)} cm² even`);
  if (wallM !== undefined) words.push(`wall ${wallM < 0.0095 ? `${(wallM * 1000).toFixed(1)} mm` : mm(wallM)}`);
  return words.join(', ');
}
