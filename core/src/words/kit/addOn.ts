import type { Sourced } from '../sourced/source';
import type { CostClass } from './cost';
import type { FilterFitting } from './filter';

/** Where it sits on a camera: one of each at a time. */
export const ADD_ON_PLACES = ['round the body', 'before the lens'] as const;
export type AddOnPlace = (typeof ADD_ON_PLACES)[number];

/** A shut case of clear plastic round a camera. */
export interface HousingFigures {
  /** From the camera to the outside, on every side, metres. */
  readonly wallM: Sourced;
  /** What wall and air gap set against heat on its way out, m²·K/W. */
  readonly insulatesM2KW: Sourced;
  /** What it keeps from the microphone of all that comes through the air, dB. */
  readonly mufflesDb: Sourced;
}

/** Glass screwed or clipped before a lens. */
export interface LensAddOnFigures {
  /** Refractive power, dioptres: 0 = none. */
  readonly dioptres: number;
  /** What is left of the focal length: below 1 it looks wider. */
  readonly shortens: number;
}

/** What goes on a camera besides filters; each has the figures of what it is. */
export interface AddOnDefinition {
  readonly id: string;
  readonly name: string;
  /** With it a camera is called so: "in a clear housing". */
  readonly worn: string;
  readonly place: AddOnPlace;
  readonly massKg: Sourced;
  readonly cost: CostClass;
  /** Before a lens: what it sits on the lens by. */
  readonly fittings?: readonly FilterFitting[];
  /** Round a body: the longest side of a body that it is made for, metres. */
  readonly upToM?: number;
  /** Before a lens: half its width and how far it stands out, metres. */
  readonly tube?: { readonly radiusM: number; readonly reachM: number };
  readonly housing?: HousingFigures;
  readonly lens?: LensAddOnFigures;
  /** Keeps light off the glass that comes from farther outside the picture than this, degrees. */
  readonly shadesFromDeg?: Sourced;
  /** Jaws that a screw draws on: pulled out at so many newtons. */
  readonly cradleN?: Sourced;
}
