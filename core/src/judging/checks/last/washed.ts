import { waterOn } from '../../../physics/holding/loads/dips';
import type { Dirt } from '../../../physics/lasting/onTheGlass';
import type { ShotScene } from '../../scene/shotScene';

/** Minutes from one wave that goes over a lens to the next: what dips does so all the time, and surfers go out through the waves again and again. Estimates 1 to 6 and 4 to 15. */
const WASHED_MIN = { dipping: 3, through: 8 } as const;

/** Waves that go over a lens, after which drops stay on it; null where it keeps above them. */
export function washed({ question: { rig }, resolved, ride, machine }: ShotScene): Dirt | null {
  const water = waterOn(rig, resolved, ride);
  if (!water) return null;
  const through = machine.traits?.includes('others in the waves') === true;
  if (water.clearM >= 0 && !through) return null;
  const minutes = water.clearM < 0 ? WASHED_MIN.dipping : WASHED_MIN.through;
  return { from: 'drops after each wave that goes over it', kind: 'wash', perMinute: 1 / minutes };
}
