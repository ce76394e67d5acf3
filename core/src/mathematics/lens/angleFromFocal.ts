import { toDeg } from '../units/angle';
import { PROJECTIONS, type RadialProjectionId } from './projection';

/**
 * Angle of view that a sensor and a focal length give, degrees; null where no lens of this kind shows as much. Both lengths in the same unit, the
 * extent across whatever the angle is to be measured across.
 */
export function angleFromFocal(projection: RadialProjectionId, extent: number, focal: number): number | null {
  if (!(extent > 0 && focal > 0)) return null;
  const half = PROJECTIONS[projection].angleFromRadius(extent / 2 / focal);
  return Number.isFinite(half) ? 2 * toDeg(half) : null;
}
