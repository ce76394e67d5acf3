import type { LensMode } from '../lens/lens';
import type { Mesh } from '../geometry/mesh';
import type { Vec3 } from '../geometry/vec3';
import type { Grip } from '../holding/grip';
import type { BaseKind, Surface, SurfaceMaterial } from '../rig/definitions';
import type { Source, Sourced } from '../rig/source';

export interface StabiliserLevel {
  readonly id: string;
  readonly name: string;
  /** Linear share of the picture that is left. */
  readonly crop: Sourced;
  /** What it does against shaking; none = nothing. */
  readonly steadies?: Steadying;
}

/** How a stabiliser works: by turning the picture afterwards, or by moving lens or sensor while the light falls. */
export interface Steadying {
  readonly kind: 'picture' | 'optics' | 'sphere';
  /** Share of a movement's amplitude that is left between the two frequencies. */
  readonly left: Sourced;
  /** Slower movement is taken for camera work and followed; faster movement is beyond it. */
  readonly fromHz: number;
  readonly toHz: number;
  /** What it makes of movement faster than that: 1 = passes it, more = rattles with it. */
  readonly beyond: Sourced;
  /** How far it can go each way, degrees; none = what the crop leaves. */
  readonly reachDeg?: Sourced;
}

/** What it costs to get, in words: nobody's price list. */
export const COST_CLASSES = ['a few coins', 'a meal', 'a day out', 'a weekend', 'a holiday'] as const;
export type CostClass = (typeof COST_CLASSES)[number];

/** Angles that a powered gimbal can take up against its handle, degrees. */
export interface GimbalRange {
  readonly pan: readonly [number, number];
  readonly tilt: readonly [number, number];
  readonly roll: readonly [number, number];
  readonly source: Source;
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
  readonly closestFocusM: Sourced;
  readonly batteryWh: Sourced;
  /** What rain, spray and a dip do to it, in words. */
  readonly weather: string;
  /** Whether it can be fed while it records, in words. */
  readonly port: string;
  readonly cost: CostClass;
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
export type CameraMounting = 'upright' | 'inverted' | 'portrait-left' | 'portrait-right';

/** Turn of the body about the lens axis, degrees, positive lowers its right side. */
export const MOUNTING_TURN_DEG: Readonly<Record<CameraMounting, number>> = {
  upright: 0,
  inverted: 180,
  'portrait-left': -90,
  'portrait-right': 90,
};

/** What a base can stand on; see baseRefusal for the words when it cannot. */
export interface BaseFits {
  readonly shapes: readonly Surface['shape'][];
  /** Diameters that it closes on with its shims, metres. */
  readonly tubeM?: { readonly low: number; readonly high: number };
  /** Smallest radius of curvature and even area that it needs, metres and square metres. */
  readonly leastRadiusM?: number;
  readonly leastAreaM2?: number;
  /** Why it goes nowhere: in the list so that whoever has it reads the reason. */
  readonly never?: string;
  /** Materials it does not hold on or harms, with the reason. */
  readonly notOn?: Partial<Readonly<Record<SurfaceMaterial, string>>>;
}

export interface BaseDefinition {
  readonly id: string;
  readonly name: string;
  readonly kind: BaseKind;
  /** Kinds of surface for which it is the first choice. */
  readonly madeFor: readonly Surface['shape'][];
  readonly fits: BaseFits;
  /** Surface to the middle of its joint, along the normal, metres. */
  readonly heightM: Sourced;
  readonly massKg: Sourced;
  /** Against bending over, on a surface that does not give; newton metres per radian. */
  readonly stiffnessNmRad: Sourced;
  /** What it holds on with. */
  readonly grip: Grip;
  readonly cost: CostClass;
  /** Spot frame: +y along the normal, +x along the spot's reference. */
  readonly mesh: (surface: Surface) => Mesh;
}

export interface LinkDefinition {
  readonly id: string;
  readonly name: string;
  readonly kind: 'riser' | 'arm' | 'hook' | 'goose neck' | 'pole' | 'damper' | 'pad';
  readonly lengthM: { readonly low: number; readonly high: number; readonly source: Source };
  readonly massKg: Sourced;
  /** How far it can be bent away from the surface's normal, degrees either way; 0 for a riser. */
  readonly bendLimitDeg: number;
  readonly radiusM: number;
  /** Tip stiffness across it at its shortest length, newton per metre; of a damper or pad, its shear stiffness as pressed. */
  readonly stiffnessNM: Sourced;
  /** Of a damper: how far below the camera's middle its rubbers take hold, as a share of the whole distance; none = all of it. */
  readonly leverShare?: Sourced;
  /** Bending moment at which it gives way for good: a goose neck droops. */
  readonly droopNm?: Sourced;
  /** Of a pole: what its drawn-tight section bears before it turns in its lock, or slides in. */
  readonly lock?: { readonly turnsNm: Sourced; readonly slidesN: Sourced };
  readonly cost: CostClass;
}

export interface HeadDefinition {
  readonly id: string;
  readonly name: string;
  /** Degrees from one holding position to the next; 0 = holds anywhere. */
  readonly notchDeg: Sourced;
  /** Whether the joint can roll and pan the camera by itself. */
  readonly turns: { readonly pan: boolean; readonly roll: boolean };
  readonly massKg: Sourced;
  readonly stiffnessNmRad: Sourced;
  /** Turning moment at which it slips, drawn tight by hand. */
  readonly slipNm: Sourced;
  readonly cost: CostClass;
}
