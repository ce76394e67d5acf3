import type { FovAcross } from '../../mathematics/lens/lens';
import type { RadialProjectionId } from '../../mathematics/lens/projection';
import type { BaseKind, Surface } from '../carrier/surface';

/** A camera of the user's own: what its manual prints and a ruler and scales give. */
export interface OwnCamera {
  readonly id: string;
  readonly name: string;
  readonly projection: RadialProjectionId;
  readonly fovDeg: number;
  readonly fovAcross: FovAcross;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly framesPerSecond: number;
  readonly depthM: number;
  readonly heightM: number;
  readonly widthM: number;
  readonly massKg: number;
  readonly closestFocusM: number;
}

export interface OwnLink {
  readonly id: string;
  readonly name: string;
  readonly lowM: number;
  readonly highM: number;
  readonly thicknessM: number;
  readonly massKg: number;
}

export interface OwnBase {
  readonly id: string;
  readonly name: string;
  readonly kind: BaseKind;
  readonly shapes: readonly Surface['shape'][];
  readonly tubeLowM: number;
  readonly tubeHighM: number;
  readonly heightM: number;
  readonly massKg: number;
}

/** What the user added to the kit; ids begin with "own-". */
export interface OwnKit {
  readonly cameras: readonly OwnCamera[];
  readonly links: readonly OwnLink[];
  readonly bases: readonly OwnBase[];
}

export const NO_OWN_KIT: OwnKit = { cameras: [], links: [], bases: [] };
