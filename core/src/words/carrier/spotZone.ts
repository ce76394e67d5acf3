import type { Vec3 } from '../../mathematics/geometry/vec3';

/** A stretch of its part along which a spot can slide, in a straight line; a person measures on it from a mark. */
export interface SpotZone {
  /** Direction in the part's frame, away from the mark. */
  readonly along: Vec3;
  /** How far from its usual place it may go toward the mark, and away from it; metres, neither below 0. */
  readonly nearerM: number;
  readonly fartherM: number;
  /** What is measured from, after a length: "behind the front edge". */
  readonly mark: string;
  /** How far from the mark the usual place is, metres. */
  readonly usualM: number;
}

/** @param slideM from the usual place, away from the mark; metres @returns the nearest that the stretch allows */
export const slideWithin = ({ nearerM, fartherM }: SpotZone, slideM: number): number =>
  Math.min(fartherM, Math.max(-nearerM, slideM));

/** Far enough on a stretch to be another place. */
const FEW_M = 0.01;

/** Whether anything can slide on it at all. */
export const slides = ({ nearerM, fartherM }: SpotZone): boolean => nearerM + fartherM >= FEW_M;

/** What a tape held to the mark shows where the spot has slid, metres. */
export const fromMarkM = (zone: SpotZone, slideM: number): number => zone.usualM + slideWithin(zone, slideM);
