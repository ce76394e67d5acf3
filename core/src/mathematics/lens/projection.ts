/**
 * Radially symmetric projections: image radius for unit focal length from the angle off the axis, and back.
 * θ in radians, r in focal lengths. Source: the four standard mappings as given in photogrammetry texts
 * (e.g. Kannala & Brandt 2006, eqs. 1-4).
 */
interface RadialProjection {
  readonly name: string;
  /** Angles at and beyond this have no image, radians. */
  readonly limitRad: number;
  readonly radiusFromAngle: (theta: number) => number;
  readonly angleFromRadius: (r: number) => number;
}

export const PROJECTIONS = {
  rectilinear: {
    name: 'straight lines stay straight (rectilinear)',
    limitRad: Math.PI / 2,
    radiusFromAngle: Math.tan,
    angleFromRadius: Math.atan,
  },
  equidistant: {
    name: 'fisheye, equidistant',
    limitRad: Math.PI,
    radiusFromAngle: (theta) => theta,
    angleFromRadius: (r) => (r < Math.PI ? r : NaN),
  },
  equisolid: {
    name: 'fisheye, equisolid',
    limitRad: Math.PI,
    radiusFromAngle: (theta) => 2 * Math.sin(theta / 2),
    angleFromRadius: (r) => (r < 2 ? 2 * Math.asin(r / 2) : NaN),
  },
  stereographic: {
    name: 'fisheye, stereographic',
    limitRad: Math.PI,
    radiusFromAngle: (theta) => 2 * Math.tan(theta / 2),
    angleFromRadius: (r) => 2 * Math.atan(r / 2),
  },
} as const satisfies Record<string, RadialProjection>;

/** Mappings by the angle off the lens axis alone. */
export type RadialProjectionId = keyof typeof PROJECTIONS;
export const RADIAL_PROJECTION_IDS = Object.keys(PROJECTIONS) as RadialProjectionId[];

/** The whole sphere: longitude across, latitude down, as two-lens cameras deliver it. */
export const WHOLE_SPHERE = 'equirectangular';
export type ProjectionId = RadialProjectionId | typeof WHOLE_SPHERE;
