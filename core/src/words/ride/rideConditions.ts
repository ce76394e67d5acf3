import type { LightId } from './lights';
import type { VenueId } from './venue';
import type { WeatherId } from './weather';

/** What a carrier is ridden on or through, and how; stored with the carrier. */
/** Nicked, bent, dirty or iced blades are out of balance: what comes once a turn grows. */
export const BLADES = ['clean', 'nicked'] as const;
export type Blades = (typeof BLADES)[number];

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
  /** What falls and lies on the way; none = dry. */
  readonly weatherId?: WeatherId;
  /** Relative, %; none = as such weather usually has it. */
  readonly humidityPct?: number;
  /** Of the mains that lamps hang on, Hz; none = 50. */
  readonly mainsHz?: 50 | 60;
  /** How the blades of rotors or propeller are; none = clean and balanced. */
  readonly blades?: Blades;
  /** Whose rules count there; none = as such a machine is usually ridden. */
  readonly venueId?: VenueId;
}

export const SPEED_LIMIT_MPS = 120;
export const RPM_RANGE = { low: 300, high: 20000 } as const;
export const DROP_LIMIT_M = 10;
export const WIND_LIMIT_MPS = 50;
export const ALTITUDE_RANGE_M = { low: -400, high: 9000 } as const;
export const TEMPERATURE_RANGE_C = { low: -40, high: 60 } as const;
