import type { Mesh } from '../geometry/mesh';
import type { Pose } from '../geometry/pose';
import type { Vec3 } from '../geometry/vec3';
import type { Posture } from '../body/posture';
import type { BodySegments } from '../body/segments';
import type { MachineShake } from './shake';
import type { MovingPart } from './assembly';
import type { Source } from './source';
import type { Ground, PartGroup, PosedPart, Tone, WorldId } from './types';

export type { Source } from './source';

/** A measure that the rider can fit to their own machine. */
export interface Dimension {
  readonly id: string;
  readonly name: string;
  readonly unit: 'm' | 'deg';
  readonly standard: number;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  readonly source: Source;
}

/** Values for a carrier's dimensions, by id; what is missing takes its standard. */
export type Fit = Readonly<Record<string, number>>;

export interface Stance {
  readonly id: string;
  readonly name: string;
  /** Share of the riding time; the set-up stance has none. */
  readonly share: number;
  /** What the rider does in it, in a few words. */
  readonly note: string;
}

/** Every carrier has this stance: the one in which the level is read. */
export const SET_UP_STANCE_ID = 'set-up';

export type SurfaceMaterial =
  | 'shell'
  | 'plastic'
  | 'alloy tube'
  | 'alloy'
  | 'fabric'
  | 'webbing'
  | 'rail'
  | 'painted metal'
  | 'glass'
  | 'acrylic canopy'
  | 'gelcoat'
  | 'foam core'
  | 'carbon'
  | 'steel tube'
  | 'skin'
  | 'teeth'
  | 'rubber'
  | 'wood'
  | 'rope'
  | 'ground';

export interface Surface {
  readonly material: SurfaceMaterial;
  /** 'flat' takes pads, 'tube' takes clamps, and so on. */
  readonly shape:
    | 'flat'
    | 'curved'
    | 'tube'
    | 'bar'
    | 'edge'
    | 'strap'
    | 'rail'
    | 'harness'
    | 'head'
    | 'mouth'
    | 'line'
    | 'hand'
    | 'ground';
  /** Outer diameter of a tube, metres. */
  readonly tubeDiameterM?: number;
  /** Smallest radius of curvature where it is curved, metres (estimate). */
  readonly curvatureRadiusM?: number;
  /** Even area that is really there, square metres. */
  readonly flatAreaM2?: number;
  /** Wall or skin under it, metres. */
  readonly wallM?: number;
  /** What must not go on it whatever its shape, with the reason. */
  readonly mustNot?: readonly { readonly kind: BaseKind; readonly because: string }[];
}

/** All shapes a surface can have for a base. */
export const SURFACE_SHAPES: readonly Surface['shape'][] = [
  'flat',
  'curved',
  'tube',
  'bar',
  'edge',
  'strap',
  'rail',
  'harness',
  'head',
  'mouth',
  'line',
  'hand',
  'ground',
];

/** Ways in which a base takes hold. */
export const BASE_KINDS = [
  'suction',
  'adhesive',
  'clamp',
  'jaw',
  'strap',
  'harness',
  'bolt',
  'magnet',
  'tape',
  'bite',
  'stand',
  'hand',
] as const;
export type BaseKind = (typeof BASE_KINDS)[number];

/** A mounting point: the first hit of a ray on a part's mesh, so that it lies on the surface whatever the fit. */
export interface Spot {
  readonly id: string;
  readonly name: string;
  readonly partId: string;
  /** Ray in the part's frame that finds the point. */
  readonly aim: { readonly from: Vec3; readonly toward: Vec3 };
  /** Direction in the part's frame from which arms are turned: 0 = along it. */
  readonly reference: Vec3;
  /** Where a camera looks with its joint in the middle notch, part's frame. */
  readonly look: Vec3;
  readonly surface: Surface;
  /** What people should know before choosing it, most important first. */
  readonly cautions: readonly string[];
  readonly note: string;
}

export interface PosedMachine {
  readonly parts: readonly PosedPart[];
  /** The filmer's posture, world frame; null where nobody is on board. */
  readonly posture: Posture | null;
  /** Others on board. */
  readonly crew?: readonly { readonly prefix: string; readonly posture: Posture }[];
  readonly ground: Ground;
  readonly worldFromMachine: Pose;
  /** Stands for the eyes where nobody is on board. */
  readonly viewpoint?: Pose;
}

export const CARRIER_FAMILIES = ['board', 'bike', 'car', 'boat', 'aircraft', 'beside', 'own'] as const;
export type CarrierFamily = (typeof CARRIER_FAMILIES)[number];

/** Something ridden, with the postures in which it is ridden. */
export interface MachineDefinition {
  readonly kind: 'machine';
  readonly id: string;
  readonly name: string;
  readonly world: WorldId;
  /** What kind of carrier it is, for lists. */
  readonly family: CarrierFamily;
  /** Worn by whoever rides it, unless fitted otherwise; empty where nobody is on board. */
  readonly wearing: readonly string[];
  /** Usual speed, metres a second. */
  readonly usualSpeedMps: number;
  /** Parts that move and work, the first of them is aimed at: a wheel, a paddle, a bow. */
  readonly working: readonly string[];
  /** One line on it for lists. */
  readonly note: string;
  /** Beside the course: a subject passes on a line, this far along it in each stance (metres, ahead = the subject's way). */
  readonly passing?: Readonly<Record<string, number>>;
  readonly dimensions: readonly Dimension[];
  readonly stances: readonly Stance[];
  /** Stance in which most of the film happens. */
  readonly actionStanceId: string;
  readonly pose: (fit: Fit, body: BodySegments, stanceId: string) => PosedMachine;
  /** What moves against it and how far. */
  readonly moving: (fit: Fit) => readonly MovingPart[];
  /** Where somebody shut in gets out, machine frame; `opens` is the moving part that is thrown off for it. None = nobody is shut in. */
  readonly waysOut?: readonly { readonly name: string; readonly toward: Vec3; readonly opens?: string }[];
  /** How it is shaken and passes it on. */
  readonly shake: MachineShake;
  readonly spots: (fit: Fit, body: BodySegments) => readonly Spot[];
}

export interface WornPart {
  readonly id: string;
  readonly name: string;
  readonly group: PartGroup;
  readonly tone: Tone;
  readonly mesh: Mesh;
  /** The body part whose frame the mesh is in. */
  readonly on: string;
}

/** Something worn, or the body itself: parts fixed to the rider's parts, with their spots. */
export interface WornDefinition {
  readonly kind: 'worn';
  readonly id: string;
  readonly name: string;
  /** Only one thing is worn on the head at a time. */
  readonly place: 'head' | 'body';
  readonly parts: (body: BodySegments) => readonly WornPart[];
  readonly spots: (body: BodySegments) => readonly Spot[];
}

export type CarrierDefinition = MachineDefinition | WornDefinition;

export const fittedValue = (dimensions: readonly Dimension[], fit: Fit, id: string): number => {
  const dimension = dimensions.find((d) => d.id === id);
  if (!dimension)
    throw new RangeError(`fittedValue: no dimension "${id}" (there are ${dimensions.map((d) => d.id).join(', ')})`);
  return fit[id] ?? dimension.standard;
};
