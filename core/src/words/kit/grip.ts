import type { Sourced } from '../sourced/source';

/** What a base holds on with; figures are estimates for generic pieces, widths are those of their meshes. */
export type Grip =
  | {
      readonly kind: 'suction';
      readonly cups: number;
      readonly cupRadiusM: Sourced;
      /** Between the middles of the cups; 0 for one. */
      readonly spacingM: number;
    }
  | {
      readonly kind: 'adhesive';
      readonly lengthM: number;
      readonly widthM: number;
      /** Thickness of the foam, which fills what does not match. */
      readonly foamM: number;
      /** Made for curved surfaces. */
      readonly curved: boolean;
    }
  | {
      readonly kind: 'clamp';
      /** Drawn by hand or with the short key that comes with it. */
      readonly screwNm: Sourced;
      readonly screwM: number;
      readonly widthM: number;
    }
  | {
      readonly kind: 'rails';
      readonly screwNm: Sourced;
      readonly screwM: number;
      /** Between the rails' middles, and along them. */
      readonly gaugeM: number;
      readonly lengthM: number;
    }
  | { readonly kind: 'jaw'; readonly forceN: Sourced; readonly widthM: number }
  /** @property apartM between two straps that hold what lies along the tube */
  | { readonly kind: 'strap'; readonly tensionN: Sourced; readonly widthM: number; readonly apartM?: number }
  | { readonly kind: 'bolt'; readonly screws: number; readonly screwM: number; readonly spacingM: number }
  | { readonly kind: 'magnet'; readonly forceN: Sourced; readonly widthM: number }
  | { readonly kind: 'tape'; readonly areaM2: number; readonly widthM: number }
  | { readonly kind: 'stand'; readonly halfWidthM: number }
  /** In both hands they are so far apart, and hold against each other. */
  | { readonly kind: 'hand'; readonly forceN: Sourced; readonly widthM: number; readonly apartM?: number };

/** How the surface is when the base goes on. */
export const SURFACE_STATES = ['clean', 'dusty', 'wet', 'textured'] as const;
export type SurfaceState = (typeof SURFACE_STATES)[number];
