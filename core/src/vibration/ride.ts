import { GROUND_WORLDS } from '../../catalog/index.generated';
import { LIGHTS, type LightId } from '../light/lights';
import type { MachineDefinition } from '../rig/definitions';
import type { VenueId } from '../holding/venue';
import type { WorldId } from '../rig/types';
import type { GroundDefinition } from './sources/ground';

/** What a carrier is ridden on or through, and how; stored with the carrier. */
export interface RideConditions {
  readonly groundId: string;
  readonly speedMps: number;
  /** Revolutions of the engine, where it has one; null = as usual. */
  readonly rpm: number | null;
  /** Height of the highest drop or wave that it lands from, metres; 0 = none. */
  readonly dropM: number;
  readonly lightId: LightId;
  /** Strongest gusts against it, m/s. */
  readonly windMps: number;
  readonly altitudeM: number;
  readonly temperatureC: number;
  /** Whose rules count there; none = as such a machine is usually ridden. */
  readonly venueId?: VenueId;
}

export const SPEED_LIMIT_MPS = 120;
export const RPM_RANGE = { low: 300, high: 20000 } as const;
export const DROP_LIMIT_M = 10;
export const WIND_LIMIT_MPS = 50;
export const ALTITUDE_RANGE_M = { low: -400, high: 9000 } as const;
export const TEMPERATURE_RANGE_C = { low: -40, high: 60 } as const;

/** The grounds of one world, smoothest first. */
export const groundsOf = (world: WorldId): readonly GroundDefinition[] =>
  GROUND_WORLDS.find((g) => g.world === world)?.grounds ?? [];

/** Grounds that a carrier can meet: its world's; on land, road and trail are both open to it. */
export const groundsFor = (world: WorldId): readonly GroundDefinition[] =>
  world === 'road' || world === 'trail' ? [...groundsOf('road'), ...groundsOf('trail')] : groundsOf(world);

/** @throws RangeError for a ground that the catalogue lacks */
export function groundById(groundId: string): GroundDefinition {
  const all = GROUND_WORLDS.flatMap((g) => g.grounds);
  const found = all.find((g) => g.id === groundId);
  if (!found)
    throw new RangeError(`groundById: no ground "${groundId}" (there are ${all.map((g) => g.id).join(', ')})`);
  return found;
}

/** The usual ride of a machine, in bright sun. */
export const usualRide = ({
  world,
  usualSpeedMps,
}: Pick<MachineDefinition, 'world' | 'usualSpeedMps'>): RideConditions => ({
  groundId: GROUND_WORLDS.find((g) => g.world === world)!.usualId,
  speedMps: usualSpeedMps,
  rpm: null,
  dropM: 0,
  lightId: LIGHTS[0]!.id,
  windMps: 5,
  altitudeM: world === 'air' ? 1000 : 0,
  temperatureC: 15,
});
