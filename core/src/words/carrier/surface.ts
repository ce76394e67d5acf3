/** What a surface can be made of. */
export const SURFACE_MATERIALS = [
  'shell',
  'plastic',
  'alloy tube',
  'alloy',
  'fabric',
  'webbing',
  'rail',
  'painted metal',
  'glass',
  'acrylic canopy',
  'gelcoat',
  'foam core',
  'carbon',
  'steel tube',
  'skin',
  'teeth',
  'rubber',
  'wood',
  'rope',
  'ground',
] as const;
export type SurfaceMaterial = (typeof SURFACE_MATERIALS)[number];

/** All shapes a surface can have for a base. */
export const SURFACE_SHAPES = [
  'flat',
  'curved',
  'tube',
  'bar',
  'edge',
  'strap',
  'rail',
  'harness',
  'head',
  'mouth',
  'line',
  'hand',
  'hands',
  'ground',
  'pack',
  'wing',
] as const;
type SurfaceShape = (typeof SURFACE_SHAPES)[number];

export interface Surface {
  readonly material: SurfaceMaterial;
  /** 'flat' takes pads, 'tube' takes clamps, and so on. */
  readonly shape: SurfaceShape;
  /** Outer diameter of a tube, metres. */
  readonly tubeDiameterM?: number;
  /** Length over which a tube is straight and free, along the stretch of its spot, metres. */
  readonly straightM?: number;
  /** Whether it stands still: a rail or a branch beside the course. */
  readonly still?: true;
  /** Smallest radius of curvature where it is curved, metres (estimate). */
  readonly curvatureRadiusM?: number;
  /** Even area that is really there, square metres. */
  readonly flatAreaM2?: number;
  /** Wall or skin under it, metres. */
  readonly wallM?: number;
  /** What must not go on it whatever its shape, with the reason. */
  readonly mustNot?: readonly { readonly kind: BaseKind; readonly because: string }[];
}

/** Ways in which a base takes hold. */
export const BASE_KINDS = [
  'suction',
  'adhesive',
  'clamp',
  'jaw',
  'strap',
  'harness',
  'bolt',
  'magnet',
  'tape',
  'bite',
  'stand',
  'hand',
] as const;
export type BaseKind = (typeof BASE_KINDS)[number];
