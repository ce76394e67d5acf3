import type { Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { Posture } from './posture';
import type { BodySegments } from './bodySegments';
import type { MachineShake } from './machineShake';
import type { MovingPart } from './movingPart';
import type { Ground, WorldId } from './land';
import type { PosedPart } from './posedPart';
import type { Dimension, Fit } from './dimension';
import type { Sourced } from '../sourced/source';
import type { Stance } from './stance';
import type { Spot } from './spot';
import type { WornDefinition } from './worn';

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

/** What whoever films does on it, as a verb. */
export const GOES: Readonly<Record<CarrierFamily, string>> = {
  bike: 'ride',
  board: 'ride',
  car: 'drive',
  boat: 'go',
  aircraft: 'fly',
  beside: 'film',
  own: 'go',
};

/** What rules and cautions are told by, beside the family. */
export const MACHINE_TRAITS = [
  'motor',
  'open propeller',
  'hangs from lines',
  'nobody on board',
  'handlebar',
  'ridden standing',
  'steered with the feet',
  'lies on the water',
  'others in the waves',
] as const;
export type MachineTrait = (typeof MACHINE_TRAITS)[number];

/** Something ridden, with the postures in which it is ridden. */
export interface MachineDefinition {
  readonly kind: 'machine';
  readonly id: string;
  readonly name: string;
  readonly world: WorldId;
  /** What kind of carrier it is, for lists. */
  readonly family: CarrierFamily;
  readonly traits?: readonly MachineTrait[];
  /** What a new outing begins with. */
  readonly standard?: true;
  /** Worn by whoever rides it, unless fitted otherwise; empty where nobody is on board. */
  readonly wearing: readonly string[];
  /** Ridden barefoot: nothing goes on a boot that is not there. */
  readonly barefoot?: true;
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
  /** What it is heard by: dB(A) at a metre from the middle of a part, and inside, where somebody is shut in. */
  readonly noise?: {
    readonly name: string;
    readonly partId: string;
    readonly db1m: Sourced;
    readonly insideDb?: Sourced;
  };
  /** What drag is set against: the legs or arms that drive it, watts for an hour, or how it glides. */
  readonly drivenBy?:
    | { readonly kind: 'muscle'; readonly watts: Sourced }
    | { readonly kind: 'glide'; readonly ratio: Sourced; readonly massKg: Sourced };
  /** How it is shaken and passes it on. */
  readonly shake: MachineShake;
  readonly spots: (fit: Fit, body: BodySegments) => readonly Spot[];
}

export type CarrierDefinition = MachineDefinition | WornDefinition;
