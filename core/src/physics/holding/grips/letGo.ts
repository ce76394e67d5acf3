import type { Surface } from '../../../words/carrier/surface';
import type { RangeEnd } from '../../../words/sourced/ends';
import type { Grip, SurfaceState } from '../../../words/kit/grip';
import type { SurfaceLoad } from '../loads/loads';

/** One way in which a base can let go. */
export interface HoldLimit {
  readonly mode: string;
  readonly demand: number;
  readonly limit: number;
  readonly unit: 'N' | 'N·m' | 'kPa';
}

export interface GripConditions {
  readonly surface: Surface;
  readonly state: SurfaceState;
  readonly pressurePa: number;
  /** Hours that an adhesive has had under pressure. */
  readonly curedH: number;
  readonly temperatureC: number;
  /** Hours that it stays on. */
  readonly hours: number;
  /** Weight of everything that hangs there, newton: what lasts. */
  readonly weightN: number;
  /** Lever of that weight from the surface, metres. */
  readonly leverM: number;
}

/** What lets go of one kind of grip: load, conditions, and which end of each figure's range counts. */
export type LetsGo<Kind extends Grip['kind']> = (
  grip: Extract<Grip, { kind: Kind }>,
  load: SurfaceLoad,
  conditions: GripConditions,
  pick: RangeEnd,
) => HoldLimit[];
