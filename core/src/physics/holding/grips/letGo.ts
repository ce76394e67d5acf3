import type { Surface } from '../../../words/carrier/surface';
import type { RangeEnd } from '../../../words/sourced/ends';
import type { Grip, SurfaceState } from '../../../words/kit/grip';
import type { SurfaceLoad } from '../loads/loads';

/** One way in which a base can let go. */
export interface HoldLimit {
  readonly mode: string;
  readonly demand: number;
  readonly limit: number;
  readonly unit: 'N' | 'N·m' | 'kPa' | 'N/mm';
}

export interface GripConditions {
  readonly surface: Surface;
  readonly state: SurfaceState;
  /** Of the air in the ride. */
  readonly pressurePa: number;
  readonly temperatureC: number;
  /** Of the air when the base was pressed on. */
  readonly putOn: { readonly pressurePa: number; readonly temperatureC: number };
  /** Hours from pressing it on to the ride. */
  readonly curedH: number;
  /** Hours that it stays on in the ride. */
  readonly hours: number;
  /** How far the first link lies along the tube: 1 = along it, 0 = across or nothing is known of it. */
  readonly alongTube: number;
  /** Direction of the tube in the spot's own plane, ahead and aside; none = not known. */
  readonly tubeAxis?: { readonly ahead: number; readonly aside: number };
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
