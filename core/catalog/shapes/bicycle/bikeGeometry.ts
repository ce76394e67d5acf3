import type { Vec3 } from '../../../src/mathematics/geometry/vec3';

/** Points of the bike standing level, in the machine frame: origin on the ground under the bottom bracket. Metres. */
export interface BikeGeometry {
  readonly wheelRadiusM: number;
  readonly tyreWidthM: number;
  readonly beadSeatRadiusM: number;
  readonly bottomBracket: Vec3;
  readonly rearAxle: Vec3;
  readonly frontAxle: Vec3;
  /** Unit vector up along the steering axis, and the one ahead at right angles to it. */
  readonly steerUp: Vec3;
  readonly steerAhead: Vec3;
  readonly headTubeBottom: Vec3;
  readonly headTubeTop: Vec3;
  readonly stemBase: Vec3;
  readonly barCentre: Vec3;
  readonly seatTubeTop: Vec3;
  readonly seatUp: Vec3;
  readonly saddleTop: Vec3;
  readonly crankM: number;
  readonly barHalfM: number;
  readonly barRiseM: number;
}
