import { addScaled, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { toRad } from '../../../src/mathematics/units/angle';

/** What a frame and its fork are laid out by, metres and degrees. */
interface FrameFigures {
  readonly wheelRadiusM: number;
  readonly wheelbaseM: number;
  readonly chainstayM: number;
  /** Of the bottom bracket below the axles. */
  readonly bottomBracketDropM: number;
  readonly headAngleDeg: number;
  readonly seatAngleDeg: number;
  readonly forkOffsetM: number;
  readonly axleToCrownM: number;
}

/**
 * Axles, steering axis and fork crown of a bicycle frame; machine frame, bottom bracket over the origin. The steering
 * axis passes `forkOffsetM` behind the front axle, and the crown lies on it `axleToCrownM` from the axle.
 */
export function frameTriangle(figures: FrameFigures) {
  const { wheelRadiusM, wheelbaseM, chainstayM, bottomBracketDropM, forkOffsetM, axleToCrownM } = figures;
  const rearX = -Math.sqrt(chainstayM ** 2 - bottomBracketDropM ** 2);
  const bottomBracket: Vec3 = [0, wheelRadiusM - bottomBracketDropM, 0];
  const rearAxle: Vec3 = [rearX, wheelRadiusM, 0];
  const frontAxle: Vec3 = [rearX + wheelbaseM, wheelRadiusM, 0];
  const head = toRad(figures.headAngleDeg);
  const steerUp: Vec3 = [-Math.cos(head), Math.sin(head), 0];
  const steerAhead: Vec3 = [Math.sin(head), Math.cos(head), 0];
  const foot = addScaled(frontAxle, steerAhead, -forkOffsetM);
  const crown = addScaled(foot, steerUp, Math.sqrt(axleToCrownM ** 2 - forkOffsetM ** 2));
  const seat = toRad(figures.seatAngleDeg);
  const seatUp: Vec3 = [-Math.cos(seat), Math.sin(seat), 0];
  return { bottomBracket, rearAxle, frontAxle, steerUp, steerAhead, crown, seatUp };
}
