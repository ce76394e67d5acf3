import type { LensMode } from '../../mathematics/lens/lens';
import type { Mesh } from '../../mathematics/geometry/mesh';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { Source, Sourced } from '../sourced/source';
import type { CostClass } from './cost';
import type { CameraLasting } from './cameraLasting';
import type { HousingFigures } from './addOn';
import type { FilterFitting } from './filter';
import type { Metering } from './metering';
import type { StabiliserLevel } from './stabiliser';

/** Angles that a powered gimbal can take up against its handle, degrees. */
export interface GimbalRange {
  readonly pan: readonly [number, number];
  readonly tilt: readonly [number, number];
  readonly roll: readonly [number, number];
  readonly source: Source;
  /** Air past it up to which its motors hold the lens, m/s; beyond it they give way. */
  readonly airMps: Sourced;
}

/** Two lenses back to back: a zone around the plane between them where near things are blurred or missing. */
export interface StitchFigures {
  /** Distance between the lenses' entrance pupils, metres. */
  readonly pupilsM: Sourced;
  /** Half width of the zone for things far away, degrees. */
  readonly blendDeg: Sourced;
}

export interface CameraMode {
  readonly id: string;
  readonly name: string;
  readonly lens: Omit<LensMode, 'crop'>;
  /** Where the angle of view and the projection come from. */
  readonly lensSource: Source;
  readonly framesPerSecond: number;
  /** Stills at intervals, each exposed as long as its turn lasts at most: put together they are the film. */
  readonly stills?: true;
  /** First line to last, seconds. */
  readonly readoutS: Sourced;
  readonly bitrateMbps: Sourced;
  readonly powerW: Sourced;
}

export interface CameraDefinition {
  readonly id: string;
  readonly name: string;
  /** Depth (along the lens), height, width; metres. */
  readonly bodyM: readonly [number, number, number];
  readonly bodySource: Source;
  /** Middle of the front glass from the mounting point under the body, camera frame. */
  readonly lensFromMountM: Vec3;
  readonly massKg: Sourced;
  /** Points at which an arm can be screwed to it or its cage; none = the one under it. */
  readonly screwPoints?: number;
  /** Held by a screw thread: an adapter to the fingers of a joint stands under it, with a play of its own. */
  readonly screwMounted?: true;
  readonly closestFocusM: Sourced;
  /** Sharp up to so far and no farther: with a close-up lens before it; none = to the horizon. */
  readonly sharpToM?: number;
  /** Held by jaws: pulled out of them at so many newtons; none = by a screw or fingers. */
  readonly cradleN?: Sourced;
  /** Keeps light off its glass that comes from farther outside the picture than this, degrees: a hood; none = nothing does. */
  readonly shadesFromDeg?: number;
  /** The shut case that it is in. */
  readonly housing?: HousingFigures;
  readonly batteryWh: Sourced;
  /** Opening of its lens, f-number; the widest where it can be changed. */
  readonly apertureN: Sourced;
  /** Smallest opening that it can be stopped down to, f-number; none = it stays as it is. */
  readonly apertureToN?: number;
  /** Shortest exposure of its shutter, seconds. */
  readonly shortestS: Sourced;
  /** Most gain that it takes, ISO; less light than that makes a dark picture. */
  readonly mostIso: Sourced;
  /** Gain from which its picture is poor, ISO. */
  readonly poorIso: Sourced;
  /** What its automatic exposure looks at. */
  readonly metering: Metering;
  /** What filters sit on its lens by; empty = none fits. */
  readonly filterFittings: readonly FilterFitting[];
  /** What rain, spray and a dip do to it, in words. */
  readonly weather: string;
  /** Whether it can be fed while it records, in words. */
  readonly port: string;
  readonly lasting: CameraLasting;
  readonly cost: CostClass;
  /** What most people have: a new shot begins with it. */
  readonly standard?: true;
  readonly gimbal?: GimbalRange;
  readonly stitch?: StitchFigures;
  readonly modes: readonly CameraMode[];
  readonly stabilisers: readonly StabiliserLevel[];
  /** Can be turned for an upright picture or hung upside down and still record the right way up. */
  readonly mounting: readonly CameraMounting[];
  /** Body in the camera frame with the mounting point at the origin. */
  readonly mesh: () => { readonly body: Mesh; readonly glass: Mesh };
}

/** How the body sits on its mount; the recorded picture is always the right way up. */
export const CAMERA_MOUNTINGS = ['upright', 'inverted', 'portrait-left', 'portrait-right'] as const;
export type CameraMounting = (typeof CAMERA_MOUNTINGS)[number];

/** Turn of the body about the lens axis, degrees, positive lowers its right side. */
export const MOUNTING_TURN_DEG: Readonly<Record<CameraMounting, number>> = {
  upright: 0,
  inverted: 180,
  'portrait-left': -90,
  'portrait-right': 90,
};
