import type { Surface } from '../../words/carrier/surface';
import type { BaseDefinition } from '../../words/kit/base';

const mm = (metres: number): number => Math.round(metres * 1000);

const SHAPES: Readonly<Record<Surface['shape'], string>> = {
  flat: 'a flat face',
  curved: 'a curved shell',
  tube: 'a round tube',
  bar: 'a bar or rim',
  edge: 'a thin edge',
  strap: 'a strap or belt',
  rail: 'a pair of rails',
  harness: 'a chest',
  head: 'a head band',
  mouth: 'a mouth',
  line: 'a line',
  hand: 'a hand',
  hands: 'both hands',
  ground: 'the ground',
  pack: 'a backpack',
  wing: 'a wing or tailplane',
};

/** Why a base cannot go on a surface, in words with the figures, or null when it can. */
export function baseRefusal({ kind, fits }: Pick<BaseDefinition, 'kind' | 'fits'>, surface: Surface): string | null {
  const { shape, material, tubeDiameterM, curvatureRadiusM, flatAreaM2, mustNot } = surface;
  if (fits.never) return fits.never;
  if (!fits.shapes.includes(shape)) {
    return `made for ${fits.shapes.map((s) => SHAPES[s]).join(' or ')}, this is ${SHAPES[shape]}`;
  }
  const forbidden = mustNot?.find((rule) => rule.kind === kind);
  if (forbidden) return forbidden.because;
  const harm = fits.notOn?.[material];
  if (harm) return harm;
  if (fits.tubeM && tubeDiameterM !== undefined && shape !== 'line') {
    const { low, high } = fits.tubeM;
    if (tubeDiameterM < low || tubeDiameterM > high) {
      return `tube of ${mm(tubeDiameterM)} mm, it takes ${mm(low)} to ${mm(high)} mm with its shims`;
    }
  }
  if (fits.stillOnly && !surface.still && shape !== 'ground')
    return 'it works loose on what moves: for rails and branches that stand still';
  if (fits.leastStraightM !== undefined && (surface.straightM ?? 0) < fits.leastStraightM)
    return `needs ${Math.round(fits.leastStraightM * 100)} cm of straight, free tube`;
  if (fits.leastRadiusM !== undefined && curvatureRadiusM !== undefined && curvatureRadiusM < fits.leastRadiusM) {
    return `the surface is too round for it (radius ${mm(curvatureRadiusM)} mm, from ${mm(fits.leastRadiusM)} mm up)`;
  }
  if (fits.leastAreaM2 !== undefined && flatAreaM2 !== undefined && flatAreaM2 < fits.leastAreaM2) {
    return `needs ${Math.round(fits.leastAreaM2 * 1e4)} cm² of even surface, there are ${Math.round(flatAreaM2 * 1e4)} cm²`;
  }
  return null;
}
